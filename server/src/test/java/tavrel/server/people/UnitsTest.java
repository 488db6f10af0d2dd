package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.ServerTest;

class UnitsTest extends ServerTest {

  private static final Map<String, String> ABROAD =
      Map.of(
          "temperature", "FAHRENHEIT",
          "wind", "MILES_AN_HOUR",
          "road", "MILES",
          "mass", "OUNCES",
          "measures", "SCOOPS_FIRST",
          "volume", "US_GALLONS",
          "clock", "HOURS_12",
          "dates", "MONTH_DAY",
          "decimals", "COMMA",
          "weekStart", "SUNDAY");

  @Test
  void nobody_has_units_until_he_chooses() {
    assertThat(get(person(Role.READER), "/api/session/units").json().path("own").isMissingNode())
        .isTrue();
  }

  @Test
  void each_person_has_his_own_on_every_device() {
    Account one = person(Role.CREW);
    Account other = person(Role.KEEPER);
    assertThat(send(one, HttpMethod.PUT, "/api/session/units", ABROAD).status()).isEqualTo(200);
    assertThat(get(one, "/api/session/units").json().path("own").path("temperature").asText())
        .isEqualTo("FAHRENHEIT");
    assertThat(get(other, "/api/session/units").json().path("own").isMissingNode()).isTrue();
  }

  @Test
  void a_unit_that_does_not_exist_is_refused_and_the_old_ones_stay() {
    Account one = person(Role.CREW);
    send(one, HttpMethod.PUT, "/api/session/units", ABROAD);
    Map<String, String> wrong = new HashMap<>(ABROAD);
    wrong.put("temperature", "KELVIN");
    assertThat(send(one, HttpMethod.PUT, "/api/session/units", wrong).status()).isEqualTo(400);
    wrong.remove("temperature");
    assertThat(send(one, HttpMethod.PUT, "/api/session/units", wrong).status()).isEqualTo(400);
    assertThat(get(one, "/api/session/units").json().path("own").path("temperature").asText())
        .isEqualTo("FAHRENHEIT");
  }
}
