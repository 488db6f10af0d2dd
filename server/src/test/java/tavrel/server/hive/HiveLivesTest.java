package tavrel.server.hive;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.run.RoundFixture;

/** Hives move, are renamed, united, split and end, and everything follows them. */
class HiveLivesTest extends RoundFixture {

  private LocalDate today;
  private String elsewhere;

  @BeforeEach
  void another_yard_with_one_hive() {
    today = LocalDate.ofInstant(clock.instant(), ZoneOffset.ofHours(-2));
    String name = "Moor " + UUID.randomUUID();
    String csv =
        "apiary,hive,brood boxes,latitude,longitude\n%s,3,deep,47.7,-24.2\n".formatted(name);
    upload(keeper, "/api/roster/import?zone=Etc/GMT%2B2", csv.getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(name)) {
        elsewhere = each.path("apiary").path("id").asText();
      }
    }
  }

  @Test
  void hives_move_in_one_act_and_come_back_with_one() {
    UUID act = UUID.randomUUID();
    assertThat(move(act, elsewhere, today, hives.get(0), hives.get(1)).status()).isEqualTo(200);
    assertThat(move(act, elsewhere, today, hives.get(0), hives.get(1)).status())
        .as("the same again")
        .isEqualTo(200);
    assertThat(names(apiaryId)).containsExactly("3");
    assertThat(names(elsewhere)).containsExactly("3", "1", "2");
    assertThat(takeBack(act).status()).isEqualTo(200);
    assertThat(takeBack(act).status()).isEqualTo(200);
    assertThat(names(apiaryId)).containsExactlyInAnyOrder("1", "2", "3");
    assertThat(names(elsewhere)).containsExactly("3");
  }

  @Test
  void two_hives_of_one_name_do_not_stand_in_one_yard_and_nothing_moves_then() {
    Answer refused = move(UUID.randomUUID(), elsewhere, today, hives.get(0), hives.get(2));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("namesStandThere");
    assertThat(names(apiaryId)).as("all or none").hasSize(3);
    assertThat(act(hives.get(2), Map.of("kind", "RENAMED", "name", "M3")).status()).isEqualTo(200);
    assertThat(act(hives.get(2), Map.of("kind", "RENAMED", "name", "1")).text())
        .contains("namesStandThere");
    assertThat(move(UUID.randomUUID(), elsewhere, today, hives.get(2)).status()).isEqualTo(200);
    assertThat(names(elsewhere)).containsExactly("3", "M3");
  }

  @Test
  void the_count_of_the_label_goes_with_the_hive() {
    UUID round = planned();
    confirm(round);
    assertThat(treat(round, hives.get(0), -700).status()).isEqualTo(200);
    post(round, skip(hives.get(1)), skip(hives.get(2)));
    assertThat(move(UUID.randomUUID(), elsewhere, today.minusDays(1), hives.get(0)).text())
        .as("it was treated here today")
        .contains("wasTreatedElsewhere");
    assertThat(move(UUID.randomUUID(), elsewhere, today, hives.get(0)).status()).isEqualTo(200);
    JsonNode dose = dose(elsewhere);
    assertThat(dose.toString()).as("the round of today counts there").contains("noMostAYear");
    assertThat(register()).as("the register keeps where it stood").isNotEmpty();
  }

  @Test
  void a_split_keeps_its_mothers_rounds() {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    UUID split = UUID.randomUUID();
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("name", "1b");
    wanted.put("boxes", "nucleus");
    wanted.put("supers", 0);
    wanted.put("floor", "SOLID");
    wanted.put("since", today.toString());
    wanted.put("beganAs", "SPLIT");
    Answer motherless =
        send(keeper, HttpMethod.PUT, "/api/apiaries/" + elsewhere + "/hives/" + split, wanted);
    assertThat(motherless.text()).contains("splitNeedsMother");
    wanted.put("motherId", hives.get(0));
    assertThat(
            send(keeper, HttpMethod.PUT, "/api/apiaries/" + elsewhere + "/hives/" + split, wanted)
                .status())
        .isEqualTo(200);
    assertThat(dose(elsewhere).toString()).contains("noMostAYear");
  }

  @Test
  void a_dead_hive_gets_no_grams_and_comes_back_with_its_end() {
    UUID act = UUID.randomUUID();
    assertThat(
            act(act, hives.get(0), Map.of("kind", "ENDED", "endKind", "DIED", "endSign", "STARVED"))
                .status())
        .isEqualTo(200);
    assertThat(names(apiaryId)).containsExactly("2", "3");
    assertThat(dose(apiaryId).findValuesAsText("hiveId")).doesNotContain(hives.get(0));
    assertThat(move(UUID.randomUUID(), elsewhere, today, hives.get(0)).text()).contains("hasEnded");
    // Its number is free.
    Map<String, Object> again = new HashMap<>();
    again.put("name", "1");
    again.put("boxes", "deep");
    again.put("supers", 0);
    again.put("floor", "SOLID");
    assertThat(
            send(
                    keeper,
                    HttpMethod.PUT,
                    "/api/apiaries/" + apiaryId + "/hives/" + UUID.randomUUID(),
                    again)
                .status())
        .isEqualTo(200);
    assertThat(takeBack(act).text()).as("the name was given away").contains("nameGivenAway");
  }

  @Test
  void a_hive_in_the_middle_of_a_run_stays() {
    UUID round = planned();
    confirm(round);
    post(round, event(hives.get(0), "BURN_STARTED", -10, 1));
    Answer refused = act(hives.get(0), Map.of("kind", "ENDED", "endKind", "DIED"));
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text()).contains("hivesInRun");
  }

  @Test
  void a_planned_round_leaves_out_who_left_and_takes_it_back() {
    UUID round = planned();
    UUID act = UUID.randomUUID();
    assertThat(act(act, hives.get(1), Map.of("kind", "ENDED", "endKind", "GONE")).status())
        .isEqualTo(200);
    assertThat(stage(round, hives.get(1))).isEqualTo("SKIPPED");
    assertThat(takeBack(act).status()).isEqualTo(200);
    assertThat(stage(round, hives.get(1))).isEqualTo("WAITING");
  }

  @Test
  void a_united_hive_ends_and_the_other_takes_on_the_stricter_count() {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    post(round, skip(hives.get(1)), skip(hives.get(2)));
    assertThat(act(hives.get(0), Map.of("kind", "UNITED", "intoId", hives.get(0))).text())
        .contains("unitedWithItself");
    assertThat(act(hives.get(0), Map.of("kind", "UNITED", "intoId", hives.get(1))).status())
        .isEqualTo(200);
    assertThat(names(apiaryId)).containsExactly("2", "3");
    assertThat(dose(apiaryId).toString()).contains("noMostAYear");
    assertThat(act(hives.get(2), Map.of("kind", "UNITED", "intoId", hives.get(0))).text())
        .contains("receiverNotThere");
  }

  @Test
  void nothing_is_counted_seen_or_treated_in_a_hive_after_its_end() {
    Map<String, Object> ended = body(List.of(hives.get(0)), today.minusDays(2));
    ended.putAll(Map.of("kind", "ENDED", "endKind", "DIED"));
    send(keeper, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), ended);
    assertThat(count(hives.get(0), today).text()).contains("tooLateHasEnded");
    assertThat(count(hives.get(0), today.minusDays(2)).status())
        .as("a dead-out is washed on its last day")
        .isEqualTo(204);
    Map<String, Object> look = new HashMap<>();
    look.put("id", UUID.randomUUID().toString());
    look.put("hiveId", hives.get(0));
    look.put("day", today.toString());
    look.put("kind", "LAYING_STOPPED");
    assertThat(send(crew, HttpMethod.POST, "/api/brood-events", List.of(look)).text())
        .contains("tooLateHasEnded");
  }

  private Answer count(String hive, LocalDate day) {
    Map<String, Object> count = new HashMap<>();
    count.put("id", UUID.randomUUID().toString());
    count.put("hiveId", hive);
    count.put("day", day.toString());
    count.put("kind", "WASH");
    count.put("mites", 30);
    count.put("bees", 300);
    count.put("natural", false);
    return send(crew, HttpMethod.POST, "/api/counts", List.of(count));
  }

  @Test
  void a_yard_can_be_asked_as_it_stood_and_as_it_was_known() {
    UUID moved = UUID.randomUUID();
    move(moved, elsewhere, today, hives.get(0));
    assertThat(stood(apiaryId, today.minusDays(1), null)).containsExactly("1", "2", "3");
    assertThat(stood(apiaryId, today, null)).containsExactly("2", "3");
    assertThat(stood(apiaryId, today, today.minusDays(1)))
        .as("nobody had written anything of it by then")
        .isEmpty();
    takeBack(moved);
    assertThat(stood(apiaryId, today, null)).containsExactly("1", "2", "3");
  }

  private List<String> stood(String yard, LocalDate on, LocalDate known) {
    List<String> names = new ArrayList<>();
    get(
            crew,
            "/api/apiaries/" + yard + "/stood?on=" + on + (known == null ? "" : "&known=" + known))
        .json()
        .forEach(each -> names.add(each.path("name").asText()));
    return names;
  }

  @Test
  void what_the_crew_says_at_the_row_is_proposed_until_the_keeper_decides() {
    UUID round = planned();
    Map<String, Object> dead = skip(hives.get(0));
    dead.put("reason", "HIVE_DEAD");
    Map<String, Object> queenless = skip(hives.get(1));
    queenless.put("reason", "HIVE_QUEENLESS");
    Map<String, Object> gone = skip(hives.get(2));
    gone.put("reason", "HIVE_GONE");
    post(round, dead, queenless, gone);
    assertThat(proposed()).containsExactlyInAnyOrderElementsOf(hives);
    act(hives.get(0), Map.of("kind", "ENDED", "endKind", "DIED"));
    act(hives.get(1), Map.of("kind", "QUEEN", "queen", "FOUND_WITHOUT"));
    assertThat(proposed()).containsExactly(hives.get(2));
    String path = "/api/life-proposals/" + gone.get("id") + "/turned-down";
    assertThat(send(crew, HttpMethod.PUT, path, "").status()).isEqualTo(403);
    assertThat(send(keeper, HttpMethod.PUT, path, "").status()).isEqualTo(200);
    assertThat(proposed()).isEmpty();
  }

  private List<String> proposed() {
    List<String> proposed = new ArrayList<>();
    get(crew, "/api/life-proposals")
        .json()
        .forEach(
            each -> {
              if (hives.contains(each.path("hiveId").asText())) {
                proposed.add(each.path("hiveId").asText());
              }
            });
    return proposed;
  }

  @Test
  void only_the_keeper_decides_on_lives() {
    Map<String, Object> body = body(List.of(hives.get(0)), today);
    body.put("kind", "ENDED");
    body.put("endKind", "DIED");
    assertThat(send(crew, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), body).status())
        .isEqualTo(403);
  }

  @Test
  void days_that_cannot_be_are_refused_at_the_day() {
    assertThat(move(UUID.randomUUID(), elsewhere, today.plusDays(1), hives.get(0)).text())
        .contains("lifeAhead");
    assertThat(act(hives.get(0), Map.of("kind", "MOVED")).text()).contains("missingSayWhich");
    assertThat(move(UUID.randomUUID(), elsewhere, today, UUID.randomUUID().toString()).status())
        .isEqualTo(404);
    assertThat(move(UUID.randomUUID(), elsewhere, today, hives.get(0), hives.get(0)).text())
        .contains("hiveNamedTwice");
  }

  private Answer move(UUID act, String to, LocalDate day, String... which) {
    Map<String, Object> body = body(List.of(which), day);
    body.put("kind", "MOVED");
    body.put("apiaryId", to);
    return send(keeper, HttpMethod.PUT, "/api/hive-acts/" + act, body);
  }

  private Answer act(String hive, Map<String, Object> what) {
    return act(UUID.randomUUID(), hive, what);
  }

  private Answer act(UUID act, String hive, Map<String, Object> what) {
    Map<String, Object> body = body(List.of(hive), today);
    body.putAll(what);
    return send(keeper, HttpMethod.PUT, "/api/hive-acts/" + act, body);
  }

  private static Map<String, Object> body(List<String> which, LocalDate day) {
    return new HashMap<>(Map.of("hiveIds", which, "day", day.toString()));
  }

  private Answer takeBack(UUID act) {
    return send(
        keeper, HttpMethod.POST, "/api/hive-acts/" + act + "/take-back", Map.of("why", "a slip"));
  }

  private List<String> names(String yard) {
    List<String> names = new ArrayList<>();
    get(keeper, "/api/apiaries/" + yard)
        .json()
        .path("hives")
        .forEach(hive -> names.add(hive.path("name").asText()));
    return names;
  }

  private JsonNode dose(String yard) {
    return send(
            keeper,
            HttpMethod.POST,
            "/api/apiaries/" + yard + "/dose-sheet",
            Map.of("settings", settings(2), "ruleSheetId", sheetId(1)))
        .json();
  }

  private String stage(UUID round, String hive) {
    for (JsonNode each : get(crew, "/api/rounds/" + round + "/board").json().path("hives")) {
      if (each.path("hiveId").asText().equals(hive)) {
        return each.path("stage").asText();
      }
    }
    return "";
  }
}
