package tavrel.server.watch;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import tavrel.server.people.Role;
import tavrel.server.run.RoundFixture;

class ToolWatchesTest extends RoundFixture {

  @Autowired private ToolWatches watches;

  private UUID round;

  @Test
  void a_tool_that_sends_its_samples_ends_a_load_by_itself_and_it_can_be_undone() {
    begin("SENT");
    send(steady(0, 12));
    assertThat(watch().path("seen").path("state").asText()).isEqualTo("READY");
    put("/by-itself", Map.of("on", true));
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", 0, 1);
    start.put("at", clock.instant().toString());
    assertThat(post(round, start).status()).isEqualTo(200);
    send(dip(12, 40));
    JsonNode hive = board().path("hives").get(0);
    assertThat(hive.path("stage").asText()).isEqualTo("BURNT");
    assertThat(hive.path("loadsEnded").asInt()).isEqualTo(1);
    JsonNode last = board().path("lastStep");
    assertThat(last.path("kind").asText()).isEqualTo("BURN_ENDED");
    Map<String, Object> undo = event(hives.get(0), "UNDONE", 0, null);
    undo.put("at", clock.instant().toString());
    undo.put("undoes", last.path("events").get(0).asText());
    assertThat(post(round, undo).status()).isEqualTo(200);
    assertThat(board().path("hives").get(0).path("stage").asText()).isEqualTo("BURNING");
  }

  @Test
  void unless_it_is_set_so_the_end_is_shown_and_nothing_is_logged() {
    begin("SENT");
    send(steady(0, 12));
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", 0, 1);
    start.put("at", clock.instant().toString());
    post(round, start);
    send(dip(12, 31));
    assertThat(watch().path("seen").path("state").asText()).isEqualTo("DONE");
    assertThat(board().path("hives").get(0).path("stage").asText()).isEqualTo("BURNING");
  }

  @Test
  void without_a_test_burn_that_covers_the_load_nothing_is_logged() {
    round = planned();
    confirm(round);
    put("", Map.of("source", "SENT"));
    send(steady(0, 12));
    put("/by-itself", Map.of("on", true));
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", 0, 1);
    start.put("at", clock.instant().toString());
    post(round, start);
    send(dip(12, 40));
    assertThat(watch().path("mayLog").asBoolean()).isFalse();
    assertThat(board().path("hives").get(0).path("stage").asText()).isEqualTo("BURNING");
  }

  @Test
  void no_stand_in_writes_into_a_keepers_register() {
    round = withGear();
    Answer refused = put("", Map.of("source", "SIMULATED"));
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text()).contains("belongs to the demo");
    assertThat(watch().path("maySimulate").asBoolean()).isFalse();
    upload(crew, path() + "/trace", "0,20,20\n0.5,21,20\n".getBytes(StandardCharsets.UTF_8));
    assertThat(watch().path("seen").path("standIn").asBoolean()).isTrue();
    assertThat(watch().path("mayLog").asBoolean()).isFalse();
  }

  @Test
  void a_fall_without_a_mark_asks_about_the_hive_whose_turn_it_is() {
    begin("SENT");
    put("/by-itself", Map.of("on", true));
    send(steady(0, 12));
    send(dip(12, 40));
    assertThat(watch().path("asks").asText()).isEqualTo(hives.get(0));
    assertThat(watch().path("seen").path("alerts").toString()).contains("UNMARKED_FALL");
    assertThat(board().path("hives").get(0).path("loadsEnded").asInt()).isZero();
    assertThat(post("/answered", "").json().has("asks")).isFalse();
  }

  @Test
  void a_recorded_trace_is_played_and_a_broken_one_is_refused_by_its_line() {
    round = planned();
    assertThat(
            upload(crew, path() + "/trace", "0,20,20\nx,y\n".getBytes(StandardCharsets.UTF_8))
                .text())
        .contains("line 2");
    JsonNode played =
        upload(crew, path() + "/trace", "0,20,20\n0.5,21,20\n".getBytes(StandardCharsets.UTF_8))
            .json();
    assertThat(plain(played.path("seen").path("source"))).startsWith("recorded trace");
  }

  @Test
  void a_reader_looks_on_and_changes_nothing() {
    round = planned();
    var reader = person(Role.READER);
    assertThat(get(reader, path()).status()).isEqualTo(200);
    assertThat(send(reader, HttpMethod.PUT, path(), Map.of("source", "SENT")).status())
        .isEqualTo(403);
    assertThat(send(reader, HttpMethod.POST, path() + "/fault", Map.of("fault", "CLOG")).status())
        .isEqualTo(403);
  }

  private JsonNode begin(String source) {
    round = withGear();
    confirm(round);
    return put("", Map.of("source", source)).json();
  }

  private JsonNode board() {
    return get(crew, "/api/rounds/" + round + "/board").json();
  }

  private JsonNode watch() {
    return get(crew, path()).json();
  }

  private String path() {
    return "/api/rounds/" + round + "/watch";
  }

  private Answer put(String more, Object body) {
    return send(crew, HttpMethod.PUT, path() + more, body);
  }

  private Answer post(String more, Object body) {
    return send(crew, HttpMethod.POST, path() + more, body);
  }

  private void send(List<Map<String, Object>> samples) {
    assertThat(post("/samples", samples).status()).isEqualTo(200);
    watches.tick();
  }

  private static List<Map<String, Object>> steady(int from, int to) {
    List<Map<String, Object>> samples = new ArrayList<>();
    for (int at = from; at < to; at++) {
      samples.add(Map.of("seconds", at, "celsius", 230, "volts", 20));
    }
    return samples;
  }

  /** Falls by 18 °C within six seconds and is back after twenty. */
  private static List<Map<String, Object>> dip(int from, int to) {
    List<Map<String, Object>> samples = new ArrayList<>();
    for (int at = from; at < to; at++) {
      int since = at - from;
      double celsius = since < 6 ? 230 - 3 * since : Math.min(230, 212 + 1.2 * (since - 6));
      samples.add(Map.of("seconds", at, "celsius", celsius, "volts", 19));
    }
    return samples;
  }
}
