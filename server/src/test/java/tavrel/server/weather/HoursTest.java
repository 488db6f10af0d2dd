package tavrel.server.weather;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;
import tavrel.server.people.Account;

/** The hours of the next ten days, by the preset that the keeper chose. */
class HoursTest extends Yard {

  @Test
  void hours_that_nobody_tells_of_are_unknown_and_offer_nothing() {
    JsonNode hours = get(reader, path()).json();
    assertThat(hours.path("days")).hasSize(10);
    assertThat(hours.path("choice").path("preset").asText()).isEqualTo("COOL_BROAD");
    assertThat(hours.path("madeUp").asBoolean()).isFalse();
    for (JsonNode day : hours.path("days")) {
      assertThat(day.path("windows")).isEmpty();
      assertThat(day.path("hours").findValuesAsText("grade")).containsOnly("UNKNOWN");
      assertThat(day.toString()).doesNotContain("simulated").doesNotContain("celsius");
    }
    assertThat(today(reader).has("nextWindow")).isFalse();
    assertThat(today(reader).path("hoursFrom")).isEmpty();
  }

  @Test
  void four_figures_grade_a_day_and_say_by_whom() {
    assertThat(foretell(crew, UUID.randomUUID(), today.plusDays(1), 4, 9, false).status())
        .isEqualTo(204);
    JsonNode hours = get(reader, path()).json();
    JsonNode tomorrow = hours.path("days").get(1);
    assertThat(plain(tomorrow.path("source"))).isEqualTo("forecast by " + crew.name());
    assertThat(tomorrow.path("windows")).hasSize(1);
    for (JsonNode hour : tomorrow.path("hours")) {
      boolean good = hour.path("grade").asText().equals("GOOD");
      assertThat(hour.path("reasons").isEmpty()).as(hour.toString()).isEqualTo(good);
    }
    assertThat(hours.path("days").get(2).path("windows")).isEmpty();
    assertThat(hours.path("forecasts").get(0).path("low").asDouble()).isEqualTo(4);
    assertThat(plain(today(reader).path("hoursFrom").get(0)))
        .isEqualTo("forecast by " + crew.name());
  }

  @Test
  void the_forecast_made_last_holds_and_sent_twice_it_is_one() {
    UUID first = UUID.randomUUID();
    foretell(crew, first, today.plusDays(1), 4, 9, false);
    foretell(keeper, UUID.randomUUID(), today.plusDays(1), 5, 9, true);
    foretell(crew, first, today.plusDays(1), 1, 2, false);
    JsonNode hours = get(reader, path()).json();
    assertThat(hours.path("forecasts")).hasSize(1);
    assertThat(hours.path("forecasts").get(0).path("low").asDouble()).isEqualTo(5);
    assertThat(hours.path("days").get(1).path("hours").findValuesAsText("grade"))
        .as("thunder")
        .containsOnly("UNSAFE");
    String of = "/api/apiaries/" + apiaryId + "/own-forecasts/of/" + today.plusDays(1);
    assertThat(send(reader, HttpMethod.DELETE, of, "").status()).isEqualTo(403);
    assertThat(send(crew, HttpMethod.DELETE, of, "").status()).isEqualTo(204);
    assertThat(get(reader, path()).json().path("forecasts")).isEmpty();
  }

  @Test
  void a_forecast_that_cannot_be_is_refused_at_its_field() {
    assertThat(foretell(crew, UUID.randomUUID(), today.minusDays(1), 4, 9, false).at("day"))
        .contains("today or one of the next 13 days");
    assertThat(foretell(crew, UUID.randomUUID(), today, 9, 4, false).at("high"))
        .isEqualTo("is lower than the low");
    assertThat(foretell(reader, UUID.randomUUID(), today, 4, 9, false).status()).isEqualTo(403);
  }

  @Test
  void what_is_offered_first_lies_within_the_persons_own_hours() {
    foretell(crew, UUID.randomUUID(), today.plusDays(1), 6, 12, false);
    JsonNode usual = today(crew).path("nextWindow");
    assertThat(usual.path("to").asText()).contains("T22:00:00");
    String mine = "/api/session/work-hours";
    assertThat(send(crew, HttpMethod.PUT, mine, Map.of("from", "17:30", "to", "20:00")).status())
        .isEqualTo(200);
    JsonNode evening = today(crew).path("nextWindow");
    assertThat(evening.path("from").asText()).contains("T17:30:00");
    assertThat(evening.path("to").asText()).contains("T20:00:00");
    assertThat(get(crew, mine).json().path("from").asText()).startsWith("17:30");
    assertThat(today(reader).path("nextWindow").path("to").asText())
        .as("another person has others")
        .contains("T22:00:00");
    assertThat(send(crew, HttpMethod.PUT, mine, Map.of("from", "20:00", "to", "17:30")).at("to"))
        .isNotNull();
  }

