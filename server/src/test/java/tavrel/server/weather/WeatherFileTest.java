package tavrel.server.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.server.Yard;

class WeatherFileTest extends Yard {

  private static final ZoneId CET = ZoneId.of("CET");

  @Test
  void celsius_and_metres_a_second_are_read_as_they_stand() {
    WeatherFile file =
        read(
            "time;temperature (°C);wind (m/s);wind from;rain;cloud %\n2026-08-18T05:00;8,5;2,1;270;0;40\n");
    assertThat(file.errors()).isEmpty();
    assertThat(file.asks()).isNull();
    assertThat(file.hours().get(0).celsius()).isEqualTo(8.5);
    assertThat(file.hours().get(0).windFrom()).isEqualTo(270);
    assertThat(file.hours().get(0).cloud()).isEqualTo(0.4);
    assertThat(file.hours().get(0).hour()).isEqualTo(Instant.parse("2026-08-18T05:00:00Z"));
  }

  @Test
  void fahrenheit_in_the_heading_is_turned_into_celsius_and_said() {
    WeatherFile file = read("time,temp (F),wind (km/h)\n2026-08-18T05:00Z,50,18\n");
    assertThat(file.hours().get(0).celsius()).isEqualTo(10);
    assertThat(file.hours().get(0).windMs()).isEqualTo(5);
    assertThat(file.readAs()).contains(Fact.of("file.fahrenheitRead"), Fact.of("file.windKmh"));
  }

  @Test
  void temperatures_that_look_like_fahrenheit_are_asked_for_and_not_guessed() {
    String table = "time,temp\n2026-08-18T05:00,52\n2026-08-18T06:00,61\n";
    assertThat(read(table).asks())
        .isEqualTo(Fact.of("file.looksLikeFahrenheit").figure("most", 61));
    WeatherFile told =
        WeatherFile.read(bytes(table), ZoneOffset.UTC, WeatherFile.Degrees.FAHRENHEIT);
    assertThat(told.asks()).isNull();
    assertThat(told.hours()).hasSize(2);
    assertThat(told.hours().get(0).celsius()).isEqualTo(11.1);
  }

  @Test
  void holes_are_named_with_their_length() {
    WeatherFile file =
        read("time,temp c\n2026-08-18T01:00,8\n2026-08-18T02:00,8\n2026-08-18T06:00,9\n");
    assertThat(file.holes())
        .containsExactly(new WeatherFile.Hole(Instant.parse("2026-08-18T03:00:00Z"), 3));
  }

  @Test
  void on_the_night_of_the_clocks_an_hour_comes_twice_or_not_at_all() {
    WeatherFile autumn =
        WeatherFile.read(
            bytes("time,temp c\n2026-10-25T02:00,8\n2026-10-25T02:00,7\n2026-10-25T03:00,6\n"),
            CET,
            null);
    assertThat(autumn.errors()).isEmpty();
    assertThat(autumn.hours()).hasSize(3);
    assertThat(autumn.holes()).isEmpty();
    WeatherFile spring = WeatherFile.read(bytes("time,temp c\n2026-03-29T02:00,8\n"), CET, null);
    assertThat(spring.errors().get(0).says().code()).isEqualTo("file.hourSkipped");
  }

  @Test
  void rows_that_cannot_be_are_named_and_the_rest_is_read() {
    WeatherFile file =
        read("time,temp c,wind\nyesterday,8,1\n2026-08-18T05:00,warm,1\n2026-08-18T06:00,9,1\n");
    assertThat(file.hours()).hasSize(1);
    assertThat(file.errors())
        .extracting(error -> error.line() + " " + error.column())
        .containsExactly("2 time", "3 temperature");
    assertThatThrownBy(() -> read("when,what\n1,2\n"))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("columns time and temperature");
  }

  @Test
  void hours_of_a_file_decide_and_the_rest_of_the_day_is_unknown() {
    StringBuilder csv = new StringBuilder("time,temp c,wind m/s,wind from\n");
    for (int hour = 0; hour < 24; hour++) {
      if (hour < 10 || hour > 14) {
        csv.append(today).append("T%02d:00,7.5,2,90%n".formatted(hour));
      }
    }
    String path = "/api/apiaries/" + apiaryId + "/weather-file";
    JsonNode preview = upload(keeper, path + "/preview", bytes(csv.toString())).json();
    assertThat(preview.path("hours").asInt()).isEqualTo(19);
    assertThat(preview.path("holes").get(0).path("hours").asInt()).isEqualTo(5);
    assertThat(upload(crew, path + "/import", bytes(csv.toString())).status()).isEqualTo(403);
    assertThat(upload(keeper, path + "/import", bytes(csv.toString())).status()).isEqualTo(200);
    JsonNode day = get(keeper, "/api/apiaries/" + apiaryId + "/hours").json().path("days").get(0);
    assertThat(plain(day.path("source"))).isEqualTo("19 hours: file roster.csv; 5 hours: unknown");
    assertThat(day.path("hours").get(12).path("grade").asText()).isEqualTo("UNKNOWN");
    assertThat(day.path("hours").get(12).has("weather")).isFalse();
    assertThat(day.path("hours").get(5).path("weather").path("celsius").asDouble()).isEqualTo(7.5);
    assertThat(day.path("madeUp").asBoolean()).isFalse();
    send(keeper, HttpMethod.DELETE, path, "");
    assertThat(get(keeper, "/api/apiaries/" + apiaryId + "/hours").text())
        .doesNotContain("file roster.csv");
  }

  @Test
  void without_a_column_for_its_direction_no_wind_has_one_and_thunder_is_read() {
    WeatherFile file =
        read(
            "time,temp c,wind m/s,thunder or ice\n2026-08-18T05:00,8,2,\n2026-08-18T06:00,8,2,yes\n");
    assertThat(file.hours()).extracting(hour -> hour.windFrom()).containsOnlyNulls();
    assertThat(file.hours()).extracting(hour -> hour.thunderOrIce()).containsExactly(false, true);
    assertThat(file.readAs()).contains(Fact.of("file.noWindFrom"));
  }

  @Test
  void a_file_that_asks_for_its_unit_is_refused_until_it_is_told() {
    String path = "/api/apiaries/" + apiaryId + "/weather-file/import";
    byte[] file = bytes("time,temp\n" + today + "T05:00,52\n" + today + "T06:00,61\n");
    assertThat(upload(keeper, path, file).at("degrees")).contains("looks like °F");
    assertThat(upload(keeper, path + "?degrees=FAHRENHEIT", file).status()).isEqualTo(200);
  }

  private static WeatherFile read(String table) {
    return WeatherFile.read(bytes(table), ZoneOffset.UTC, null);
  }

  private static byte[] bytes(String table) {
    return table.getBytes(StandardCharsets.UTF_8);
  }
}
