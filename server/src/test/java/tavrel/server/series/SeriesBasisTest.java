package tavrel.server.series;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.http.converter.json.Jackson2ObjectMapperBuilder;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.CurveChoice;
import tavrel.server.spacing.SpacingQuestion;

class SeriesBasisTest {

  private static final SpacingQuestion QUESTION =
      new SpacingQuestion(
          new ColonyLoad(9, 300, 0.7, 14, 5, 0.1),
          1,
          null,
          CurveChoice.FIELD,
          null,
          LocalDate.of(2026, 10, 15),
          1);

  private final ObjectMapper json = Jackson2ObjectMapperBuilder.json().build();
  private final SeriesBasis kept = new SeriesBasis(json);

  @Test
  void a_row_carries_its_version_and_is_read_again() {
    String row = kept.write(QUESTION);
    assertThat(row).contains("\"version\":2");
    assertThat(kept.read(row)).contains(QUESTION);
  }

  @Test
  void a_row_from_before_versions_is_read() throws Exception {
    assertThat(kept.read(json.writeValueAsString(QUESTION))).contains(QUESTION);
  }

  @Test
  void figures_that_cannot_be_any_more_leave_the_series_without_an_estimate() {
    String row = kept.write(QUESTION);
    assertThat(kept.read(row.replace("\"gramsPerBox\":1.0", "\"gramsPerBox\":99.0"))).isEmpty();
    assertThat(kept.read("{")).isEmpty();
    assertThat(kept.read(null)).isEmpty();
  }
}
