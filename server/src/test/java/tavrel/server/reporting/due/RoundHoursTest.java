package tavrel.server.reporting.due;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** The day of a round whose hours go is told of, with the next that has some. */
class RoundHoursTest extends Yard {

  @Test
  void a_day_that_weather_takes_is_said_and_one_that_nobody_tells_of_is_not() {
    agreed(today);
    assertThat(gone()).as("nobody tells of the day: it may do").isEmpty();

    foretell(today, 30);
    assertThat(gone()).as("a storm all day").isPresent();
    assertThat(gone().orElseThrow().path("lost").path("mostly").asText()).isEqualTo("STORM");
    assertThat(gone().orElseThrow().path("day").asText()).isEqualTo(today.toString());

    Map<String, Object> mild =
        Map.of("celsius", 8, "wind", "LIGHT", "windFrom", 270, "rain", false);
    send(
        crew, HttpMethod.PUT, "/api/apiaries/" + apiaryId + "/readings/" + UUID.randomUUID(), mild);
    assertThat(gone()).as("a quiet hour now does not make the day").isPresent();

    foretell(today, 2);
    assertThat(gone()).as("the storm stays away after all").isEmpty();
  }

  @Test
  void the_next_day_with_hours_is_named() {
    agreed(today.plusDays(1));
    foretell(today.plusDays(1), 30);
    foretell(today.plusDays(2), 30);
    foretell(today.plusDays(3), 2);
    assertThat(gone().orElseThrow().path("lost").path("next").asText())
        .isEqualTo(today.plusDays(3).toString());
  }

  private Optional<JsonNode> gone() {
    JsonNode tasks = get(reader, "/api/today").json().path("dueTasks");
    return StreamSupport.stream(tasks.spliterator(), false)
        .filter(task -> task.path("apiaryId").asText().equals(apiaryId))
        .filter(task -> task.path("kind").asText().equals("HOURS_GONE"))
        .findFirst();
  }

  private void agreed(LocalDate day) {
    Map<String, Object> body =
        AdoptedSeries.of(apiaryId, hives.get(0), List.of(day), today.plusDays(45));
    assertThat(send(keeper, HttpMethod.PUT, "/api/series/" + UUID.randomUUID(), body).status())
        .isEqualTo(200);
  }

  /** Mild and dry; what else there is, is wind. */
  private void foretell(LocalDate day, double windMs) {
    Map<String, Object> figures = new HashMap<>();
    figures.put("day", day);
    figures.put("low", 6);
    figures.put("high", 10);
    figures.put("windMs", windMs);
    figures.put("rainMm", 0);
    figures.put("thunderOrIce", false);
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/apiaries/" + apiaryId + "/own-forecasts/" + UUID.randomUUID(),
                    figures)
                .status())
        .isEqualTo(204);
  }
}
