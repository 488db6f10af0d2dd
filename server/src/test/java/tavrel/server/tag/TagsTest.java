package tavrel.server.tag;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** Tags are printed, last through renames and moves, and lead a phone to the hive. */
class TagsTest extends Yard {

  private static final int DOTS = 6;

  @Autowired private Tags tags;

  @Test
  void a_tag_is_not_printed_while_no_phone_could_follow_it() {
    assertThat(host("http://localhost:8484").text()).contains("onlyThisMachine");
    assertThat(host("tavrel").text()).contains("noWebAddress");
    assertThat(host("https://tavrel.lan/hives").text()).contains("noWebAddress");
    assertThat(host("https://tavrel.lan:8443/").json().path("host").asText())
        .isEqualTo("https://tavrel.lan:8443");
    assertThat(send(crew, HttpMethod.PUT, "/api/tag-host", Map.of("host", "x")).status())
        .isEqualTo(403);
    assertThat(get(reader, "/api/tag-host").json().path("host").asText()).contains("tavrel.lan");
  }

  @Test
  void a_code_lasts_when_its_hive_is_renamed_moves_and_the_server_has_another_address() {
    host("https://tavrel.lan:8443");
    UUID hive = UUID.fromString(hives.get(1));
    Tags.Tag first = tags.of(UUID.fromString(apiaryId), List.of(hive)).get(0);
    String code = first.address().replaceAll(".*/t/", "");
    Map<String, Object> rename =
        Map.of(
            "hiveIds",
            List.of(hives.get(1)),
            "day",
            today.toString(),
            "kind",
            "RENAMED",
            "name",
            "Q2b");
    send(keeper, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), rename);
    host("http://10.0.0.7:8484");
    Tags.Tag second = tags.of(UUID.fromString(apiaryId), List.of(hive)).get(0);
    assertThat(second.name()).isEqualTo("Q2b");
    assertThat(second.address()).isEqualTo("http://10.0.0.7:8484/t/" + code);
    String asTyped = code.toLowerCase(Locale.ROOT);
    assertThat(get(reader, "/api/tags/" + asTyped).json().path("hiveId").asText())
        .isEqualTo(hives.get(1));
    assertThat(get(reader, "/api/tags/NOSUCH1").status()).isEqualTo(404);
    assertThat(get(reader, "/api/apiaries/" + apiaryId + "/tags.csv?hives=" + hive).text())
        .isEqualTo("hive,apiary,address\nQ2b," + yard + "," + second.address() + "\n");
  }

  @ParameterizedTest
  @EnumSource
  void twenty_four_stand_on_a_page(TagPdf.Size size) throws IOException {
    List<Tags.Tag> many =
        IntStream.rangeClosed(1, 25)
            .mapToObj(i -> new Tags.Tag("N" + i, "Ness Field", "https://tavrel.lan/t/ABCDEF" + i))
            .toList();
    try (PdfReader sheet = new PdfReader(TagPdf.write(many, size))) {
      assertThat(sheet.getNumberOfPages()).isEqualTo(2);
      assertThat(new PdfTextExtractor(sheet).getTextFromPage(1)).contains("N1", "N24", "Ness");
      assertThat(new PdfTextExtractor(sheet).getTextFromPage(2)).contains("N25");
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"https://tavrel.lan:8443/t/K7Q2MNP", "http://192.168.100.200:8484/t/ZZZZZZZ"})
  void a_phone_reads_the_address_from_the_squares(String address) throws Exception {
    BitMatrix squares = TagPdf.squares(address);
    int side = squares.getWidth() * DOTS;
    int[] dots = new int[side * side];
    Arrays.setAll(
        dots, i -> squares.get(i % side / DOTS, i / side / DOTS) ? 0xFF000000 : 0xFFFFFFFF);
    assertThat(
            new QRCodeReader()
                .decode(
                    new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, dots))))
                .getText())
        .isEqualTo(address);
  }

  private Answer host(String host) {
    return send(keeper, HttpMethod.PUT, "/api/tag-host", Map.of("host", host));
  }
}
