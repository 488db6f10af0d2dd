package tavrel.server.hive;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/**
 * Boxes and supers have days of their own, supers take their honey's wait along, a stand needs no
 * names.
 */
class SetUpTest extends Yard {

  @Test
  void boxes_and_supers_are_those_of_the_day() {
    act(Map.of("kind", "SET_UP", "supers", 2, "boxes", "2x deep 10"), 20, 0, 1);
    send(
        crew,
        HttpMethod.POST,
        "/api/apiaries/" + apiaryId + "/hive-changes",
        List.of(Map.of("hiveIds", List.of(hives.get(0)), "change", Map.of("supers", 3))));
    assertThat(stood(0, 30).path("supers").asInt()).isZero();
    assertThat(stood(0, 30).path("boxes")).hasSize(1);
    assertThat(stood(0, 10).path("supers").asInt()).isEqualTo(2);
    assertThat(stood(0, 10).path("boxes")).hasSize(2);
    assertThat(hive(0).path("supers").asInt()).as("painted today").isEqualTo(3);
    assertThat(hive(1).path("supers").asInt()).isEqualTo(2);
    assertThat(get(reader, "/api/hives/" + hives.get(0)).text()).contains("life.setUp");
  }

  @Test
  void an_act_that_was_wrong_is_taken_back_and_they_stand_as_before() {
    UUID act = act(Map.of("kind", "SET_UP", "supers", 4), 3, 0);
    assertThat(hive(0).path("supers").asInt()).isEqualTo(4);
    send(keeper, HttpMethod.POST, "/api/hive-acts/" + act + "/take-back", Map.of());
    assertThat(hive(0).path("supers").asInt()).isZero();
  }

  @Test
  void a_super_that_goes_to_another_hive_takes_the_wait_for_its_honey_along_and_nothing_else() {
    act(Map.of("kind", "SET_UP", "supers", 2), 40, 0);
    treat(hives.get(0), today.minusDays(30), 60);
    UUID act = act(Map.of("kind", "SET_UP", "supers", 1, "intoId", hives.get(1)), 10, 0);
    assertThat(hive(0).path("supers").asInt()).isEqualTo(1);
    assertThat(hive(1).path("supers").asInt()).isEqualTo(1);
    assertThat(standing(0).path("honey").path("from").asText())
        .isEqualTo(today.plusDays(30).toString());
    assertThat(standing(1).path("honey").path("from").asText())
        .isEqualTo(today.plusDays(30).toString());
    assertThat(standing(1).path("oxalic").path("done").asInt()).as("no round of its own").isZero();
    send(keeper, HttpMethod.POST, "/api/hive-acts/" + act + "/take-back", Map.of());
    assertThat(standing(1).isMissingNode()).isTrue();
    assertThat(hive(1).path("supers").asInt()).isZero();
  }

  @Test
  void more_supers_than_there_are_and_a_hive_s_own_are_refused() {
    assertThat(refused(Map.of("kind", "SET_UP", "supers", 1, "intoId", hives.get(1)), 0))
        .contains("\"field\":\"supers\"");
    assertThat(refused(Map.of("kind", "SET_UP", "supers", 1, "intoId", hives.get(0)), 0))
        .contains("unitedWithItself");
    assertThat(refused(Map.of("kind", "SET_UP", "supers", 0), 0)).contains("standsSo");
    assertThat(refused(Map.of("kind", "SET_UP", "boxes", "barrel"), 0)).contains("is no box");
  }

  @Test
  void hives_that_share_a_stand_need_no_names_and_get_names_again() {
    act(Map.of("kind", "RENAMED", "stand", "P3"), 0, 0, 1, 2);
    assertThat(names()).containsExactly("P3/1", "P3/2", "P3/3", "Q4");
    assertThat(hive(0).path("fittings").path("stand").asText()).isEqualTo("P3");
    act(Map.of("kind", "RENAMED", "names", List.of("K7", "K8")), 0, 0, 1);
    assertThat(names()).containsExactly("K7", "K8", "P3/3", "Q4");
    assertThat(refused(Map.of("kind", "RENAMED", "names", List.of("K7")), 2, 3))
        .contains("oneNameEach");
    assertThat(refused(Map.of("kind", "RENAMED", "names", List.of("K9", "K9")), 2, 3))
        .contains("namesStandThere");
  }

  @Test
  void a_stand_without_a_name_is_refused_and_a_field_of_another_kind_does_nothing() {
    assertThat(refused(Map.of("kind", "RENAMED", "stand", " "), 0, 1))
        .contains("\"field\":\"stand\"");
    act(
        Map.of(
            "kind",
            "QUEEN",
            "queen",
            "LOST",
            "stand",
            "P9",
            "intoId",
            hives.get(0),
            "apiaryId",
            UUID.randomUUID().toString()),
        0,
        0);
    assertThat(hive(0).path("fittings").has("stand")).isFalse();
  }

  private UUID act(Map<String, Object> what, int daysAgo, int... which) {
    UUID id = UUID.randomUUID();
    Answer answer = sent(id, what, daysAgo, which);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    return id;
  }

  private String refused(Map<String, Object> what, int... which) {
    Answer answer = sent(UUID.randomUUID(), what, 0, which);
    assertThat(answer.status()).as(answer.text()).isEqualTo(400);
    return answer.text();
  }

  private Answer sent(UUID id, Map<String, Object> what, int daysAgo, int... which) {
    Map<String, Object> act = new HashMap<>(what);
    act.put("day", today.minusDays(daysAgo).toString());
    act.put("hiveIds", Arrays.stream(which).mapToObj(hives::get).toList());
    return send(keeper, HttpMethod.PUT, "/api/hive-acts/" + id, act);
  }

  private void treat(String hiveId, LocalDate day, int waitingDays) {
    Map<String, Object> line = new HashMap<>();
    line.put("hives", Map.of(hiveId, UUID.randomUUID().toString()));
    line.put("day", day.toString());
    line.put("means", "FORMIC");
    line.put("method", "two pads");
    line.put("acid", 0);
    line.put("amount", "2 pads");
    line.put("people", "Ada");
    line.put("supersPlan", "TAKEN_OFF");
    line.put("remarks", "");
    line.put("waitingDays", waitingDays);
    Answer answer = send(keeper, HttpMethod.POST, "/api/register", line);
    assertThat(answer.status()).as(answer.text()).isBetween(200, 204);
  }

  private JsonNode stood(int which, int daysAgo) {
    for (JsonNode each :
        get(reader, "/api/apiaries/" + apiaryId + "/stood?on=" + today.minusDays(daysAgo)).json()) {
      if (each.path("hiveId").asText().equals(hives.get(which))) {
        return each;
      }
    }
    throw new AssertionError("stood nowhere");
  }

  private JsonNode hive(int which) {
    return get(reader, "/api/hives/" + hives.get(which)).json().path("hive");
  }

  private List<String> names() {
    return get(reader, "/api/apiaries/" + apiaryId).json().path("hives").findValuesAsText("name");
  }

  private JsonNode standing(int which) {
    for (JsonNode each :
        get(reader, "/api/register/standing?apiaryId=" + apiaryId + "&year=" + today.getYear())
            .json()) {
      if (each.path("hiveId").asText().equals(hives.get(which))) {
        return each;
      }
    }
    return MissingNode.getInstance();
  }
}
