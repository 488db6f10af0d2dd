package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.core.run.PeopleCheck;

/** In an hour that is unsafe nobody goes on without saying why. */
class UnsafeHourTest extends RoundFixture {

  private static final List<String> ALL =
      Arrays.stream(PeopleCheck.Point.values()).map(Enum::name).toList();

  @Test
  void a_forecast_of_thunder_asks_for_a_reason_that_stays_with_the_check() {
    UUID round = planned();
    thunder();
    assertThat(check(round, ALL, null, 0).at("unsafeReason"))
        .contains("thunder or ice")
        .contains("forecast by " + crew.name());
    assertThat(get(crew, "/api/rounds/" + round).json().has("peopleCheck")).isFalse();
    JsonNode whole = check(round, ALL, "it went by in the west", 0).json();
    assertThat(whole.path("peopleCheck").path("unsafeReason").asText())
        .isEqualTo("it went by in the west");
  }

  @Test
  void on_the_spot_the_sky_is_asked_again() {
    UUID round = planned();
    List<String> notTheSky = ALL.stream().filter(each -> !each.equals("SKY")).toList();
    assertThat(check(round, notTheSky, null, 0).at("unsafeReason")).isNotNull();
    assertThat(check(round, notTheSky, "ice at the gate only", 0).status()).isEqualTo(200);
  }

  @Test
  void a_check_that_comes_late_from_a_phone_without_network_is_kept() {
    UUID round = planned();
    thunder();
    assertThat(check(round, ALL, null, 120).status()).isEqualTo(200);
  }

  private void thunder() {
    LocalDate day = LocalDate.ofInstant(clock.instant(), ZoneId.of("Etc/GMT+2"));
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/apiaries/" + apiaryId + "/own-forecasts/" + UUID.randomUUID(),
                    Map.of(
                        "day",
                        day,
                        "low",
                        8,
                        "high",
                        12,
                        "windMs",
                        2,
                        "rainMm",
                        0,
                        "thunderOrIce",
                        true))
                .status())
        .isEqualTo(204);
  }

  private Answer check(UUID round, List<String> confirmed, String reason, int secondsAgo) {
    Map<String, Object> check = new HashMap<>();
    check.put("confirmed", confirmed);
    check.put("unsafeReason", reason);
    return send(
        crew,
        HttpMethod.PUT,
        "/api/rounds/" + round + "/people-check?secondsAgo=" + secondsAgo,
        check);
  }
}
