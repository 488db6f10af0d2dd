package tavrel.server.brood;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

class BroodServiceTest extends Yard {

  @Test
  void a_swarm_is_free_now_and_stands_in_the_lists() {
    assertThat(keep(event(0, "SWARM_HIVED", today.minusDays(2), Map.of("comb", "DRAWN"))).status())
        .isEqualTo(204);

    JsonNode clock = clock(0);
    assertThat(clock.path("state").asText()).isEqualTo("FREE");
    assertThat(clock.path("workers").path("sure").path("to").asText())
        .as("a day's distance from the reckoned end")
        .isEqualTo(today.plusDays(6).toString());
    assertThat(lines("freeNow")).contains(hives.get(0));
    assertThat(lines("closing")).contains(hives.get(0));
    assertThat(states().path(hives.get(0)).asText()).isEqualTo("FREE");
  }

  @Test
  void many_hives_are_entered_at_once_and_all_or_none_are_kept() {
    Map<String, Object> good = event(1, "QUEEN_CAGED", today.minusDays(10), Map.of());
    Map<String, Object> bad = event(2, "QUEEN_RELEASED", today, Map.of());

    assertThat(keep(good, bad).at("day")).contains("Q3").contains("none is caged");
    assertThat(clock(1).path("events")).isEmpty();
    assertThat(keep(good, event(2, "QUEEN_CAGED", today.minusDays(10), Map.of())).status())
        .isEqualTo(204);
    assertThat(lines("freeSoon")).contains(hives.get(1), hives.get(2));
  }

  @Test
  void bad_input_is_answered_at_its_field() {
    assertThat(keep(event(0, "SWARM_HIVED", today.plusDays(1), Map.of("comb", "DRAWN"))).at("day"))
        .contains("has not come yet");
    assertThat(keep(event(0, "SWARM_HIVED", today, Map.of())).at("0.comb")).contains("missing");
    assertThat(
            keep(event(0, "INSPECTION", today, Map.of("capped", "FRAMES", "cappedFrames", 400)))
                .at("0.cappedFrames"))
        .contains("0 to 30 frames");
    assertThat(
            keep(event(
                    0, "PACKAGE_HIVED", today, Map.of("released", today.minusDays(3).toString())))
                .at("0.released"))
        .contains("before");
    assertThat(keep(event(0, "QUEEN_CAGED", today.minusYears(100), Map.of())).at("day"))
        .contains("three years");
  }

  @Test
  void an_event_is_struck_out_unless_later_ones_need_it() {
    Map<String, Object> caged = event(0, "QUEEN_CAGED", today.minusDays(20), Map.of());
    Map<String, Object> out = event(0, "QUEEN_RELEASED", today.minusDays(2), Map.of());
    keep(caged, out);

    assertThat(strike(caged).at("day")).contains("none is caged");
    assertThat(clock(0).path("events")).hasSize(2);
    assertThat(strike(out).status()).isEqualTo(204);
    assertThat(strike(caged).status()).isEqualTo(204);
    assertThat(clock(0).path("events")).isEmpty();
  }

  @Test
  void hives_without_a_record_are_counted_by_apiary() {
    JsonNode mine = null;
    for (JsonNode each : get(reader, "/api/brood").json().path("unrecorded")) {
      mine = each.path("apiaryId").asText().equals(apiaryId) ? each : mine;
    }
    assertThat(mine.path("hives").asInt()).isEqualTo(4);
  }

  private JsonNode clock(int hive) {
    return get(reader, "/api/hives/" + hives.get(hive) + "/brood").json();
  }

  private JsonNode states() {
    return get(reader, "/api/apiaries/" + apiaryId + "/brood").json();
  }

  private List<String> lines(String list) {
    return get(reader, "/api/brood").json().path(list).path("lines").findValuesAsText("hiveId");
  }

  private Answer strike(Map<String, Object> event) {
    return send(crew, HttpMethod.DELETE, "/api/brood-events/" + event.get("id"), "");
  }

  private Answer keep(Object... events) {
    return send(crew, HttpMethod.POST, "/api/brood-events", Arrays.stream(events).toList());
  }

  private Map<String, Object> event(
      int hive, String kind, LocalDate day, Map<String, Object> details) {
    Map<String, Object> event = new HashMap<>(details);
    event.put("id", UUID.randomUUID().toString());
    event.put("hiveId", hives.get(hive));
    event.put("day", day.toString());
    event.put("kind", kind);
    return event;
  }
}
