package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.store.MachineTime;

/** A run with several tools, people and devices, over HTTP. */
class CrewRunTest extends RoundFixture {

  @Test
  void a_tool_that_comes_along_has_its_own_hive_and_is_reckoned_with() {
    UUID round = withGear();
    JsonNode alone = lineUp(round);
    assertThat(alone.path("finish").asInt()).isGreaterThan(600);
    assertThat(alone.path("tools")).hasSize(1);
    String pan = tool("PAN_WAND", 150);
    JsonNode both = lineUp(round, pan).json();
    assertThat(both.path("tools").get(1).path("family").asText()).isEqualTo("PAN_WAND");
    confirm(round);
    Map<String, Object> loaded = event(hives.get(1), "LOADED", 0, 1);
    loaded.put("tool", 2);
    assertThat(post(round, loaded).status()).isEqualTo(200);
    assertThat(board(round, 2).path("actOn").asText()).isEqualTo(hives.get(1));
    assertThat(board(round, 1).path("actOn").asText()).isEqualTo(hives.get(0));
    assertThat(board(round, 0).path("hives").get(0).path("ahead").get(0).path("act").asText())
        .isEqualTo("SHUT");
    assertThat(board(round, 2).path("tools").get(1).path("in").asText()).isEqualTo(hives.get(1));
    assertThat(board(round, 1).path("pace").path("endsAt").asText()).isNotEmpty();
  }

  @Test
  void once_begun_tools_can_only_be_added_and_the_pace_stays() {
    UUID round = withGear();
    String first = tool("HEATED_BOWL", 30);
    int finish = lineUp(round, first).json().path("finish").asInt();
    confirm(round);
    post(round, event(hives.get(0), "BURN_STARTED", 0, 1));
    Answer away = lineUp(round, new String[0]);
    assertThat(away.status()).isEqualTo(409);
    assertThat(away.text()).contains("none taken away");
    JsonNode more = lineUp(round, first, tool("HEATED_BOWL", 20)).json();
    assertThat(more.path("tools")).hasSize(3);
    assertThat(more.path("finish").asInt()).isEqualTo(finish);
  }

  @Test
  void a_tool_too_small_for_the_loads_or_without_a_burn_time_is_named() {
    UUID round = withGear();
    Map<String, Object> small = gear("HEATED_BOWL");
    small.put("capacity", 1);
    send(keeper, HttpMethod.PUT, "/api/tools/" + small.get("id"), small);
    assertThat(lineUp(round, (String) small.get("id")).text()).contains("takes 1 g in a load");
    Map<String, Object> untried = gear("HEATED_BOWL");
    send(keeper, HttpMethod.PUT, "/api/tools/" + untried.get("id"), untried);
    JsonNode line = lineUp(round, (String) untried.get("id")).json();
    assertThat(line.path("finish").isMissingNode() || line.path("finish").isNull()).isTrue();
    assertThat(plain(line.path("says"))).contains((String) untried.get("name"));
  }

