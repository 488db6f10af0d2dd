package tavrel.server.series;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.server.Yard;

class SeriesTest extends Yard {

  @Test
  void the_bench_knows_what_is_on_record_and_says_what_is_not() {
    JsonNode start = get(crew, "/api/hives/" + hives.get(0) + "/spacing").json();

    assertThat(start.path("mites").isMissingNode()).isTrue();
    assertThat(start.path("framesOfBees").asDouble()).isEqualTo(7);
    assertThat(plain(start.path("from").get(0))).contains("not counted yet");
    assertThat(start.path("presets")).hasSize(7);
  }

  @Test
  void a_course_is_run_and_patterns_are_compared() {
    Answer course = course(days(0, 7, 14), question(9));
    assertThat(course.json().path("rounds")).hasSize(3);
    assertThat(course.json().path("exposed")).hasSize(46);

    JsonNode comparison =
        send(
                crew,
                HttpMethod.POST,
                "/api/hives/" + hives.get(0) + "/spacing/comparison",
                Map.of("question", question(9), "start", today.toString()))
            .json();
    assertThat(comparison.path("patterns").size()).isGreaterThanOrEqualTo(13);
    assertThat(comparison.path("advice").path("reasons").size()).isPositive();
    assertThat(comparison.path("front").size()).isPositive();
  }

  @Test
  void bench_input_out_of_reason_is_answered_at_its_field() {
    assertThat(course(days(0), question(301)).at("question.load.mites")).contains("more mites");
    assertThat(course(days(0, 0), question(9)).at("days")).contains("gap must be at least 1");
    assertThat(course(List.of("1926-08-18"), question(9)).at("days")).contains("must lie from");
    Map<String, Object> far = question(9);
    far.put("commonDate", today.plusYears(100).toString());
    assertThat(course(days(0), far).at("commonDate")).contains("20 to 240 days");
    Map<String, Object> frames = question(9);
    frames.put("load", load(9, 400));
    assertThat(course(days(0), frames).at("question.load.cappedFrames")).contains("0 to 30");
  }

  @Test
  void a_series_is_adopted_once_and_its_first_round_is_due_today() {
    UUID id = UUID.randomUUID();
    assertThat(adopt(id, days(0, 7, 14), 1, null).status()).isEqualTo(200);
    assertThat(adopt(id, days(0, 7, 14), 1, null).status()).isEqualTo(200);

    JsonNode series = series(id);
    assertThat(series.path("rounds")).hasSize(3);
    assertThat(series.path("rounds").get(0).path("state").asText()).isEqualTo("DUE");
    assertThat(series.path("verdict").asText()).isEqualTo("CAUTION");
    assertThat(chores()).contains("ROUND_DUE");
  }

