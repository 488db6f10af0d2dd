package tavrel.server.reporting.due;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** The lines of one yard and of one hive are those of Today, and no others. */
class DueHereTest extends Yard {

  @Test
  void a_hive_and_its_yard_have_their_share_of_the_list() {
    send(
        keeper,
        HttpMethod.PUT,
        "/api/series/" + UUID.randomUUID(),
        AdoptedSeries.of(apiaryId, hives.get(0), List.of(today), today.plusDays(45)));

    assertThat(lines("apiaryId", apiaryId)).isEqualTo(linesOfToday()).isNotEmpty();
    assertThat(lines("hiveId", hives.get(0)))
        .as("its round is its own line, the yard's monthly count is not")
        .anyMatch(line -> line.startsWith("ROUND_DUE"))
        .noneMatch(line -> line.startsWith("COUNT_DUE"));
    assertThat(lines("hiveId", hives.get(1))).noneMatch(line -> line.startsWith("ROUND_DUE"));
    assertThat(lines("apiaryId", UUID.randomUUID().toString())).isEmpty();
  }

  private List<String> lines(String parameter, String id) {
    JsonNode here = get(reader, "/api/due?" + parameter + "=" + id).json();
    assertThat(here.path("reckoning").asBoolean()).isFalse();
    return keys(here.path("dueTasks"));
  }

  private List<String> linesOfToday() {
    return keys(get(reader, "/api/today").json().path("dueTasks"));
  }

  private List<String> keys(JsonNode tasks) {
    return StreamSupport.stream(tasks.spliterator(), false)
        .filter(task -> task.path("apiaryId").asText().equals(apiaryId))
        .map(task -> task.path("line").asText())
        .toList();
  }
}
