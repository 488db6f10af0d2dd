package tavrel.server.reporting.due;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.server.Yard;

class DueTasksTest extends Yard {

  @Autowired private JdbcTemplate jdbc;

  @Test
  void counts_are_monthly_in_season_and_never_asked_for_in_the_winter_pause() {
    winterFrom(today.minusDays(5));
    assertThat(kinds()).doesNotContain("COUNT_DUE");
    winterFrom(today.plusDays(60));
    assertThat(task("COUNT_DUE").has("lastCount")).isFalse();

    wash(0, today.minusDays(31));
    assertThat(task("COUNT_DUE").path("lastCount").asText())
        .isEqualTo(today.minusDays(31).toString());
    wash(1, today.minusDays(29));
    assertThat(kinds()).doesNotContain("COUNT_DUE");
  }

  @Test
  void boards_are_to_be_read_after_a_day() {
    Map<String, String> boards = Map.of(hives.get(0), id(), hives.get(1), id());
    send(crew, HttpMethod.POST, "/api/boards", boards);
    assertThat(kinds()).doesNotContain("BOARDS_TO_READ");

    laidAgo(Duration.ofHours(30));
    assertThat(task("BOARDS_TO_READ").path("boards").path("boards").asInt()).isEqualTo(2);
    assertThat(task("BOARDS_TO_READ").path("boards").path("reading").asText()).isEqualTo("SECOND");
    send(
        crew,
        HttpMethod.POST,
        "/api/counts",
        List.of(
            Map.of(
                "id",
                id(),
                "hiveId",
                hives.get(0),
                "day",
                today.toString(),
                "kind",
                "BOARD",
                "mites",
                12,
                "hours",
                30,
                "natural",
                true)));
    assertThat(task("BOARDS_TO_READ").path("boards").path("boards").asInt()).isEqualTo(1);
  }

  @Test
  void a_window_is_named_before_it_opens_and_before_it_closes() {
    brood(0, "SWARM_HIVED", today.minusDays(4), Map.of("comb", "DRAWN"));
    brood(1, "QUEEN_CAGED", today.minusDays(15), Map.of());

    assertThat(task("WINDOW_CLOSES").path("hives").findValuesAsText("name")).containsExactly("Q1");
    assertThat(task("WINDOW_OPENS").path("hives").findValuesAsText("name")).containsExactly("Q2");
  }

  @Test
  void a_round_is_ahead_then_due_then_late_and_after_the_last_a_recount_is_due() {
    UUID series = adopt(today.plusDays(2));
    assertThat(kinds()).contains("ROUND_AHEAD");
    day(series, today);
    JsonNode due = task("ROUND_DUE");
    assertThat(due.path("series").asText()).isEqualTo("A series");
    assertThat(due.path("round").path("number").asInt()).isEqualTo(1);
    assertThat(due.path("round").path("hives").asInt()).isEqualTo(1);
    assertThat(due.path("round").path("daysLate").asInt()).isZero();
    day(series, today.minusDays(2));
    assertThat(task("ROUND_LATE").path("round").path("daysLate").asInt()).isEqualTo(2);

    done(series, today.minusDays(10));
    assertThat(kinds()).doesNotContain("ROUND_LATE", "RECOUNT_DUE");
    done(series, today.minusDays(15));
    assertThat(task("RECOUNT_DUE").path("ended").asText())
        .isEqualTo(today.minusDays(15).toString());
    wash(0, today);
    assertThat(kinds()).doesNotContain("RECOUNT_DUE");
  }

  @Test
  void the_dose_sheet_of_a_broodless_label_listens_to_the_brood_clock() {
    brood(0, "SWARM_HIVED", today.minusDays(2), Map.of("comb", "DRAWN"));
    brood(
        1,
        "INSPECTION",
        today,
        Map.of("capped", "FRAMES", "cappedFrames", 3, "openBrood", "LARVAE"));
    Map<String, Object> question = new HashMap<>();
    question.put("ruleSheetId", ExampleSheets.all().get(3).id().toString());
    question.put("settings", settings());
    question.put("hiveIds", hives.subList(0, 2));

    JsonNode sheet =
        send(crew, HttpMethod.POST, "/api/apiaries/" + apiaryId + "/dose-sheet", question)
            .json()
            .path("dose");
    assertThat(brood(sheet, 0)).isEqualTo("by the brood clock: nothing capped");
    assertThat(brood(sheet, 1)).isEqualTo("by the brood clock: capped brood");
    assertThat(sheet.path("verdict").asText()).isEqualTo("NOT_ON_LABEL");
    question.put("hiveIds", List.of());
    assertThat(
            send(crew, HttpMethod.POST, "/api/apiaries/" + apiaryId + "/dose-sheet", question)
                .status())
        .isEqualTo(409);
  }

