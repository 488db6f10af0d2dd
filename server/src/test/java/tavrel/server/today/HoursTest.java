package tavrel.server.today;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** The hours of the next ten days, by the school that the keeper chose. */
class HoursTest extends Yard {

  @Test
  void ten_days_of_hours_each_with_a_grade_and_its_reasons() {
    JsonNode hours = get(reader, path()).json();
    assertThat(hours.path("days")).hasSize(10);
    assertThat(hours.path("choice").path("school").asText()).isEqualTo("COOL_BROAD");
    for (JsonNode day : hours.path("days")) {
      for (JsonNode hour : day.path("hours")) {
        boolean good = hour.path("grade").asText().equals("GOOD");
        assertThat(hour.path("reasons").isEmpty()).as(hour.toString()).isEqualTo(good);
      }
    }
  }

  @Test
  void another_school_judges_the_same_weather_otherwise_and_stays_chosen() {
    assertThat(choose("EDGES_OF_DAY", null, null, null).status()).isEqualTo(200);
    JsonNode hours = get(reader, path()).json();
    assertThat(hours.path("days").get(0).path("school").asText()).contains("first light");
    assertThat(choose(null, -20.0, 45.0, null).status()).isEqualTo(200);
    assertThat(get(reader, path()).json().path("days").get(0).path("school").asText())
        .isEqualTo("own, -20 to 45 °C");
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
    JsonNode day = get(reader, "/api/apiaries/" + apiaryId + "/dayline").json().path("day");
    assertThat(day.path("windows")).isEmpty();
    assertThat(day.path("hours").get(3).path("reasons").get(0).asText())
        .contains("below the 39 °C of \"Warm label\"");
  }

  @Test
  void what_cannot_be_chosen_is_refused_at_its_field() {
    assertThat(choose(null, 10.0, 5.0, null).at("ownFrom")).contains("below the warmest");
    assertThat(choose(null, 10.0, null, null).at("ownTo")).contains("missing");
    assertThat(choose("MILD", null, null, UUID.randomUUID().toString()).at("ruleSheetId"))
        .isNotNull();
    assertThat(send(crew, HttpMethod.PUT, path() + "/choice", Map.of("school", "MILD")).status())
        .isEqualTo(403);
  }

  private String path() {
    return "/api/apiaries/" + apiaryId + "/hours";
  }

  private Answer choose(String school, Double from, Double to, String sheet) {
    Map<String, Object> choice = new HashMap<>();
    choice.put("school", school);
    choice.put("ownFrom", from);
    choice.put("ownTo", to);
    choice.put("ruleSheetId", sheet);
    return send(keeper, HttpMethod.PUT, path() + "/choice", choice);
  }
}
