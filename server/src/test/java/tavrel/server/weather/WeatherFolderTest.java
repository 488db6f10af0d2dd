package tavrel.server.weather;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;
import tavrel.server.apiary.Apiaries;
import tavrel.server.words.Wording;

/** Files that a script lays into the folder for weather are read by themselves. */
class WeatherFolderTest extends Yard {

  @TempDir Path data;
  @Autowired private FolderFileMapper kept;
  @Autowired private YardWeather weather;
  @Autowired private Apiaries apiaries;

  private WeatherFolder folder;

  @BeforeEach
  void a_folder_is_watched() throws IOException {
    Files.createDirectory(data.resolve("weather"));
    folder = new WeatherFolder(kept, weather, apiaries, data, clock);
  }

  @Test
  void a_file_named_after_an_apiary_is_read_once_it_lies_still() throws IOException {
    lay(yard.toLowerCase(Locale.ROOT).replace(' ', '_') + ".csv", day(7.5));
    folder.look();
    assertThat(celsiusAt(5)).as("it may still be written").isNull();
    folder.look();
    assertThat(celsiusAt(5)).isEqualTo(7.5);
    assertThat(file().path("taken").asBoolean()).isTrue();
    assertThat(says(file().path("name").asText())).startsWith("24 hours, ");
    assertThat(file().path("says").path("code").asText()).startsWith("folder.for");
  }

  @Test
  void what_somebody_said_after_the_file_was_written_stays() throws IOException {
    Path file = lay("all.csv", day(7.5));
    Files.setLastModifiedTime(file, FileTime.from(clock.instant().minusSeconds(3_600)));
    send(
        crew,
        HttpMethod.PUT,
        "/api/apiaries/" + apiaryId + "/own-forecasts/" + UUID.randomUUID(),
        Map.of(
            "day", today, "low", 11, "high", 11, "windMs", 2, "rainMm", 0, "thunderOrIce", false));
    folder.look();
    folder.look();
    assertThat(celsiusAt(5)).isEqualTo(11);
    Files.setLastModifiedTime(file, FileTime.from(clock.instant()));
    folder.look();
    folder.look();
    assertThat(celsiusAt(5)).as("written again, later").isEqualTo(7.5);
  }

  @Test
  void what_cannot_be_read_is_said_and_harms_nothing() throws IOException {
    lay("nobody at all.csv", day(7));
    lay("all.csv", "time,temp\n" + today + "T05:00,52\n" + today + "T06:00,61\n");
    Files.createSymbolicLink(data.resolve("weather/link.csv"), data.resolve("elsewhere.csv"));
    Files.createDirectory(data.resolve("weather/folder.csv"));
    folder.look();
    folder.look();
    assertThat(says("nobody at all.csv")).contains("is named after no apiary");
    assertThat(says("all.csv")).contains("asks: ").contains("looks like °F");
    assertThat(kept.all()).extracting(FolderFile::name).doesNotContain("link.csv", "folder.csv");
    Files.delete(data.resolve("weather/nobody at all.csv"));
    folder.look();
    assertThat(kept.byName("nobody at all.csv")).isEmpty();
  }

  @Test
  void good_rows_are_taken_and_the_first_bad_one_is_named() throws IOException {
    lay(yard + ".csv", "time,temp c\n" + today + "T05:00,8\n" + today + "T06:00,warm\n");
    folder.look();
    folder.look();
    assertThat(celsiusAt(5)).isEqualTo(8);
    assertThat(says(yard + ".csv")).contains("1 row left out (line 3, temperature: is no number)");
  }

  private String says(String name) {
    return Wording.PLAIN.of(kept.byName(name).orElseThrow().says());
  }

  private Path lay(String name, String table) throws IOException {
    return Files.writeString(data.resolve("weather").resolve(name), table);
  }

  private String day(double celsius) {
    StringBuilder csv = new StringBuilder("time,temp c,wind m/s\n");
    for (int hour = 0; hour < 24; hour++) {
      csv.append(today).append("T%02d:00,%s,2%n".formatted(hour, celsius));
    }
    return csv.toString();
  }

  private Double celsiusAt(int hour) {
    JsonNode weather =
        get(keeper, "/api/apiaries/" + apiaryId + "/hours")
            .json()
            .path("days")
            .get(0)
            .path("hours")
            .get(hour)
            .path("weather");
    return weather.isMissingNode() ? null : weather.path("celsius").asDouble();
  }

  private JsonNode file() {
    return get(keeper, "/api/apiaries/" + apiaryId + "/hours").json().path("folder").get(0);
  }
}
