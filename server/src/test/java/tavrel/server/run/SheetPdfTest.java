package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.server.Yard;

/** The dose sheet on paper, read back from the PDF that a keeper prints. */
class SheetPdfTest extends Yard {

  @Test
  void a_yard_of_24_hives_fits_one_page_with_all_that_is_needed_there() {
    List<String> pages = pages(standing(24, "Łąka"));
    assertThat(pages).hasSize(1);
    assertThat(pages.get(0))
        .contains("Łąka 1", "Łąka 24", "24 loads to fill", "48.00 g product")
        .contains("Each load", "2.0 g", "tray in, or a solid board", "Of every hive: dose a box")
        .contains("2 g a box, supers off", "none off the label")
        .contains("caution", "cloths for entrances", "extinguisher")
        .contains("Stand upwind", "rinse eyes 15 minutes", "estimates here are estimates");
  }

  @Test
  void a_long_row_repeats_its_head_on_every_page_and_loses_no_hive() {
    List<String> pages = pages(standing(120, "Row"));
    assertThat(pages).hasSizeGreaterThan(1);
    assertThat(String.join("\n", pages)).contains("Row 1", "Row 77", "Row 120");
    for (String page : pages.subList(0, pages.size() - 1)) {
      assertThat(page).contains("Each load");
    }
  }

  @Test
  void an_off_label_dose_is_marked_on_paper_with_its_reason() {
    String text = String.join(" ", pages(standing(2, "Q"), 3, "vet's word of 12 May"));
    assertThat(text.replaceAll("\\s+", " "))
        .contains("2 NOT ON LABEL", "vet's word of 12 May", "0.99 g over");
  }

  private String standing(int count, String name) {
    String place = "Paper " + UUID.randomUUID();
    String csv =
        IntStream.rangeClosed(1, count)
            .mapToObj(i -> "%s,%s %d,%d,deep 10,bare mesh".formatted(place, name, i, i))
            .reduce("apiary,hive,position,brood boxes,floor", (all, row) -> all + "\n" + row);
    upload(keeper, "/api/roster/import?zone=UTC", csv.getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(place)) {
        return each.path("apiary").path("id").asText();
      }
    }
    throw new AssertionError("the roster was not taken");
  }

  private List<String> pages(String apiary) {
    return pages(apiary, 2, null);
  }

  private List<String> pages(String apiary, double grams, String reason) {
    Map<String, Object> settings = new HashMap<>(settings());
    settings.put("amount", Map.of("grams", grams, "per", "BOX", "of", "ACID_DIHYDRATE"));
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("apiaryId", apiary);
    wanted.put("ruleSheetId", ExampleSheets.all().get(1).id().toString());
    wanted.put("settings", settings);
    wanted.put("tool", "Bowl");
    wanted.put("offLabelReason", reason);
    String round = UUID.randomUUID().toString();
    Answer planned = send(keeper, HttpMethod.PUT, "/api/rounds/" + round, wanted);
    assertThat(planned.status()).as(planned.text()).isEqualTo(200);
    try {
      byte[] pdf =
          mvc.perform(
                  MockMvcRequestBuilders.get("/api/rounds/" + round + "/sheet.pdf").with(as(crew)))
              .andReturn()
              .getResponse()
              .getContentAsByteArray();
      PdfReader reader = new PdfReader(pdf);
      PdfTextExtractor text = new PdfTextExtractor(reader);
      List<String> pages = new ArrayList<>();
      for (int page = 1; page <= reader.getNumberOfPages(); page++) {
        pages.add(text.getTextFromPage(page));
      }
      return pages;
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }
}
