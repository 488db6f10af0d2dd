package tavrel.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.people.OwnWords;
import tavrel.server.run.RoundFixture;

/** Printed sheets in a made-up language that marks its texts: nothing on them is said out of it. */
class MarkedPapersTest extends RoundFixture {

  /** Units, months and what the outfit itself calls its things. */
  private static final List<String> NO_WORDS =
      List.of(
          "g", "min", "s", "h", "m", "deep", "nucleus", "Bowl", "Tavrel", "Jan", "Feb", "Mar",
          "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec");

  @MockitoBean private OwnWords words;

  @BeforeEach
  void everybody_reads_the_made_up_language() {
    when(words.of(any(), any())).thenReturn(MarkedWords.wording());
  }

  @Test
  void a_dose_sheet_says_everything_out_of_the_catalogue() throws Exception {
    assertThat(unmarked("/api/rounds/" + planned() + "/sheet.pdf")).isEmpty();
  }

  @Test
  void a_register_says_everything_out_of_the_catalogue() throws Exception {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    Map<String, Object> byHand = new HashMap<>();
    byHand.put("id", UUID.randomUUID().toString());
    byHand.put("hiveIds", List.of(hives.get(1)));
    byHand.put("day", begin.toString().substring(0, 10));
    byHand.put("means", "FORMIC");
    send(keeper, HttpMethod.POST, "/api/register", byHand);
    assertThat(unmarked("/api/register/treatments.pdf?apiaryId=" + apiaryId)).isEmpty();
  }

  @Test
  void a_hives_sheet_says_everything_out_of_the_catalogue() throws Exception {
    treat(planned(), hives.get(0), -700);
    assertThat(unmarked("/api/hives/" + hives.get(0) + "/sheet.pdf")).isEmpty();
  }

  /** Words that stand outside of the marks and are no names. */
  private List<String> unmarked(String path) throws Exception {
    MvcResult answer = mvc.perform(MockMvcRequestBuilders.get(path).with(as(keeper))).andReturn();
    if (answer.getRequest().isAsyncStarted()) {
      answer = mvc.perform(MockMvcRequestBuilders.asyncDispatch(answer)).andReturn();
    }
    StringBuilder text = new StringBuilder();
    try (PdfReader reader = new PdfReader(answer.getResponse().getContentAsByteArray())) {
      PdfTextExtractor pages = new PdfTextExtractor(reader);
      for (int page = 1; page <= reader.getNumberOfPages(); page++) {
        text.append(pages.getTextFromPage(page)).append(' ');
      }
    }
    assertThat(text.toString()).contains("«");
    String outside = MarkedWords.outside(text.toString());
    return Arrays.stream(outside.split("[^A-Za-z]+"))
        .filter(word -> word.length() > 2 && !NO_WORDS.contains(word) && !isName(word))
        .distinct()
        .toList();
  }

  /** Names of people, yards and keys of the test. */
  private boolean isName(String word) {
    String yard =
        get(keeper, "/api/apiaries/" + apiaryId).json().path("apiary").path("name").asText();
    return (yard + keeper.name() + crew.name()).contains(word);
  }
}