  @Test
  void a_hive_is_in_one_series_at_a_time_and_days_gone_cannot_be_planned() {
    UUID first = UUID.randomUUID();
    adopt(first, days(0, 7), 1, null);

    Answer second = adopt(UUID.randomUUID(), days(1, 8), 1, null);
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.json().path("detail").asText()).contains("Q1 (A series)");
    send(keeper, HttpMethod.DELETE, "/api/series/" + first, "");
    assertThat(adopt(UUID.randomUUID(), days(1, 8), 1, null).status()).isEqualTo(200);
    assertThat(adopt(UUID.randomUUID(), List.of(today.minusDays(3).toString()), 1, null).at("days"))
        .contains("must lie from");
    assertThat(send(crew, HttpMethod.PUT, "/api/series/" + UUID.randomUUID(), Map.of()).status())
        .isEqualTo(403);
  }

  @Test
  void days_off_the_label_need_a_reason_and_stay_marked() {
    UUID id = UUID.randomUUID();
    assertThat(adopt(id, days(0, 7), 3, null).at("offLabelReason"))
        .contains("not on your rule sheet");
    assertThat(adopt(id, days(0, 7), 3, "trial under advice").status()).isEqualTo(200);

    assertThat(series(id).path("verdict").asText()).isEqualTo("NOT_ON_LABEL");
    assertThat(series(id).path("offLabelReason").asText()).isEqualTo("trial under advice");
  }

  @Test
  void a_missed_day_shows_each_way_on_and_re_spaces_the_rest() {
    UUID id = UUID.randomUUID();
    adopt(id, days(0, 7, 14), 1, null);
    Map<String, Object> miss = new HashMap<>();
    miss.put("number", 1);
    miss.put("onto", today.plusDays(3).toString());

    JsonNode ways = send(keeper, HttpMethod.POST, "/api/series/" + id + "/ways", miss).json();
    assertThat(ways.findValuesAsText("way")).containsExactly("SHIFT_ALL", "MOVE_ONE", "LEAVE_OUT");
    assertThat(ways.get(2).path("left").asDouble())
        .isGreaterThan(ways.get(0).path("left").asDouble());

    miss.put("way", "SHIFT_ALL");
    send(keeper, HttpMethod.PUT, "/api/series/" + id + "/days", miss);
    assertThat(series(id).path("rounds").findValuesAsText("day"))
        .containsExactlyElementsOf(days(3, 10, 17));
    assertThat(series(id).path("rounds").get(0).path("firstDay").asText())
        .isEqualTo(today.toString());
    miss.put("way", "LEAVE_OUT");
    send(keeper, HttpMethod.PUT, "/api/series/" + id + "/days", miss);
    assertThat(series(id).path("rounds").get(0).path("state").asText()).isEqualTo("LEFT_OUT");
  }

  @Test
  void the_days_to_come_are_planned_anew_fewer_or_more_and_again_without_harm() {
    UUID id = UUID.randomUUID();
    adopt(id, days(0, 7, 14), 1, null);

    for (int twice = 0; twice < 2; twice++) {
      assertThat(rest(id, days(2), null).json().path("rounds").findValuesAsText("state"))
          .containsExactly("AHEAD", "LEFT_OUT", "LEFT_OUT");
    }
    for (int twice = 0; twice < 2; twice++) {
      JsonNode longer = rest(id, days(1, 6, 11, 16), null).json();
      assertThat(longer.path("rounds").findValuesAsText("day"))
          .containsExactlyElementsOf(days(1, 6, 11, 16));
      assertThat(longer.path("rounds").findValuesAsText("state")).containsOnly("AHEAD");
    }
    assertThat(rest(id, List.of(), null).json().path("rounds").findValuesAsText("state"))
        .containsOnly("LEFT_OUT");
  }

  @Test
  void days_to_come_that_cannot_be_are_refused_and_nothing_moves() {
    UUID id = UUID.randomUUID();
    adopt(id, days(0, 7), 3, "trial under advice");
    assertThat(rest(id, days(-1, 7), null).at("days")).contains("must lie from");
    assertThat(rest(id, days(7, 7), null).at("days")).contains("gap must be at least 1");
    assertThat(rest(id, days(1, 2), null).at("offLabelReason")).contains("not on your rule sheet");
    assertThat(series(id).path("rounds").findValuesAsText("day"))
        .containsExactlyElementsOf(days(0, 7));
    assertThat(
            send(crew, HttpMethod.PUT, "/api/series/" + id + "/rest", Map.of("days", days(3)))
                .status())
        .isEqualTo(403);
  }

  private Answer rest(UUID id, List<String> days, String reason) {
    Map<String, Object> body = new HashMap<>();
    body.put("days", days);
    body.put("offLabelReason", reason);
    return send(keeper, HttpMethod.PUT, "/api/series/" + id + "/rest", body);
  }

  @Test
  void a_round_of_the_series_carries_its_hives_and_counts_as_open() {
    UUID id = UUID.randomUUID();
    adopt(id, days(0, 7), 1, null);
    Map<String, Object> round = new HashMap<>();
    round.put("apiaryId", apiaryId);
    round.put("ruleSheetId", sheet(1));
    round.put("settings", settings());
    round.put("tool", "Bowl 1");
    round.put("hiveIds", List.of(hives.get(0)));
    round.put("seriesId", id.toString());
    round.put("seriesNumber", 1);
    UUID roundId = UUID.randomUUID();

    assertThat(send(keeper, HttpMethod.PUT, "/api/rounds/" + roundId, round).status())
        .isEqualTo(200);
    assertThat(get(keeper, "/api/rounds/" + roundId).json().path("hives")).hasSize(1);
    assertThat(series(id).path("rounds").get(0).path("state").asText()).isEqualTo("OPEN");
    round.remove("seriesNumber");
    assertThat(
            send(keeper, HttpMethod.PUT, "/api/rounds/" + UUID.randomUUID(), round)
                .at("seriesNumber"))
        .contains("go together");
  }

  @Test
  void a_rhythm_is_held_against_each_hive_of_the_apiary() {
    JsonNode none = rhythm();
    assertThat(none).hasSize(4);
    assertThat(none.get(0).path("rhythm").isMissingNode()).isTrue();

    Map<String, Object> wash =
        Map.of(
            "id",
            UUID.randomUUID().toString(),
            "hiveId",
            hives.get(0),
            "day",
            today.toString(),
            "kind",
            "WASH",
            "mites",
            9,
            "bees",
            300,
            "natural",
            false);
    send(crew, HttpMethod.POST, "/api/counts", List.of(wash));

    assertThat(rhythm().get(0).path("counted").asBoolean()).isTrue();
    assertThat(rhythm().get(1).path("counted").asBoolean()).isFalse();
    assertThat(rhythm().get(1).path("rhythm").path("left").asDouble()).isPositive();
  }

  @Test
  void figures_are_changed_within_their_range_and_set_back() {
    assertThat(
            send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("naturalLoss", 9))
                .at("naturalLoss"))
        .contains("0 to 0.05");
    assertThat(
            send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("nonsense", 1)).at("nonsense"))
        .contains("no figure");
    assertThat(send(crew, HttpMethod.PUT, "/api/parameters", Map.of()).status()).isEqualTo(403);
    double usual = left();
    send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("workerDaughters", 1.2));
    assertThat(left()).isGreaterThan(usual);
    send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("workerDaughters", 0.6));
    assertThat(left()).isEqualTo(usual);
  }

  private double left() {
    return course(days(0, 7), question(9)).json().path("atCommonDate").path("left").asDouble();
  }

  private JsonNode rhythm() {
    return send(
            crew,
            HttpMethod.POST,
            "/api/apiaries/" + apiaryId + "/rhythm",
            Map.of("question", question(9), "days", days(0, 7, 14)))
        .json();
  }

  private JsonNode series(UUID id) {
    return get(reader, "/api/series/" + id).json();
  }

  private List<String> chores() {
    return get(reader, "/api/today").json().path("dueTasks").findValuesAsText("kind");
  }

  private Answer course(List<String> days, Map<String, Object> question) {
    return send(
        crew,
        HttpMethod.POST,
        "/api/hives/" + hives.get(0) + "/spacing/forecast",
        Map.of("question", question, "days", days));
  }

  private Answer adopt(UUID id, List<String> days, int sheet, String reason) {
    Map<String, Object> question = question(9);
    question.put("ruleSheetId", sheet(sheet));
    Map<String, Object> body = new HashMap<>();
    body.put("apiaryId", apiaryId);
    body.put("name", "A series");
    body.put("hiveIds", List.of(hives.get(0)));
    body.put("days", days);
    body.put("tool", "Bowl 1");
    body.put("offLabelReason", reason);
    body.put("benchHiveId", hives.get(0));
    body.put("bench", question);
    return send(keeper, HttpMethod.PUT, "/api/series/" + id, body);
  }

  private Map<String, Object> question(int mites) {
    return new HashMap<>(
        Map.of(
            "load",
            load(mites, 4),
            "gramsPerBox",
            2,
            "shut",
            "TIGHT",
            "curve",
            "FIELD",
            "commonDate",
            today.plusDays(45).toString(),
            "targetPercent",
            2));
  }

  private static Map<String, Object> load(int mites, int cappedFrames) {
    return Map.of(
        "mites",
        mites,
        "sampleBees",
        300,
        "recovery",
        1,
        "framesOfBees",
        10,
        "cappedFrames",
        cappedFrames,
        "droneShare",
        0.02);
  }

  private static String sheet(int index) {
    return ExampleSheets.all().get(index).id().toString();
  }

  private List<String> days(int... ahead) {
    return IntStream.of(ahead)
        .mapToObj(day -> today.plusDays(day))
        .map(LocalDate::toString)
        .toList();
  }
}
