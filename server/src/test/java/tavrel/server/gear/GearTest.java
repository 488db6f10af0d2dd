package tavrel.server.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.run.PeopleCheck;
import tavrel.server.Yard;

/** From a test burn to a run that goes by the tool's own clock. */
class GearTest extends Yard {

  private final String pan = UUID.randomUUID().toString();

  @Test
  void test_burns_make_the_burn_time_that_a_planned_round_goes_by() {
    keep(pan("Pan " + pan));
    burn(1.0, 110);
    burn(2.0, 150);
    JsonNode fit = known().path("fit");
    assertThat(fit.path("basis").asText()).isEqualTo("LINE");
    assertThat(fit.path("slope").asDouble()).isEqualTo(40);

    String round = UUID.randomUUID().toString();
    assertThat(plan(round, hives).status()).isEqualTo(200);
    JsonNode kept = get(crew, "/api/rounds/" + round).json();
    assertThat(kept.path("round").path("toolFamily").asText()).isEqualTo("PAN_WAND");
    assertThat(kept.path("hives").get(0).path("burnSeconds").asInt()).isEqualTo(173);
    assertThat(plain(kept.path("hives").get(0).path("burnSays"))).contains("2 test burns");
    JsonNode board = get(crew, "/api/rounds/" + round + "/board").json();
    assertThat(board.path("hives").get(0).path("ahead").findValuesAsText("act"))
        .containsExactly("LOAD_COLD", "CONNECT", "DISCONNECT", "OUT_AND_SHUT", "OPEN");
    assertThat(board.path("hives").get(0).path("ahead").get(1).path("clockSeconds").asInt())
        .isEqualTo(173);
  }

  @Test
  void a_struck_test_burn_no_longer_counts() {
    keep(pan("Pan " + pan));
    burn(2.0, 150);
    String slip = burn(2.0, 1_500);
    assertThat(known().path("burns")).hasSize(2);
    assertThat(send(keeper, HttpMethod.DELETE, "/api/test-burns/" + slip, "").status())
        .isEqualTo(200);
    assertThat(known().path("burns")).hasSize(1);
    assertThat(known().path("fit").path("points").get(0).path("seconds").asDouble()).isEqualTo(150);
  }

