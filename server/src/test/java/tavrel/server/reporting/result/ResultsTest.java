package tavrel.server.reporting.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.run.RoundFixture;

/** Counts held against each other over a round that was done. */
class ResultsTest extends RoundFixture {

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), ZoneId.of("Etc/GMT+2"));
  }

  private void count(String hive, int daysAgo, String kind, int mites, boolean natural) {
    Map<String, Object> count =
        new HashMap<>(
            Map.of(
                "id",
                UUID.randomUUID().toString(),
                "hiveId",
                hive,
                "day",
                today().minusDays(daysAgo).toString(),
                "kind",
                kind,
                "mites",
                mites,
                "natural",
                natural));
    count.put(kind.equals("BOARD") ? "hours" : "bees", kind.equals("BOARD") ? 24 : 300);
    assertThat(send(crew, HttpMethod.POST, "/api/counts", List.of(count)).status()).isEqualTo(204);
  }

  /** Two hives treated 25 days ago, the third left out. */
  private UUID treatedAWhileAgo() {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    treat(round, hives.get(1), -700);
    post(round, skip(hives.get(2)));
    jdbc.update(
        "update treatment set on_day = dateadd('DAY', -25, on_day) where round_id = ?", round);
    return round;
  }

  private JsonNode results() {
    return get(keeper, "/api/apiaries/" + apiaryId + "/results").json();
  }

  @Test
  void an_apiary_in_which_nothing_was_done_has_no_results_yet() {
    JsonNode none = results();
    assertThat(none.path("stretches")).isEmpty();
    assertThat(none.path("shown").isMissingNode()).isTrue();
    assertThat(none.path("pooled").path("counted").asInt()).isZero();
  }

  @Test
  void counts_before_and_after_tell_what_a_round_took_away_hive_by_hive() {
    count(hives.get(0), 26, "WASH", 14, false);
    count(hives.get(1), 26, "WASH", 10, false);
    count(hives.get(2), 26, "WASH", 15, false);
    treatedAWhileAgo();
    count(hives.get(0), 0, "WASH", 3, false);
    count(hives.get(1), 0, "WASH", 1, false);
    count(hives.get(2), 0, "WASH", 18, false);

    JsonNode found = results();
    JsonNode pooled = found.path("pooled");
    assertThat(pooled.path("counted").asInt()).isEqualTo(2);
    assertThat(pooled.path("controls").asInt()).isEqualTo(1);
    assertThat(pooled.has("whole")).as("two hives tell of themselves alone").isFalse();
    assertThat(pooled.has("againstControls")).isFalse();
    assertThat(found.path("stretches")).hasSize(1);
    JsonNode line = found.path("lines").get(0).path("result");
    assertThat(line.path("reduction").path("share").asDouble())
        .isCloseTo(1 - 3 / 14.0, within(1e-9));
    assertThat(line.path("expected")).hasSize(1);
    assertThat(line.path("fit").path("kill").path("middle").asDouble()).isBetween(0.05, 0.99);
    assertThat(line.path("ahead")).hasSize(3);
    assertThat(found.path("lines").get(2).path("result").isMissingNode()).isTrue();
  }

  @Test
  void boards_are_held_against_what_the_model_foretold_and_lead_to_advice() {
    count(hives.get(0), 27, "BOARD", 6, true);
    count(hives.get(0), 26, "WASH", 14, false);
    treatedAWhileAgo();
    count(hives.get(0), 24, "BOARD", 240, false);
    count(hives.get(0), 0, "WASH", 12, false);

    JsonNode line = results().path("lines").get(0).path("result");
    assertThat(line.path("naturalPerDay").asDouble()).isEqualTo(6);
    assertThat(line.path("drops").get(0).path("byTreatment").asDouble()).isEqualTo(234);
    assertThat(line.path("expected").get(0).path("killed").asDouble()).isPositive();
    assertThat(line.path("next").findValuesAsText("kind")).contains("ONE_MORE");
    assertThat(line.path("next").findValues("says"))
        .extracting(each -> plain(each))
        .anyMatch(says -> says.contains("label"));
  }

  @Test
  void without_a_count_afterwards_the_advice_is_to_count() {
    count(hives.get(0), 26, "WASH", 14, false);
    treatedAWhileAgo();
    JsonNode line = results().path("lines").get(0).path("result");
    assertThat(line.path("fit").isMissingNode()).as("one count is too little").isTrue();
    assertThat(line.path("next").findValuesAsText("kind")).containsExactly("COUNT");
    assertThat(results().path("pooled").path("whole").isMissingNode()).isTrue();
  }

  @Test
  void the_rest_of_a_series_is_planned_anew_from_what_its_first_round_showed() {
    assertThat(rest()).as("no series").isEmpty();
    itIsLateSummer();
    count(hives.get(0), 26, "WASH", 14, false);
    UUID round = treatedAWhileAgo();
    UUID series = inSeries(round, List.of(today().plusDays(3), today().plusDays(10)));
    count(hives.get(0), 24, "BOARD", 330, false);
    count(hives.get(0), 0, "WASH", 12, false);

    UUID planned = planned();
    jdbc.update("update round set series_id = ?, series_number = 2 where id = ?", series, planned);
    assertThat(rest()).as("the next round is planned already").isEmpty();
    jdbc.update("update round set series_id = null, series_number = null where id = ?", planned);

    JsonNode found = rest().get(0);
    assertThat(found.path("seriesId").asText()).isEqualTo(series.toString());
    assertThat(found.path("without").findValuesAsText("")).isEmpty();
    assertThat(found.path("ways").findValuesAsText("kind"))
        .containsExactly("END_HERE", "AS_AGREED", "FITTED");
    JsonNode fitted = found.path("ways").get(2);
    assertThat(fitted.path("way").path("days").size()).isGreaterThanOrEqualTo(2);
    assertThat(fitted.path("way").path("hives").get(0).path("hiveId").asText())
        .isEqualTo(hives.get(0));
    assertThat(found.path("ways").get(0).path("way").path("above").asInt()).isEqualTo(1);

    Answer taken =
        send(
            keeper,
            HttpMethod.PUT,
            "/api/series/" + series + "/rest",
            Map.of("days", fitted.path("way").path("days"), "offLabelReason", "under advice"));
    assertThat(taken.status()).isEqualTo(200);
    assertThat(taken.json().path("rounds").get(0).path("state").asText()).isEqualTo("DONE");
    assertThat(rest().get(0).path("ways").get(1).path("way").path("days"))
        .isEqualTo(fitted.path("way").path("days"));
  }

  /** Whatever the day of the machine: what a fitted colony still needs goes by its season. */
  private void itIsLateSummer() {
    jdbc.update(
        """
        insert into apiary_year
        values (?, ?, 1, ?, 2, ?, 2, ?, ?, 0, null, null, ?, 1)
        """,
        UUID.fromString(apiaryId),
        MonthDay.from(today().minusDays(140)).toString(),
        MonthDay.from(today().minusDays(20)).toString(),
        MonthDay.from(today().plusDays(50)).toString(),
        MonthDay.from(today().plusDays(75)).toString(),
        MonthDay.from(today().minusDays(180)).toString(),
        MonthDay.from(today().plusDays(20)).toString());
  }

  private JsonNode rest() {
    return get(crew, "/api/apiaries/" + apiaryId + "/results/rest").json();
  }

  /** The first hive's series, whose first round was this one. */
  private UUID inSeries(UUID round, List<LocalDate> toCome) {
    UUID series = UUID.randomUUID();
    jdbc.update(
        """
        insert into series (id, apiary_id, name, grams_per_box, tool, adopted_on, adopted_by, adopted_at)
        values (?, ?, 'Late summer', 2, 'Bowl 1', ?, 'Keeper', current_timestamp)
        """,
        series,
        UUID.fromString(apiaryId),
        today().minusDays(30));
    jdbc.update("insert into series_hive values (?, ?)", series, UUID.fromString(hives.get(0)));
    jdbc.update("update round set series_id = ?, series_number = 1 where id = ?", series, round);
    jdbc.update("update round set finished_at = current_timestamp where id = ?", round);
    List<LocalDate> days = new ArrayList<>(List.of(today().minusDays(25)));
    days.addAll(toCome);
    for (int i = 0; i < days.size(); i++) {
      jdbc.update(
          "insert into series_round (series_id, number, on_day, first_day, left_out) values (?, ?, ?, ?, false)",
          series,
          i + 1,
          days.get(i),
          days.get(i));
    }
    return series;
  }
}