  @Test
  void a_colony_that_must_begin_is_named_with_its_last_day_and_what_waiting_costs() {
    miteDeadlineOn(today.plusDays(60));
    done(adopt(today), today.minusDays(200));
    wash(1, today.minusDays(1));

    JsonNode line = need();
    JsonNode waiting = line.path("waiting");
    assertThat(line.path("hives").findValuesAsText("name")).contains("Q2");
    assertThat(LocalDate.parse(line.path("day").asText())).isBetween(today, today.plusDays(60));
    assertThat(waiting.path("hive").asText()).isEqualTo("Q2");
    assertThat(waiting.path("deadline").path("date").asText())
        .isEqualTo(today.plusDays(60).toString());
    assertThat(waiting.path("act").path("rounds").asInt()).isBetween(1, 8);
    assertThat(waiting.path("untreated").asDouble()).isGreaterThan(0.01);
    JsonNode begin = yardLine().path("begin");
    assertThat(begin.path("by")).as("the same in the table of yards").isEqualTo(line.path("day"));
    assertThat(begin.path("hive").asText()).isEqualTo("Q2");
    assertThat(begin.path("weekCosts")).isEqualTo(waiting.path("weekCosts"));
  }

  private JsonNode yardLine() {
    for (JsonNode each : get(reader, "/api/yards").json().path("yards")) {
      if (each.path("apiary").path("id").asText().equals(apiaryId)) {
        return each;
      }
    }
    throw new AssertionError("the yard is missing");
  }

  @Test
  void agreed_rounds_that_fall_short_are_told_and_enough_of_them_are_not() {
    miteDeadlineOn(today.plusDays(60));
    wash(0, today.minusDays(1));
    UUID series = adopt(today.plusDays(4), 1);
    assertThat(task("FALLS_SHORT").path("hives").findValuesAsText("name")).contains("Q1");

    send(keeper, HttpMethod.DELETE, "/api/series/" + series, null);
    adopt(today.plusDays(2), 8);
    assertThat(kinds()).doesNotContain("FALLS_SHORT", "BEGIN_BY", "OUT_OF_REACH");
  }

  @Test
  void a_hive_treated_today_whose_series_has_a_round_today_stops_nothing() {
    wash(0, today.minusDays(2));
    adopt(today, 3);
    Map<String, Object> given = new HashMap<>();
    given.put("hives", Map.of(hives.get(0), id()));
    given.put("day", today.toString());
    given.put("means", "OXALIC_VAPOUR");
    given.put("method", "vapour");
    given.put("acid", 4);
    given.put("people", "Wren");
    given.put("supersPlan", "TAKEN_OFF");
    given.put("remarks", "");
    assertThat(send(keeper, HttpMethod.POST, "/api/register", given).status()).isEqualTo(204);

    assertThat(kinds()).contains("ROUND_DUE");
  }

  @Test
  void more_rounds_than_the_label_leaves_are_told_with_the_first_too_many() {
    adopt(today.plusDays(4), 3);
    assertThat(kinds()).doesNotContain("OVER_LABEL");
    roundsAYear(2);

    JsonNode over = task("OVER_LABEL");

    roundsAYear(null);
    assertThat(over.path("hives").findValuesAsText("name")).containsExactly("Q1");
    assertThat(over.path("day").asText()).isEqualTo(today.plusDays(14).toString());
  }

  @Test
  void honey_that_waits_when_supers_go_on_is_told_with_both_days() {
    Map<String, Object> given = new HashMap<>();
    given.put("hives", Map.of(hives.get(1), id()));
    given.put("day", today.minusDays(2).toString());
    given.put("means", "OXALIC_VAPOUR");
    given.put("method", "vapour");
    given.put("acid", 4);
    given.put("people", "Wren");
    given.put("supersPlan", "TAKEN_OFF");
    given.put("waitingDays", 42);
    given.put("remarks", "");
    assertThat(send(keeper, HttpMethod.POST, "/api/register", given).status()).isEqualTo(204);
    assertThat(kinds()).doesNotContain("HONEY_WAIT");

    season(
        Map.of(
            "supersOn", MonthDay.from(today.plusDays(10)).toString(),
            "supersOff", MonthDay.from(today.plusDays(70)).toString()));

    JsonNode waits = task("HONEY_WAIT");
    assertThat(waits.path("hives").findValuesAsText("name")).containsExactly("Q2");
    assertThat(waits.path("day").asText()).isEqualTo(today.plusDays(10).toString());
    assertThat(waits.path("ended").asText()).isEqualTo(today.plusDays(40).toString());

    Map<String, Object> united = new HashMap<>();
    united.put("kind", "UNITED");
    united.put("day", today.toString());
    united.put("hiveIds", List.of(hives.get(1)));
    united.put("intoId", hives.get(0));
    assertThat(send(keeper, HttpMethod.PUT, "/api/hive-acts/" + id(), united).status())
        .isEqualTo(200);
    assertThat(task("HONEY_WAIT").path("hives").findValuesAsText("name"))
        .as("its wait goes along to the hive that took it in")
        .containsExactly("Q1");
  }