  @ParameterizedTest
  @CsvSource({
    "burnSeconds, -5, burnSeconds",
    "capacity, 0, capacity",
    "name, '', name",
    "release, PLUNGER, release",
    "packId, 7a7e0000-0000-4000-8000-00000000ffff, packId"
  })
  void a_tool_that_cannot_be_is_refused_at_its_field(String field, String value, String named) {
    Map<String, Object> tool = pan("Pan " + pan);
    tool.put(field, value.matches("-?\\d+") ? Integer.valueOf(value) : value);
    Answer refused = keep(tool);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.at(named)).as(refused.text()).isNotNull();
  }

  @Test
  void two_tools_never_share_a_name_however_it_is_written() {
    keep(pan("Pan " + pan));
    Map<String, Object> second = pan("PAN " + pan);
    second.put("id", UUID.randomUUID().toString());
    assertThat(keep(second).at("name")).contains("taken");
  }

  @Test
  void no_pan_is_planned_for_a_hive_of_foam_and_the_hive_is_named() {
    keep(pan("Pan " + pan));
    send(
        keeper,
        HttpMethod.POST,
        "/api/apiaries/" + apiaryId + "/hive-changes",
        List.of(Map.of("hiveIds", List.of(hives.get(2)), "change", Map.of("material", "FOAM"))));
    assertThat(plan(UUID.randomUUID().toString(), hives).at("toolId"))
        .contains("Q3")
        .contains("foam");
    assertThat(plan(UUID.randomUUID().toString(), hives.subList(0, 2)).status()).isEqualTo(200);
  }

  @Test
  void a_load_larger_than_the_tool_is_refused() {
    keep(pan("Pan " + pan));
    Map<String, Object> settings = new HashMap<>(settings());
    settings.put("capacity", 6);
    assertThat(
            send(
                    keeper,
                    HttpMethod.POST,
                    "/api/apiaries/" + apiaryId + "/dose-sheet",
                    Map.of(
                        "ruleSheetId",
                        ExampleSheets.all().get(1).id().toString(),
                        "settings",
                        settings,
                        "toolId",
                        pan))
                .at("settings.capacity"))
        .contains("more than Pan");
  }

  @Test
  void the_kit_of_a_round_is_kept_and_ticked_and_its_sheet_goes_onto_paper() throws Exception {
    keep(pan("Pan " + pan));
    String round = UUID.randomUUID().toString();
    plan(round, hives);
    JsonNode kit = get(crew, "/api/rounds/" + round + "/kit").json();
    assertThat(kit.findValuesAsText("item")).contains("respirator", "acid", "cloths", "rest");
    JsonNode ticked =
        send(crew, HttpMethod.PUT, "/api/rounds/" + round + "/kit/cloths", Map.of("packed", true))
            .json();
    for (JsonNode line : ticked) {
      assertThat(line.hasNonNull("tickedBy"))
          .isEqualTo(line.path("item").asText().equals("cloths"));
    }
    assertThat(
            send(crew, HttpMethod.PUT, "/api/rounds/" + round + "/kit/harp", Map.of("packed", true))
                .status())
        .isEqualTo(404);
    var pdf =
        mvc.perform(
                MockMvcRequestBuilders.get("/api/rounds/" + round + "/sheet.pdf").with(as(crew)))
            .andReturn()
            .getResponse();
    assertThat(pdf.getContentType()).isEqualTo(MediaType.APPLICATION_PDF_VALUE);
    assertThat(Arrays.copyOf(pdf.getContentAsByteArray(), 5))
        .isEqualTo("%PDF-".getBytes(StandardCharsets.US_ASCII));
    assertThat(pdf.getHeader("Content-Disposition")).contains(".pdf").doesNotContain("dose");
  }

  @Test
  void a_pan_run_goes_its_order_and_the_register_takes_its_one_treatment() {
    keep(pan("Pan " + pan));
    burn(2.0, 100);
    String round = UUID.randomUUID().toString();
    plan(round, hives.subList(0, 1));
    List<String> all = Arrays.stream(PeopleCheck.Point.values()).map(Enum::name).toList();
    send(crew, HttpMethod.PUT, "/api/rounds/" + round + "/people-check", Map.of("confirmed", all));
    press(round, "LOADED", -900, 1);
    JsonNode burning = press(round, "BURN_STARTED", -880, 1).path("hives").get(0);
    assertThat(Instant.parse(burning.path("clockTo").asText()))
        .isEqualTo(Instant.parse(burning.path("since").asText()).plusSeconds(115));
    JsonNode cooling = press(round, "BURN_ENDED", -770, 1).path("hives").get(0);
    assertThat(cooling.path("stage").asText()).isEqualTo("BURNT");
    assertThat(Instant.parse(cooling.path("clockTo").asText()))
        .isEqualTo(Instant.parse(cooling.path("since").asText()).plusSeconds(120));
    press(round, "REMOVED", -650, null);
    press(round, "OPENED", -40, null);
    JsonNode line =
        get(keeper, "/api/register?apiaryId=" + apiaryId).json().path("lines").get(0).path("line");
    assertThat(line.path("acid").asDouble()).isCloseTo(1.992, within(1e-6));
    assertThat(known().path("wear").path("uncleanedAfter").get(0).asText()).isEqualTo(yard);
    assertThat(known().path("wear").path("burnsOnSeals").asInt())
        .as("a round's and a test's")
        .isEqualTo(2);
    note("CLEANED", null);
    assertThat(known().path("wear").path("uncleanedAfter")).isEmpty();
  }

  @Test
  void a_fault_needs_words_and_stays_with_its_tool() {
    keep(pan("Pan " + pan));
    assertThat(note("FAULT", " ").at("says")).contains("missing");
    note("RESIDUE", "brown crust at the rim");
    assertThat(known().path("notes").get(0).path("says").asText())
        .isEqualTo("brown crust at the rim");
  }

  @Test
  void power_and_price_are_reckoned_and_refused_like_everything_else() {
    Map<String, Object> bank =
        new HashMap<>(
            Map.of(
                "watts",
                275,
                "ampHours",
                100,
                "volts",
                12,
                "usableShare",
                0.5,
                "duty",
                0.5,
                "secondsPerBurn",
                60));
    assertThat(send(crew, HttpMethod.POST, "/api/gear/power", bank).json().path("burns").asInt())
        .isEqualTo(222);
    bank.put("watts", -1);
    assertThat(send(crew, HttpMethod.POST, "/api/gear/power", bank).at("watts")).isNotNull();
    Map<String, Object> question =
        new HashMap<>(
            Map.of(
                "first", Map.of("name", "Pan", "price", 130, "minutesPerHive", 10, "years", 8),
                "second", Map.of("name", "Bowl", "price", 540, "minutesPerHive", 1.5, "years", 8),
                "rates", Map.of("hourly", 20, "roundsPerYear", 4, "setUpMinutes", 30)));
    assertThat(
            send(crew, HttpMethod.POST, "/api/gear/cost", question).json().path("paysFrom").asInt())
        .isEqualTo(5);
    question.put("rates", Map.of("hourly", 20, "roundsPerYear", 0, "setUpMinutes", 30));
    assertThat(send(crew, HttpMethod.POST, "/api/gear/cost", question).at("rates.roundsPerYear"))
        .isNotNull();
  }

  @Test
  void today_tells_what_is_due_of_the_gear_until_it_is_looked_after() {
    keep(pan("Pan " + pan));
    assertThat(dueToday()).isEmpty();
    String round = UUID.randomUUID().toString();
    plan(round, hives.subList(0, 1));
    List<String> all = Arrays.stream(PeopleCheck.Point.values()).map(Enum::name).toList();
    send(crew, HttpMethod.PUT, "/api/rounds/" + round + "/people-check", Map.of("confirmed", all));
    press(round, "BURN_STARTED", -880, 1);
    press(round, "BURN_ENDED", -800, 1);
    assertThat(dueToday()).singleElement().asString().contains("clean it").contains(yard);
    note("CLEANED", null);
    assertThat(dueToday()).isEmpty();
  }

  /** What Today says of this test's tool. */
  private List<String> dueToday() {
    List<String> due = new ArrayList<>();
    for (JsonNode each : get(reader, "/api/today").json().path("gear")) {
      if (each.path("name").asText().equals("Pan " + pan)) {
        due.add(plain(each.path("says")));
      }
    }
    return due;
  }

  private Map<String, Object> pan(String name) {
    Map<String, Object> tool = new HashMap<>();
    tool.put("id", pan);
    tool.put("name", name);
    tool.put("family", "PAN_WAND");
    tool.put("power", "CAR_BATTERY");
    tool.put("release", "LOADED_COLD");
    tool.put("endSign", "NONE");
    tool.put("capacity", 4.5);
    tool.put("preheatSeconds", 0);
    tool.put("coolSeconds", 120);
    tool.put("reloadSeconds", 60);
    tool.put("dunkAllowed", false);
    tool.put("marginPercent", 15);
    tool.put("retired", false);
    return tool;
  }

  private Answer keep(Map<String, Object> tool) {
    return send(keeper, HttpMethod.PUT, "/api/tools/" + tool.get("id"), tool);
  }

  private String burn(double load, double seconds) {
    String id = UUID.randomUUID().toString();
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/test-burns/" + id,
                    Map.of(
                        "id",
                        id,
                        "toolId",
                        pan,
                        "load",
                        load,
                        "seconds",
                        seconds,
                        "at",
                        clock.instant().minusSeconds(3_000).toString()))
                .status())
        .isEqualTo(200);
    return id;
  }

  private Answer note(String kind, String says) {
    Map<String, Object> note = new HashMap<>();
    note.put("toolId", pan);
    note.put("kind", kind);
    note.put("says", says);
    return send(crew, HttpMethod.PUT, "/api/gear-notes/" + UUID.randomUUID(), note);
  }

  private JsonNode known() {
    for (JsonNode tool : get(reader, "/api/gear").json().path("tools")) {
      if (tool.path("tool").path("id").asText().equals(pan)) {
        return tool;
      }
    }
    throw new AssertionError("the tool is missing");
  }

  private Answer plan(String round, List<String> hiveIds) {
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("apiaryId", apiaryId);
    wanted.put("ruleSheetId", ExampleSheets.all().get(1).id().toString());
    wanted.put("settings", settings());
    wanted.put("tool", "a pan");
    wanted.put("toolId", pan);
    wanted.put("hiveIds", hiveIds);
    return send(keeper, HttpMethod.PUT, "/api/rounds/" + round, wanted);
  }

  private JsonNode press(String round, String kind, int second, Integer load) {
    Map<String, Object> event = new HashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("hiveId", hives.get(0));
    event.put("kind", kind);
    event.put("at", clock.instant().plusSeconds(second).toString());
    event.put("load", load);
    Answer answer = send(crew, HttpMethod.POST, "/api/rounds/" + round + "/events", List.of(event));
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    return answer.json();
  }
}
