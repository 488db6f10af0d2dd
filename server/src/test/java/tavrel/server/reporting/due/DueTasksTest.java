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
    String path = "/api/apiaries/" + apiaryId + "/season";
    Map<String, Object> season =
        json.convertValue(
            get(keeper, path).json().path("season"), new TypeReference<Map<String, Object>>() {});
    season.put("layingStops", MonthDay.from(day).toString());
    season.put("layingStarts", MonthDay.from(day.plusDays(70)).toString());
    assertThat(send(keeper, HttpMethod.PUT, path, season).status()).isEqualTo(200);
  }

  private void wash(int hive, LocalDate day) {
    send(
        crew,
        HttpMethod.POST,
        "/api/counts",
        List.of(
            Map.of(
                "id",
                id(),
                "hiveId",
                hives.get(hive),
                "day",
                day.toString(),
                "kind",
                "WASH",
                "mites",
                4,
                "bees",
                300,
                "natural",
                false)));
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
    UUID series = UUID.randomUUID();
    Map<String, Object> bench =
        Map.of(
            "load",
            Map.of(
                "mites",
                9,
                "sampleBees",
                300,
                "recovery",
                1,
                "framesOfBees",
                10,
                "cappedFrames",
                4,
                "droneShare",
                0.02),
            "gramsPerBox",
            2,
            "shut",
            "TIGHT",
            "curve",
            "FIELD",
            "commonDate",
            today.plusDays(45).toString(),
            "targetPercent",
            2);
    Map<String, Object> body =
        Map.of(
            "apiaryId",
            apiaryId,
            "name",
            "A series",
            "hiveIds",
            List.of(hives.get(0)),
            "days",
            List.of(day.toString()),
            "tool",
            "Bowl 1",
            "benchHiveId",
            hives.get(0),
            "bench",
            bench);
    assertThat(send(keeper, HttpMethod.PUT, "/api/series/" + series, body).status()).isEqualTo(200);
    return series;
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
