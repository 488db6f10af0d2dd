package tavrel.server.reporting.register;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

class InHivesTest extends Yard {

  private static final String TAKEN_OUT = "/api/register/taken-out";

  @Test
  void strips_are_due_by_their_day_until_the_crew_has_taken_them_out() {
    put("STRIPS", today.minusDays(40), today.plusDays(2), hives);
    assertThat(named()).containsExactlyInAnyOrder("Q1", "Q2", "Q3", "Q4");
    List<String> lines = still().findValuesAsText("treatmentId");
    assertThat(taken(lines.subList(0, 1), today.minusDays(1)).status()).isEqualTo(200);
    assertThat(named()).hasSize(lines.size() - 1);
    assertThat(taken(lines, today).status()).as("the first again, and the rest").isEqualTo(200);
    assertThat(named()).isEmpty();
    assertThat(still()).isEmpty();
    assertThat(
            get(reader, "/api/register?apiaryId=" + apiaryId)
                .json()
                .path("lines")
                .findValuesAsText("outOn"))
        .containsExactlyInAnyOrder(
            today.minusDays(1).toString(), today.toString(), today.toString(), today.toString());
  }

  @Test
  void what_may_stay_for_longer_is_not_named_yet() {
    put("THYMOL", today.minusDays(2), today.plusDays(10), hives);
    assertThat(still()).hasSize(hives.size());
    assertThat(named()).isEmpty();
  }

  @Test
  void nothing_is_taken_out_of_a_hive_that_is_no_more() {
    put("STRIPS", today.minusDays(40), today, hives.subList(0, 1));
    Map<String, Object> end = new HashMap<>();
    end.put("kind", "ENDED");
    end.put("day", today.toString());
    end.put("hiveIds", hives.subList(0, 1));
    end.put("endKind", "DIED");
    assertThat(send(keeper, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), end).status())
        .isEqualTo(200);
    assertThat(still()).isEmpty();
  }

  @Test
  void a_day_that_cannot_be_is_said_at_its_field_and_changes_nothing() {
    assertThat(given("STRIPS", today, today, hives).text()).contains("\"field\":\"outBy\"");
    assertThat(given("STRIPS", today, today.plusDays(400), hives).text()).contains("180 days");
    assertThat(given("LACTIC", today, today.plusDays(9), hives).text())
        .contains("for what stays in a hive");
    put("STRIPS", today.minusDays(3), today.plusDays(1), hives);
    List<String> lines = still().findValuesAsText("treatmentId");
    assertThat(taken(lines, today.plusDays(1)).text()).contains("\"field\":\"outOn\"", "future");
    assertThat(taken(lines, today.minusDays(4)).text()).contains("before it was in");
    assertThat(taken(List.of(UUID.randomUUID().toString()), today).status()).isEqualTo(404);
    assertThat(still()).hasSize(hives.size());
    assertThat(send(reader, HttpMethod.PUT, TAKEN_OUT, out(lines, today)).status()).isEqualTo(403);
  }

  private void put(String means, LocalDate day, LocalDate outBy, List<String> in) {
    Answer answer = given(means, day, outBy, in);
    assertThat(answer.status()).as(answer.text()).isEqualTo(204);
  }

  private Answer given(String means, LocalDate day, LocalDate outBy, List<String> in) {
    Map<String, String> lines = new HashMap<>();
    in.forEach(id -> lines.put(id, UUID.randomUUID().toString()));
    Map<String, Object> given = new HashMap<>();
    given.put("hives", lines);
    given.put("day", day.toString());
    given.put("means", means);
    given.put("method", "between the combs");
    given.put("amount", "2");
    given.put("acid", 0);
    given.put("people", "Ada");
    given.put("supersPlan", "TAKEN_OFF");
    given.put("remarks", "");
    given.put("outBy", outBy.toString());
    return send(keeper, HttpMethod.POST, "/api/register", given);
  }

  private Answer taken(List<String> lines, LocalDate day) {
    return send(crew, HttpMethod.PUT, TAKEN_OUT, out(lines, day));
  }

  private static Map<String, Object> out(List<String> lines, LocalDate day) {
    return Map.of("treatmentIds", lines, "outOn", day.toString());
  }

  private JsonNode still() {
    return get(reader, "/api/register/in-hives?apiaryId=" + apiaryId).json();
  }

  /** Hives named by the yard's line of what is to be taken out. */
  private Set<String> named() {
    Set<String> names = new HashSet<>();
    get(keeper, "/api/due?apiaryId=" + apiaryId)
        .json()
        .path("dueTasks")
        .forEach(
            task -> {
              if (task.path("kind").asText().equals("TAKE_OUT")) {
                names.addAll(task.path("hives").findValuesAsText("name"));
              }
            });
    return names;
  }
}
