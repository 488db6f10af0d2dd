package tavrel.server.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.round.RoundFixture;

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
  void counts_before_and_after_tell_what_a_round_took_away_also_against_a_hive_left_out() {
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
    assertThat(pooled.path("whole").path("share").asDouble()).isCloseTo(1 - 4 / 24.0, within(1e-9));
    assertThat(pooled.path("againstControls").path("share").asDouble())
        .isCloseTo(0.861, within(0.001));
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
    assertThat(line.path("next").findValuesAsText("says").toString()).contains("label");
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
}