  @Test
  void another_preset_judges_the_same_weather_otherwise_and_stays_chosen() {
    assertThat(choose("EDGES_OF_DAY", null, null, null).status()).isEqualTo(200);
    JsonNode hours = get(reader, path()).json();
    assertThat(hours.path("days").get(0).path("warmth").path("kind").asText())
        .isEqualTo("EDGES_OF_DAY");
    assertThat(choose(null, -20.0, 45.0, null).status()).isEqualTo(200);
    JsonNode own = get(reader, path()).json().path("days").get(0).path("warmth");
    assertThat(own.path("kind").asText()).isEqualTo("OWN");
    assertThat(own.path("from").asDouble()).isEqualTo(-20);
    assertThat(own.path("to").asDouble()).isEqualTo(45);
  }

  @Test
  void a_rule_sheets_temperatures_mark_hours_off_the_label_here_and_on_the_dayline() {
    String sheet = UUID.randomUUID().toString();
    Map<String, Object> copied = new HashMap<>();
    copied.put("id", sheet);
    copied.put("name", "Warm label");
    copied.put("example", false);
    copied.put("copiedBy", "Wren");
    copied.put("copiedOn", "2026-03-01");
    copied.put("gramsOf", "ACID_DIHYDRATE");
    copied.put("maxPerBox", 4);
    copied.put("minCelsius", 39);
    copied.put("version", 1);
    send(keeper, HttpMethod.PUT, "/api/rule-sheets/" + sheet, copied);
    assertThat(choose("MILD", null, null, sheet).status()).isEqualTo(200);
    foretell(crew, UUID.randomUUID(), today, 4, 9, false);
    JsonNode day = get(reader, "/api/apiaries/" + apiaryId + "/dayline").json().path("day");
    assertThat(day.path("windows")).isEmpty();
    JsonNode reason = day.path("hours").get(3).path("reasons").get(0);
    assertThat(reason.path("code").asText()).isEqualTo("BELOW_LABEL");
    assertThat(reason.path("limit").asDouble()).isEqualTo(39);
    assertThat(reason.path("sheet").asText()).isEqualTo("Warm label");
  }

  @Test
  void what_cannot_be_chosen_is_refused_at_its_field() {
    assertThat(choose(null, 10.0, 5.0, null).at("ownFrom")).contains("below the warmest");
    assertThat(choose(null, 10.0, null, null).at("ownTo")).contains("missing");
    assertThat(choose("MILD", null, null, UUID.randomUUID().toString()).at("ruleSheetId"))
        .isNotNull();
    assertThat(send(crew, HttpMethod.PUT, path() + "/choice", Map.of("preset", "MILD")).status())
        .isEqualTo(403);
  }

  private Answer foretell(
      Account who, UUID id, LocalDate day, double low, double high, boolean thunder) {
    return send(
        who,
        HttpMethod.PUT,
        "/api/apiaries/" + apiaryId + "/own-forecasts/" + id,
        Map.of(
            "day",
            day,
            "low",
            low,
            "high",
            high,
            "windMs",
            2,
            "rainMm",
            0,
            "thunderOrIce",
            thunder));
  }

  private JsonNode today(Account who) {
    for (JsonNode each : get(who, "/api/today").json().path("apiaries")) {
      if (each.path("apiary").path("id").asText().equals(apiaryId)) {
        return each;
      }
    }
    throw new AssertionError("the apiary is missing");
  }

  private String path() {
    return "/api/apiaries/" + apiaryId + "/hours";
  }

  private Answer choose(String preset, Double from, Double to, String sheet) {
    Map<String, Object> choice = new HashMap<>();
    choice.put("preset", preset);
    choice.put("ownFrom", from);
    choice.put("ownTo", to);
    choice.put("ruleSheetId", sheet);
    return send(keeper, HttpMethod.PUT, path() + "/choice", choice);
  }
}