  @Test
  void hives_beside_one_in_danger_are_to_be_washed_until_they_are() {
    wash(0, today.minusDays(3), 40);

    assertThat(task("DANGER").path("hives").findValuesAsText("name")).containsExactly("Q1");
    JsonNode beside = task("NEIGHBOUR");
    assertThat(beside.path("hives").findValuesAsText("name")).contains("Q2").doesNotContain("Q1");
    assertThat(beside.path("day").asText()).isEqualTo(today.plusDays(11).toString());

    for (int hive = 1; hive < hives.size(); hive++) {
      wash(hive, today);
    }
    assertThat(kinds()).doesNotContain("NEIGHBOUR");
  }

  @Test
  void a_round_of_tomorrow_is_made_ready_for_on_the_eve() {
    adopt(today.plusDays(1));

    assertThat(task("MAKE_READY").path("round").path("number").asInt()).isEqualTo(1);
    assertThat(kinds()).doesNotContain("ROUND_AHEAD");
  }

  @Test
  void hives_of_which_nothing_is_known_for_two_months_are_named_until_one_looks() {
    winterFrom(today.plusDays(60));
    assertThat(task("UNSEEN").path("hives").findValuesAsText("name")).contains("Q1", "Q2");

    brood(0, "INSPECTION", today, Map.of("capped", "NONE", "openBrood", "LARVAE"));
    wash(1, today.minusDays(60));
    assertThat(task("UNSEEN").path("hives").findValuesAsText("name")).doesNotContain("Q1", "Q2");
  }

  @Test
  void a_look_inside_that_settles_something_is_named_by_its_day() {
    winterFrom(today.plusDays(60));
    brood(0, "SWARM_HIVED", today.minusDays(4), Map.of("comb", "DRAWN"));

    assertThat(task("LOOK_DUE").path("hives").findValuesAsText("name")).containsExactly("Q1");
  }

  @Test
  void a_line_is_put_off_with_a_day_and_a_reason_and_taken_up_again() {
    winterFrom(today.plusDays(60));
    String line = task("COUNT_DUE").path("line").asText();
    String id = id();

    assertThat(putOff(id, line, today, "rain").at("until")).contains("must lie from");
    assertThat(putOff(id, line, today.plusDays(9), " ").at("reason")).isNotBlank();
    assertThat(putOff(id, line, today.plusDays(9), "rain all week").status()).isEqualTo(200);
    assertThat(putOff(id, line, today.plusDays(9), "rain all week").status()).isEqualTo(200);

    JsonNode off = task("COUNT_DUE").path("putOff");
    assertThat(off.path("until").asText()).isEqualTo(today.plusDays(9).toString());
    assertThat(off.path("reason").asText()).isEqualTo("rain all week");
    send(keeper, HttpMethod.DELETE, "/api/put-off?line=" + line, null);
    assertThat(task("COUNT_DUE").has("putOff")).isFalse();
  }

  private Answer putOff(String id, String line, LocalDate until, String reason) {
    return send(
        keeper,
        HttpMethod.PUT,
        "/api/put-off/" + id,
        Map.of("line", line, "until", until.toString(), "reason", reason));
  }

  /** The line that a colony above its target gets, whichever it is. */
  private JsonNode need() {
    return chores().stream()
        .filter(chore -> chore.has("waiting"))
        .filter(chore -> !chore.path("kind").asText().equals("DANGER"))
        .findFirst()
        .orElse(MissingNode.getInstance());
  }

  /** Mites must be down by a day; nothing else of the year is near it. */
  private void miteDeadlineOn(LocalDate day) {
    season(
        Map.of(
            "winterBees", MonthDay.from(day).toString(),
            "layingStops", MonthDay.from(today.plusDays(200)).toString(),
            "layingStarts", MonthDay.from(today.plusDays(270)).toString(),
            "winter", 1));
  }

