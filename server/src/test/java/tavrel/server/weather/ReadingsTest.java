package tavrel.server.weather;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** A thermometer read in the yard goes before every forecast, and decides. */
class ReadingsTest extends Yard {

  @Test
  void what_was_read_is_the_weather_there_and_says_by_whom() {
    assertThat(there().isMissingNode()).as("nothing is made up").isTrue();
    assertThat(read(UUID.randomUUID(), 4.5, 270).status()).isEqualTo(204);
    JsonNode there = there();
    assertThat(there.path("madeUp").asBoolean()).isFalse();
    assertThat(plain(there.path("says"))).isEqualTo("read by " + crew.name());
    assertThat(there.path("weather").path("celsius").asDouble()).isEqualTo(4.5);
    assertThat(there.path("windSide").asText()).isEqualTo("west");
  }

  @Test
  void the_latest_holds_and_the_same_reading_sent_twice_is_one() {
    UUID first = UUID.randomUUID();
    read(first, 4.5, 270);
    read(UUID.randomUUID(), 6, 90);
    read(first, 30, 0);
    assertThat(there().path("weather").path("celsius").asDouble()).isEqualTo(6);
  }

  @Test
  void a_sheet_with_temperatures_is_judged_by_what_was_read() {
    String sheet = sheetFrom(5, 20);
    assertThat(plain(finding(sheet).path("says"))).contains("read a thermometer");
    read(UUID.randomUUID(), 3, 270);
    assertThat(finding(sheet).path("verdict").asText()).isEqualTo("NOT_ON_LABEL");
    read(UUID.randomUUID(), 12, 270);
    assertThat(finding(sheet).path("verdict").asText()).isEqualTo("ALLOWED");
  }

  @ParameterizedTest
  @CsvSource({"99, 0, celsius", "10, 400, windFrom", "10, -1, windFrom"})
  void what_cannot_be_is_refused_at_its_field(double celsius, int from, String named) {
    assertThat(read(UUID.randomUUID(), celsius, from).at(named)).isNotNull();
  }

  @Test
  void what_was_foretold_is_held_against_what_was_read() {
    read(UUID.randomUUID(), 4.5, 270);
    assertThat(learned().path("parts")).as("nobody had foretold it").isEmpty();

    foretell(10, 10);
    read(UUID.randomUUID(), 4, 270);
    JsonNode part = learned().path("parts").get(0);
    assertThat(part.path("readings").asInt()).isEqualTo(1);
    assertThat(part.path("meanError").asDouble()).isEqualTo(-6);
    assertThat(part.path("correction").asDouble()).as("a fifth of it").isEqualTo(-1.2);
    assertThat(hours().has("held")).as("told from five on").isFalse();
    assertThat(plain(hours().path("days").get(1).path("source"))).contains("no source");

    foretell(today.plusDays(1), 10, 10);
    JsonNode tomorrow = hours().path("days").get(1);
    assertThat(plain(tomorrow.path("source")))
        .isEqualTo("forecast by " + crew.name() + ", put right by readings here");
    assertThat(tomorrow.path("hours").findValues("celsius"))
        .as("one part of the day is put right, the others stand as they were foretold")
        .extracting(JsonNode::asDouble)
        .contains(8.8, 10.0);
  }

  @Test
  void a_reader_reads_no_thermometer() {
    assertThat(
            send(
                    reader,
                    HttpMethod.PUT,
                    "/api/apiaries/" + apiaryId + "/readings/" + UUID.randomUUID(),
                    Map.of("celsius", 10, "wind", "CALM", "windFrom", 0, "rain", false))
                .status())
        .isEqualTo(403);
  }

  private JsonNode learned() {
    return hours().path("learned");
  }

  private JsonNode hours() {
    return get(reader, "/api/apiaries/" + apiaryId + "/hours").json();
  }

  private void foretell(double low, double high) {
    foretell(today, low, high);
  }

  private void foretell(LocalDate day, double low, double high) {
    Map<String, Object> figures = new HashMap<>();
    figures.put("day", day);
    figures.put("low", low);
    figures.put("high", high);
    figures.put("windMs", 2);
    figures.put("rainMm", 0);
    figures.put("thunderOrIce", false);
    String path = "/api/apiaries/" + apiaryId + "/own-forecasts/" + UUID.randomUUID();
    assertThat(send(crew, HttpMethod.PUT, path, figures).status()).isEqualTo(204);
  }

  private Answer read(UUID id, double celsius, int from) {
    return send(
        crew,
        HttpMethod.PUT,
        "/api/apiaries/" + apiaryId + "/readings/" + id,
        Map.of("celsius", celsius, "wind", "LIGHT", "windFrom", from, "rain", false));
  }

  private JsonNode there() {
    return get(reader, "/api/apiaries/" + apiaryId + "/dayline").json().path("there");
  }

  private String sheetFrom(double least, double most) {
    String id = UUID.randomUUID().toString();
    Map<String, Object> sheet = new HashMap<>();
    sheet.put("id", id);
    sheet.put("name", "Label " + id);
    sheet.put("example", false);
    sheet.put("copiedBy", "Wren");
    sheet.put("copiedOn", "2026-03-01");
    sheet.put("gramsOf", "ACID_DIHYDRATE");
    sheet.put("maxPerBox", 4);
    sheet.put("minCelsius", least);
    sheet.put("maxCelsius", most);
    sheet.put("registeredProduct", true);
    sheet.put("version", 1);
    assertThat(send(keeper, HttpMethod.PUT, "/api/rule-sheets/" + id, sheet).status())
        .isEqualTo(200);
    return id;
  }

  private JsonNode finding(String sheetId) {
    JsonNode sheet =
        send(
                crew,
                HttpMethod.POST,
                "/api/apiaries/" + apiaryId + "/dose-sheet",
                Map.of("ruleSheetId", sheetId, "settings", settings()))
            .json();
    for (JsonNode each :
        sheet.path("dose").path("hives").get(0).path("judgement").path("findings")) {
      if (each.path("point").asText().equals("AIR_TEMPERATURE")) {
        return each;
      }
    }
    throw new AssertionError(sheet.toString());
  }
}