  @Test
  void the_rest_is_put_off_only_when_all_are_open_and_people_are_checked_again() {
    UUID round = planned();
    confirm(round);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -900, 1);
    Map<String, Object> end = event(hives.get(0), "BURN_ENDED", -870, 1);
    Map<String, Object> out = event(hives.get(0), "REMOVED", -869, null);
    assertThat(post(round, start, end, out).status()).isEqualTo(200);
    Answer early = post(round, crewEvent("PUT_OFF", -600, "rain"));
    assertThat(early.status()).isEqualTo(409);
    assertThat(early.text()).contains("Still shut: 1 hive.");
    post(round, event(hives.get(0), "OPENED", -250, null));
    Map<String, Object> putOff = crewEvent("PUT_OFF", 0, "rain");
    putOff.put("at", clock.instant().toString());
    assertThat(post(round, putOff).status()).isEqualTo(200);
    JsonNode whole = get(crew, "/api/rounds/" + round).json();
    assertThat(whole.path("peopleCheck").isMissingNode() || whole.path("peopleCheck").isNull())
        .isTrue();
    Answer burn = post(round, event(hives.get(1), "BURN_STARTED", 60, 1));
    assertThat(burn.status()).isEqualTo(409);
    assertThat(burn.text()).contains("people check");
    confirm(round);
    assertThat(post(round, event(hives.get(1), "BURN_STARTED", 61, 1)).status()).isEqualTo(200);
    assertThat(register().path("lines")).hasSize(1);
  }

  @Test
  void a_clock_that_is_an_hour_off_is_set_right_and_the_review_says_so() {
    UUID round = planned();
    confirm(round);
    Duration ahead = Duration.ofHours(1);
    // A device goes by the machine's time, which is not that of the program in tests and in the
    // demo.
    Duration toDevice = Duration.between(clock.instant(), MachineTime.now()).plus(ahead);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -40, 1);
    Map<String, Object> end = event(hives.get(0), "BURN_ENDED", -10, 1);
    for (Map<String, Object> each : List.of(start, end)) {
      Instant bare = Instant.parse((String) each.get("at")).plus(toDevice);
      each.put("at", bare.toString());
      each.put("deviceAt", bare.toString());
    }
    assertThat(postFrom(round, MachineTime.now().plus(ahead), start, end)).isEqualTo(200);
    Instant kept =
        jdbc.queryForObject(
            "select at from run_event where round_id = ? and kind = 'BURN_STARTED'",
            (row, number) -> row.getTimestamp(1).toInstant(),
            round);
    assertThat(Duration.between(begin.minusSeconds(40), kept).abs())
        .isLessThan(Duration.ofSeconds(5));
    assertThat(told(round)).anyMatch(says -> says.contains("60 min ahead; times are set right"));
  }

  @Test
  void presses_that_come_after_the_run_was_closed_are_taken_once_and_told() {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -2_000);
    post(round, skip(hives.get(1)), skip(hives.get(2)));
    assertThat(finished(round)).isTrue();
    Map<String, Object> late = event(hives.get(0), "NOTE", -1_200, null);
    late.put("reason", "bees outside");
    Map<String, Object> again = event(hives.get(0), "BURN_ENDED", -1_968, 1);
    assertThat(post(round, late, again).status()).isEqualTo(200);
    assertThat(post(round, late, again).status()).as("sent once more").isEqualTo(200);
    assertThat(finished(round)).isTrue();
    assertThat(register().path("lines")).hasSize(1);
    assertThat(register().path("lines").get(0).path("line").path("remarks").toString())
        .contains("bees outside");
    JsonNode review = get(keeper, "/api/rounds/" + round + "/review").json();
    assertThat(review.path("cameLate").get(0).path("count").asInt()).isPositive();
  }

  @Test
  void the_same_hive_started_on_two_phones_is_treated_once_and_both_are_told() {
    UUID round = planned();
    confirm(round);
    post(round, event(hives.get(0), "BURN_STARTED", -100, 1));
    Answer second =
        send(
            keeper,
            HttpMethod.POST,
            "/api/rounds/" + round + "/events",
            List.of(event(hives.get(0), "BURN_STARTED", -98, 1)));
    assertThat(second.status()).isEqualTo(200);
    JsonNode hive = board(round, 1).path("hives").get(0);
    assertThat(plain(hive.path("marks").get(0).path("says")))
        .isEqualTo("load 1 was also started by " + keeper.name());
    post(
        round,
        event(hives.get(0), "BURN_ENDED", -70, 1),
        event(hives.get(0), "REMOVED", -69, null));
    assertThat(register().path("lines").get(0).path("line").path("loads").asInt()).isEqualTo(1);
  }

  @Test
  void an_exposure_and_a_pause_belong_to_the_run_and_stand_in_its_review() {
    UUID round = planned();
    confirm(round);
    post(round, event(hives.get(0), "BURN_STARTED", -100, 1));
    post(round, crewEvent("PAUSED", -90, "wind turned"));
    assertThat(board(round, 1).path("crew").path("paused").path("why").asText())
        .isEqualTo("wind turned");
    post(round, crewEvent("EXPOSURE", -80, "Tam: vapour in the eyes. Done: rinsed"));
    post(round, crewEvent("WENT_ON", -10, null));
    assertThat(board(round, 1).path("crew").path("paused").path("why").isMissingNode()).isTrue();
    assertThat(told(round)).contains("exposure: Tam: vapour in the eyes. Done: rinsed");
    assertThat(post(round, crewEvent("PAUSED", 0, null)).status())
        .as("without a why")
        .isEqualTo(400);
  }

  @Test
  void burns_wear_the_tool_that_burned() {
    UUID round = withGear();
    String second = tool("HEATED_BOWL", 20);
    lineUp(round, second);
    confirm(round);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -900, 1);
    Map<String, Object> end = event(hives.get(0), "BURN_ENDED", -870, 1);
    start.put("tool", 2);
    end.put("tool", 2);
    assertThat(post(round, start, end).status()).isEqualTo(200);
    assertThat(onSeals(second)).as("the test burn and the hive").isEqualTo(2);
    String own = get(keeper, "/api/rounds/" + round).json().path("round").path("toolId").asText();
    assertThat(onSeals(own)).as("the test burn alone").isEqualTo(1);
    post(round, undo(hives.get(0), end));
    assertThat(onSeals(second)).isEqualTo(1);
  }

  private int onSeals(String tool) {
    for (JsonNode each : get(keeper, "/api/gear").json().path("tools")) {
      if (each.path("tool").path("id").asText().equals(tool)) {
        return each.path("wear").path("burnsOnSeals").asInt();
      }
    }
    throw new AssertionError("no such tool: " + tool);
  }

  @Test
  void who_only_reads_changes_no_line_up() {
    UUID round = planned();
    var reader = person(tavrel.server.people.Role.READER);
    assertThat(send(reader, HttpMethod.PUT, "/api/rounds/" + round + "/line-up", lined()).status())
        .isEqualTo(403);
  }

  private JsonNode lineUp(UUID round) {
    return get(crew, "/api/rounds/" + round + "/line-up").json();
  }

  private Answer lineUp(UUID round, String... tools) {
    return send(crew, HttpMethod.PUT, "/api/rounds/" + round + "/line-up", lined(tools));
  }

  private static Map<String, Object> lined(String... tools) {
    return Map.of(
        "toolIds",
        List.of(tools),
        "crew",
        Map.of("burners", 2, "helpers", 0),
        "cloths",
        12,
        "preparedAhead",
        true);
  }

  private JsonNode board(UUID round, int part) {
    return get(crew, "/api/rounds/" + round + "/board?part=" + part).json();
  }

  private Map<String, Object> crewEvent(String kind, int second, String reason) {
    Map<String, Object> event = event(null, kind, second, null);
    event.put("reason", reason);
    return event;
  }

  private int postFrom(UUID round, Instant deviceClock, Map<?, ?>... events) {
    try {
      return mvc.perform(
              MockMvcRequestBuilders.post(URI.create("/api/rounds/" + round + "/events"))
                  .header("Device-Clock", deviceClock.toString())
                  .contentType(MediaType.APPLICATION_JSON)
                  .content(json.writeValueAsString(events))
                  .with(SecurityMockMvcRequestPostProcessors.csrf())
                  .with(as(crew)))
          .andReturn()
          .getResponse()
          .getStatus();
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }

  private List<String> told(UUID round) {
    List<String> told = new ArrayList<>();
    get(keeper, "/api/rounds/" + round + "/review")
        .json()
        .path("review")
        .path("exceptions")
        .forEach(each -> told.add(plain(each.path("says"))));
    return told;
  }

  private boolean finished(UUID round) {
    return get(keeper, "/api/rounds/" + round).json().path("round").hasNonNull("finishedAt");
  }
}
