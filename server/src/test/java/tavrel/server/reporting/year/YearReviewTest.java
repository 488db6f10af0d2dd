package tavrel.server.reporting.year;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.people.Role;
import tavrel.server.run.RoundFixture;

class YearReviewTest extends RoundFixture {

  @BeforeEach
  void nothing_else_is_on_record() {
    jdbc.update("update treatment set stands = false");
    jdbc.update("delete from treatment_round");
    jdbc.update("update mite_count set struck_at = current_timestamp");
    jdbc.update("delete from winter_outcome");
  }

  @Test
  void months_tell_what_was_done_and_found() {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    count(hives.get(0), today(), 9);
    JsonNode review = get(keeper, "/api/review?year=" + today().getYear()).json();
    JsonNode month = review.path("months").get(today().getMonthValue() - 1);
    assertThat(month.path("treatments").asInt()).isEqualTo(1);
    assertThat(month.path("acid").asDouble()).isCloseTo(2, within(1e-9));
    assertThat(month.path("share").asDouble()).isCloseTo(0.03, within(1e-9));
    assertThat(review.path("months")).hasSize(12);
    assertThat(review.path("cases").asInt()).isZero();
    assertThat(review.has("whole")).isFalse();
  }

  @Test
  void a_winter_is_judged_by_what_was_said_last_of_each_hive() {
    int winter = today().getYear() + 1;
    count(hives.get(0), today(), 12);
    UUID first = UUID.randomUUID();
    assertThat(say(winter, outcome(first, hives.get(0), "WEAK", null)).status()).isEqualTo(204);
    assertThat(say(winter, outcome(first, hives.get(0), "WEAK", null)).status()).isEqualTo(204);
    assertThat(
            say(
                    winter,
                    outcome(UUID.randomUUID(), hives.get(0), "DEAD", "MITES"),
                    outcome(UUID.randomUUID(), hives.get(1), "STRONG", null))
                .status())
        .isEqualTo(204);
    JsonNode review = get(keeper, "/api/review?year=" + today().getYear()).json();
    JsonNode judged = review.path("winter");
    assertThat(judged.path("lost").path("dead").asInt()).isEqualTo(1);
    assertThat(judged.path("lost").path("of").asInt()).isEqualTo(2);
    assertThat(judged.path("signs").path("MITES").asInt()).isEqualTo(1);
    JsonNode entered =
        get(keeper, "/api/review/winters/" + winter + "?apiaryId=" + apiaryId).json();
    assertThat(entered).hasSize(3);
    assertThat(entered.get(0).path("outcome").asText()).isEqualTo("DEAD");
    assertThat(entered.get(2).has("outcome")).isFalse();
  }

  @Test
  void south_of_the_equator_a_winter_lies_within_its_year() {
    jdbc.update("update apiary set latitude = -40 where id = ?", UUID.fromString(apiaryId));
    int year = today().getYear();
    assertThat(say(year + 1, outcome(UUID.randomUUID(), hives.get(0), "WEAK", null)).at("winter"))
        .contains("not come");
    assertThat(say(year, outcome(UUID.randomUUID(), hives.get(0), "DEAD", "MITES")).status())
        .isEqualTo(204);

    JsonNode winters = get(keeper, "/api/review/winters?apiaryId=" + apiaryId).json();
    assertThat(plain(winters.path("all").get(0).path("name"))).isEqualTo("" + year);
    JsonNode review = get(keeper, "/api/review?year=" + year).json();
    assertThat(review.path("winter").path("lost").path("dead").asInt()).isEqualTo(1);
    assertThat(get(keeper, "/api/review?year=" + (year - 1)).json().path("winter").has("lost"))
        .as("in the north that number would be the winter from last year to this")
        .isFalse();
  }

  @Test
  void in_the_north_a_winter_is_named_by_both_its_years() {
    JsonNode winters = get(keeper, "/api/review/winters?apiaryId=" + apiaryId).json();
    int latest = today().getYear() + 1;
    assertThat(winters.path("all")).hasSize(6);
    assertThat(winters.path("all").get(0).path("winter").asInt()).isEqualTo(latest);
    assertThat(plain(winters.path("all").get(0).path("name")))
        .isEqualTo(today().getYear() + " to " + latest);
    assertThat(winters.path("now").asInt()).isBetween(latest - 1, latest);
  }

  @Test
  void what_cannot_be_is_refused_whole_and_readers_only_read() {
    int winter = today().getYear();
    Answer wrong =
        say(
            winter,
            outcome(UUID.randomUUID(), hives.get(1), "STRONG", null),
            outcome(UUID.randomUUID(), hives.get(0), "STRONG", "MITES"));
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(
            say(
                    winter,
                    outcome(UUID.randomUUID(), hives.get(1), "STRONG", null),
                    outcome(UUID.randomUUID(), UUID.randomUUID().toString(), "STRONG", null))
                .status())
        .isEqualTo(404);
    assertThat(say(winter + 5, outcome(UUID.randomUUID(), hives.get(1), "WEAK", null)).at("winter"))
        .contains("not come");
    for (JsonNode each :
        get(keeper, "/api/review/winters/" + winter + "?apiaryId=" + apiaryId).json()) {
      assertThat(each.has("outcome")).isFalse();
    }
    assertThat(
            send(
                    person(Role.READER),
                    HttpMethod.POST,
                    "/api/review/winters/" + winter,
                    List.of(outcome(UUID.randomUUID(), hives.get(1), "WEAK", null)))
                .status())
        .isEqualTo(403);
  }

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), ZoneId.of("Etc/GMT+2"));
  }

  private void count(String hive, LocalDate day, int mites) {
    assertThat(
            send(
                    keeper,
                    HttpMethod.POST,
                    "/api/counts",
                    List.of(
                        Map.of(
                            "id",
                            UUID.randomUUID(),
                            "hiveId",
                            hive,
                            "day",
                            day.toString(),
                            "kind",
                            "WASH",
                            "mites",
                            mites,
                            "bees",
                            300,
                            "natural",
                            false)))
                .status())
        .isEqualTo(204);
  }

  private Answer say(int winter, Map<?, ?>... outcomes) {
    return send(crew, HttpMethod.POST, "/api/review/winters/" + winter, List.of(outcomes));
  }

  private static Map<String, Object> outcome(UUID id, String hive, String outcome, String sign) {
    Map<String, Object> said = new HashMap<>();
    said.put("id", id);
    said.put("hiveId", hive);
    said.put("outcome", outcome);
    said.put("sign", sign);
    return said;
  }
}