  private void season(Map<String, Object> changed) {
    String path = "/api/apiaries/" + apiaryId + "/season";
    Map<String, Object> season =
        json.convertValue(
            get(keeper, path).json().path("season"), new TypeReference<Map<String, Object>>() {});
    season.putAll(changed);
    assertThat(send(keeper, HttpMethod.PUT, path, season).status()).isEqualTo(200);
  }

  private static String brood(JsonNode sheet, int hive) {
    for (JsonNode finding : sheet.path("hives").get(hive).path("judgement").path("findings")) {
      if (finding.path("point").asText().equals("CAPPED_BROOD")) {
        return plain(finding.path("says"));
      }
    }
    return "";
  }

  private List<String> kinds() {
    List<String> kinds = new ArrayList<>();
    chores().forEach(chore -> kinds.add(chore.path("kind").asText()));
    return kinds;
  }

  private JsonNode task(String kind) {
    return chores().stream()
        .filter(chore -> chore.path("kind").asText().equals(kind))
        .findFirst()
        .orElse(MissingNode.getInstance());
  }

  private List<JsonNode> chores() {
    List<JsonNode> mine = new ArrayList<>();
    for (JsonNode chore : get(reader, "/api/today").json().path("dueTasks")) {
      if (chore.path("apiaryId").asText().equals(apiaryId)) {
        mine.add(chore);
      }
    }
    return mine;
  }

  private void winterFrom(LocalDate day) {
    season(
        Map.of(
            "layingStops", MonthDay.from(day).toString(),
            "layingStarts", MonthDay.from(day.plusDays(70)).toString()));
  }

  private void wash(int hive, LocalDate day) {
    wash(hive, day, 4);
  }

  private void wash(int hive, LocalDate day, int mites) {
    wash(hives.get(hive), day, mites);
  }

  private void brood(int hive, String kind, LocalDate day, Map<String, Object> details) {
    Map<String, Object> event = new HashMap<>(details);
    event.put("id", id());
    event.put("hiveId", hives.get(hive));
    event.put("day", day.toString());
    event.put("kind", kind);
    assertThat(send(crew, HttpMethod.POST, "/api/brood-events", List.of(event)).status())
        .isEqualTo(204);
  }

  private UUID adopt(LocalDate day) {
    return adopt(day, 1);
  }

  private UUID adopt(LocalDate day, int rounds) {
    UUID series = UUID.randomUUID();
    List<LocalDate> days = IntStream.range(0, rounds).mapToObj(i -> day.plusDays(5L * i)).toList();
    Map<String, Object> body = AdoptedSeries.of(apiaryId, hives.get(0), days, today.plusDays(45));
    assertThat(send(keeper, HttpMethod.PUT, "/api/series/" + series, body).status()).isEqualTo(200);
    return series;
  }

  private void roundsAYear(@Nullable Integer most) {
    UUID sheet = ExampleSheets.all().get(2).id();
    jdbc.update("update rule_sheet set max_rounds_per_year = ? where id = ?", most, sheet);
  }

  private void day(UUID series, LocalDate day) {
    jdbc.update("update series_round set on_day = ? where series_id = ?", day, series);
  }

  /** As if its one round had been planned and finished on a day. */
  private void done(UUID series, LocalDate day) {
    if (jdbc.update("update round set on_day = ? where series_id = ?", day, series) > 0) {
      return;
    }
    Map<String, Object> round = new HashMap<>();
    round.put("apiaryId", apiaryId);
    round.put("ruleSheetId", ExampleSheets.all().get(1).id().toString());
    round.put("settings", settings());
    round.put("tool", "Bowl 1");
    round.put("hiveIds", List.of(hives.get(0)));
    round.put("seriesId", series.toString());
    round.put("seriesNumber", 1);
    assertThat(send(keeper, HttpMethod.PUT, "/api/rounds/" + UUID.randomUUID(), round).status())
        .isEqualTo(200);
    jdbc.update(
        "update round set on_day = ?, finished_at = ? where series_id = ?",
        day,
        Timestamp.from(clock.instant()),
        series);
  }

  private void laidAgo(Duration ago) {
    jdbc.update(
        "update board_laid set laid_at = ? where hive_id in (?, ?)",
        Timestamp.from(clock.instant().minus(ago)),
        UUID.fromString(hives.get(0)),
        UUID.fromString(hives.get(1)));
  }

  private static String id() {
    return UUID.randomUUID().toString();
  }
}
