package tavrel.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.core.rule.ExampleSheets;
import tavrel.core.yardrun.PeopleCheck;
import tavrel.server.ServerTest;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

/** A round over the real stack: dose sheet, people check, run log, register. */
class RoundTest extends ServerTest {

  @Autowired JdbcTemplate jdbc;
  @Autowired Clock clock;

  private Account keeper;
  private Account crew;
  private String apiaryId;
  private final List<String> hives = new ArrayList<>();
  private Instant begin;

  @BeforeEach
  void three_hives_stand_in_a_yard() {
    keeper = person(Role.KEEPER);
    crew = person(Role.CREW);
    String yard = "=Yard " + UUID.randomUUID();
    String csv =
        "apiary,hive,position,brood boxes,supers,latitude,longitude\n%s,1,1,deep,0,47.6,-24.3\n%s,2,2,2x deep,1,,\n%s,3,3,nucleus,0,,\n"
            .formatted(yard, yard, yard);
    upload(keeper, "/api/roster/import?zone=Etc/GMT%2B2", csv.getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(yard)) {
        apiaryId = each.path("apiary").path("id").asText();
      }
    }
    get(keeper, "/api/apiaries/" + apiaryId)
        .json()
        .path("hives")
        .forEach(hive -> hives.add(hive.path("id").asText()));
    begin = clock.instant();
  }

  @Test
  void the_dose_sheet_gives_grams_loads_and_verdict_hive_by_hive() {
    JsonNode sheet =
        send(
                crew,
                HttpMethod.POST,
                "/api/apiaries/" + apiaryId + "/dose-sheet",
                Map.of("ruleSheetId", sheetId(1), "settings", settings(2)))
            .json();
    assertThat(sheet.path("totalAcid").asDouble()).isEqualTo(7.0);
    assertThat(sheet.path("verdict").asText()).isEqualTo("CAUTION");
    assertThat(sheet.path("hives").get(1).path("why").size()).isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource({
    "amount.grams, 0, settings.amount.grams",
    "amount.grams, 40, settings.amount.grams",
    "amount.grams, two, settings.amount.grams",
    "strength.assay, 99.6, settings.strength",
    "capacity, -1, settings.capacity",
    "sealMinutes, 0, settings.sealMinutes",
    "measure.step, 0, settings.measure.step",
    "measure.spoon, SHOVEL, settings.measure.spoon",
    "supersPlan, , settings.supersPlan"
  })
  void what_cannot_be_is_named_at_its_field(String field, String value, String named) {
    Map<String, Object> settings = settings(2);
    String[] path = field.split("\\.");
    Object typed = value != null && value.matches("-?[\\d.]+") ? Double.valueOf(value) : value;
    if (path.length == 2) {
      Map<String, Object> inner = new HashMap<>(asMap(settings.get(path[0])));
      inner.put(path[1], typed);
      settings.put(path[0], inner);
    } else {
      settings.put(path[0], typed);
    }
    Answer answer =
        send(
            keeper,
            HttpMethod.POST,
            "/api/apiaries/" + apiaryId + "/dose-sheet",
            Map.of("ruleSheetId", sheetId(1), "settings", settings));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.at(named)).as(answer.text()).isNotNull();
  }

  @Test
  void a_round_planned_twice_by_a_double_click_is_one_round_and_another_must_wait() {
    UUID id = UUID.randomUUID();
    assertThat(plan(id, 2, null).status()).isEqualTo(200);
    assertThat(plan(id, 2, null).status()).isEqualTo(200);
    assertThat(plan(UUID.randomUUID(), 2, null).status()).isEqualTo(409);
    assertThat(send(keeper, HttpMethod.DELETE, "/api/rounds/" + id, "").status()).isEqualTo(204);
    assertThat(plan(UUID.randomUUID(), 2, null).status()).isEqualTo(200);
  }

  @Test
  void an_off_label_dose_needs_its_reason_and_keeps_it_in_the_register() {
    UUID id = UUID.randomUUID();
    assertThat(plan(id, 4, " ").at("offLabelReason")).contains("not on the label");
    assertThat(plan(id, 4, "trial agreed with the adviser").status()).isEqualTo(200);
    confirm(id);
    treat(id, hives.get(0), -700);
    JsonNode line = register().path("lines").get(0);
    assertThat(line.path("verdict").asText()).isEqualTo("NOT_ON_LABEL");
    assertThat(line.path("offLabelReason").asText()).isEqualTo("trial agreed with the adviser");
  }

  @Test
  void nothing_burns_before_the_people_check_and_it_is_kept_who_confirmed_it() {
    UUID id = planned();
    Answer early = post(id, event(hives.get(0), "BURN_STARTED", 0, 1));
    assertThat(early.status()).isEqualTo(409);
    assertThat(early.json().path("detail").asText()).contains("people check");
    Answer half =
        send(
            crew,
            HttpMethod.PUT,
            "/api/rounds/" + id + "/people-check",
            Map.of("confirmed", List.of("RESPIRATOR")));
    assertThat(half.status()).isEqualTo(400);
    assertThat(half.at("confirmed")).contains("GLOVES");
    confirm(id);
    JsonNode check = get(keeper, "/api/rounds/" + id).json().path("peopleCheck");
    assertThat(check.path("checkedBy").asText()).isEqualTo(crew.name());
    assertThat(post(id, event(hives.get(0), "BURN_STARTED", 0, 1)).status()).isEqualTo(200);
  }

  @Test
  void a_row_is_run_and_found_in_the_register() {
    UUID id = planned();
    confirm(id);
    treat(id, hives.get(0), -700);
    post(id, skip(hives.get(2)));
    JsonNode board = treat(id, hives.get(1), -650).json();
    assertThat(board.path("finished").asBoolean()).isTrue();
    assertThat(board.path("hives").size()).as("only what was moved").isEqualTo(1);
    assertThat(get(keeper, "/api/rounds/" + id + "/board").json().path("hives").size())
        .isEqualTo(3);
    assertThat(board.path("treated").asInt()).isEqualTo(2);
    JsonNode page = register();
    assertThat(page.path("totals").path("acid").asDouble()).isEqualTo(6.0);
    assertThat(page.path("lines").get(0).path("people").asText()).isEqualTo(crew.name());
    assertThat(page.path("lines").get(0).path("weatherFrom").asText()).contains("simulated");
    assertThat(plan(UUID.randomUUID(), 1, "five days are not over").status())
        .as("the round is finished")
        .isEqualTo(200);
  }

  @Test
  void opening_early_is_refused_without_a_reason_and_written_down_with_one() {
    UUID id = planned();
    confirm(id);
    post(
        id,
        event(hives.get(0), "BURN_STARTED", -60, 1),
        event(hives.get(0), "BURN_ENDED", -20, 1),
        event(hives.get(0), "REMOVED", -20, null));
    Map<String, Object> opened = event(hives.get(0), "OPENED", 0, null);
    assertThat(post(id, opened).json().path("detail").asText()).startsWith("Shut for another");
    opened.put("reason", "cloth fell out");
    assertThat(post(id, opened).status()).isEqualTo(200);
    assertThat(register().path("lines").get(0).path("remarks").asText())
        .contains("opened early: cloth fell out");
  }

  @Test
  void the_same_events_shuffled_repeated_and_late_give_the_same_board_and_one_register_line() {
    UUID id = planned();
    confirm(id);
    List<Map<String, Object>> log = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      String hive = hives.get(i);
      log.add(event(hive, "BURN_STARTED", -900 + 60 * i, 1));
      log.add(event(hive, "BURN_ENDED", -860 + 60 * i, 1));
      log.add(event(hive, "REMOVED", -858 + 60 * i, null));
      log.add(event(hive, "LEAK_SEEN", -855 + 60 * i, null));
    }
    Random random = new Random(7);
    for (int round = 0; round < 6; round++) {
      List<Map<String, Object>> sent = new ArrayList<>(log);
      Collections.shuffle(sent, random);
      for (Map<String, Object> each : sent.subList(0, 5)) {
        assertThat(post(id, each).status()).isEqualTo(200);
      }
    }
    JsonNode board = send(crew, HttpMethod.POST, "/api/rounds/" + id + "/events", log).json();
    assertThat(board.path("hives").get(0).path("stage").asText()).isEqualTo("SEALED");
    assertThat(board.path("hives").get(0).path("marks").size()).isEqualTo(1);
    assertThat(register().path("lines").size()).isEqualTo(2);
    assertThat(
            jdbc.queryForObject(
                "select count(*) from run_event where round_id = ?", Integer.class, id))
        .isEqualTo(log.size());
  }

  @Test
  void an_undone_burn_leaves_the_register_and_stays_in_the_log() {
    UUID id = planned();
    confirm(id);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -60, 1);
    Map<String, Object> end = event(hives.get(0), "BURN_ENDED", -20, 1);
    post(id, start, end);
    assertThat(register().path("lines").size()).isEqualTo(1);
    JsonNode board = post(id, undo(hives.get(0), end), undo(hives.get(0), start)).json();
    assertThat(board.path("hives").get(0).path("stage").asText()).isEqualTo("WAITING");
    assertThat(register().path("lines").size()).isZero();
    assertThat(
            jdbc.queryForObject(
                "select count(*) from run_event where round_id = ?", Integer.class, id))
        .isEqualTo(4);
  }

  @Test
  void two_phones_that_post_the_same_hive_at_once_are_merged_without_a_doubled_treatment()
      throws Exception {
    UUID id = planned();
    confirm(id);
    CountDownLatch go = new CountDownLatch(1);
    ExecutorService phones = Executors.newFixedThreadPool(4);
    List<Future<Integer>> answers = new ArrayList<>();
    for (int phone = 0; phone < 4; phone++) {
      int second = phone;
      answers.add(
          phones.submit(
              () -> {
                go.await();
                return post(
                        id,
                        event(hives.get(0), "BURN_STARTED", -60 + second, 1),
                        event(hives.get(0), "BURN_ENDED", -20 + second, 1))
                    .status();
              }));
    }
    go.countDown();
    for (Future<Integer> answer : answers) {
      assertThat(answer.get()).isEqualTo(200);
    }
    phones.shutdown();
    assertThat(register().path("lines").size()).isEqualTo(1);
    assertThat(register().path("totals").path("acid").asDouble()).isEqualTo(2.0);
  }

  @Test
  void
      an_event_from_the_future_from_another_round_or_of_no_kind_is_refused_and_nothing_of_its_parcel_is_kept() {
    UUID id = planned();
    confirm(id);
    assertThat(
            post(
                    id,
                    event(hives.get(0), "BURN_STARTED", 0, 1),
                    event(hives.get(0), "BURN_ENDED", 3_600, 1))
                .at("at"))
        .contains("future");
    assertThat(post(id, event(UUID.randomUUID().toString(), "BURN_STARTED", 0, 1)).at("hiveId"))
        .contains("not in this round");
    assertThat(post(id, event(hives.get(0), "DANCED", 0, null)).at("0.kind"))
        .contains("BURN_STARTED");
    assertThat(post(id, event(hives.get(0), "SKIPPED", 0, null)).at("reason")).contains("say why");
    assertThat(
            jdbc.queryForObject(
                "select count(*) from run_event where round_id = ?", Integer.class, id))
        .isZero();
  }

  @Test
  void an_id_that_means_something_else_already_is_refused() {
    UUID id = planned();
    confirm(id);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -5, 1);
    post(id, start);
    start.put("kind", "BURN_ENDED");
    assertThat(post(id, start).status()).isEqualTo(409);
  }

  @Test
  void a_plan_that_was_begun_or_thrown_away_is_not_touched() {
    UUID id = planned();
    confirm(id);
    post(id, event(hives.get(0), "BURN_STARTED", 0, 1));
    assertThat(send(keeper, HttpMethod.DELETE, "/api/rounds/" + id, "").status()).isEqualTo(409);
    assertThat(get(keeper, "/api/rounds/" + UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(get(keeper, "/api/rounds/not-an-id").status()).isEqualTo(400);
  }

  @Test
  void the_register_goes_out_as_csv_that_starts_no_formula() {
    UUID id = planned();
    confirm(id);
    treat(id, hives.get(0), -700);
    String csv = csv();
    assertThat(csv).startsWith("\uFEFFday,time zone,apiary");
    assertThat(csv.lines().skip(1))
        .anySatisfy(
            line -> assertThat(line).contains("'=Yard").contains("2.00").contains("caution"));
    assertThat(csv.lines().skip(1)).noneMatch(line -> line.contains(",=Yard"));
  }

  @Test
  void today_points_at_the_run_under_way() {
    UUID id = planned();
    confirm(id);
    post(
        id,
        event(hives.get(0), "BURN_STARTED", -60, 1),
        event(hives.get(0), "BURN_ENDED", -20, 1),
        event(hives.get(0), "REMOVED", -20, null));
    for (JsonNode each : get(keeper, "/api/today").json().path("apiaries")) {
      if (each.path("apiary").path("id").asText().equals(apiaryId)) {
        assertThat(each.path("due").asText()).isEqualTo("RUNNING");
        assertThat(each.path("run").path("nextToOpen").asText()).isEqualTo("1");
        assertThat(each.path("run").path("stillShut").asInt()).isEqualTo(1);
        return;
      }
    }
    throw new AssertionError("the apiary is missing");
  }

  private String csv() {
    try {
      var begun =
          mvc.perform(MockMvcRequestBuilders.get("/api/register/treatments.csv").with(as(keeper)))
              .andReturn();
      var done = mvc.perform(MockMvcRequestBuilders.asyncDispatch(begun)).andReturn();
      return done.getResponse().getContentAsString(StandardCharsets.UTF_8);
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }

  private UUID planned() {
    UUID id = UUID.randomUUID();
    assertThat(plan(id, 2, null).status()).isEqualTo(200);
    return id;
  }

  private Answer plan(UUID id, double grams, String reason) {
    Map<String, Object> round =
        new HashMap<>(
            Map.of(
                "apiaryId",
                apiaryId,
                "ruleSheetId",
                sheetId(1),
                "settings",
                settings(grams),
                "tool",
                "Bowl 1"));
    round.put("offLabelReason", reason);
    return send(keeper, HttpMethod.PUT, "/api/rounds/" + id, round);
  }

  private void confirm(UUID id) {
    List<String> all = Arrays.stream(PeopleCheck.Point.values()).map(Enum::name).toList();
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/rounds/" + id + "/people-check",
                    Map.of("confirmed", all))
                .status())
        .isEqualTo(200);
  }

  private Answer treat(UUID id, String hive, int from) {
    return post(
        id,
        event(hive, "BURN_STARTED", from, 1),
        event(hive, "BURN_ENDED", from + 30, 1),
        event(hive, "REMOVED", from + 31, null),
        event(hive, "OPENED", from + 640, null));
  }

  private Answer post(UUID id, Map<?, ?>... events) {
    return send(crew, HttpMethod.POST, "/api/rounds/" + id + "/events", List.of(events));
  }

  private Map<String, Object> event(String hive, String kind, int second, Integer load) {
    Map<String, Object> event = new HashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("hiveId", hive);
    event.put("kind", kind);
    event.put("at", begin.plusSeconds(second).toString());
    event.put("load", load);
    return event;
  }

  private Map<String, Object> skip(String hive) {
    Map<String, Object> event = event(hive, "SKIPPED", -600, null);
    event.put("reason", "weak");
    return event;
  }

  private Map<String, Object> undo(String hive, Map<String, Object> mistake) {
    Map<String, Object> event = event(hive, "UNDONE", 0, null);
    event.put("undoes", mistake.get("id"));
    return event;
  }

  private JsonNode register() {
    return get(keeper, "/api/register?apiaryId=" + apiaryId).json();
  }

  private static String sheetId(int index) {
    return ExampleSheets.all().get(index).id().toString();
  }

  private static Map<String, Object> settings(double grams) {
    return new HashMap<>(
        Map.of(
            "amount",
            Map.of("grams", grams, "per", "BOX", "of", "ACID_DIHYDRATE"),
            "mediums",
            "BY_COMB",
            "strength",
            Map.of("assay", 1),
            "measure",
            Map.of("step", 0.1),
            "capacity",
            4,
            "supersPlan",
            "TAKEN_OFF",
            "sealMinutes",
            10));
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> asMap(Object value) {
    return (Map<String, Object>) value;
  }
}
