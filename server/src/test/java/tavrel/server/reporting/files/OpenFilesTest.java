package tavrel.server.reporting.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.UUID;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.xml.sax.InputSource;
import tavrel.server.run.RoundFixture;

class OpenFilesTest extends RoundFixture {

  @ParameterizedTest
  @ValueSource(strings = {"Yard, \"the\" ", "=1+", "'=", "＝", "'Tis "})
  void a_roster_taken_away_and_brought_in_again_changes_nothing(String begins) {
    String own = UUID.randomUUID().toString();
    String plain = begins + own;
    assertThat(
            send(
                    keeper,
                    HttpMethod.PUT,
                    "/api/apiaries/" + apiaryId,
                    Map.of(
                        "name",
                        plain,
                        "latitude",
                        47.6,
                        "longitude",
                        -24.3,
                        "altitude",
                        240,
                        "zone",
                        "Etc/GMT+2"))
                .status())
        .isEqualTo(200);
    String roster = get(keeper, "/api/files/roster.csv").text();
    String mine =
        roster
            .lines()
            .filter(line -> line.contains("hive") || line.contains(own))
            .reduce("", (a, b) -> a + b + "\n");
    assertThat(mine.lines()).hasSize(4);
    JsonNode preview =
        upload(keeper, "/api/roster/preview", mine.getBytes(StandardCharsets.UTF_8)).json();
    assertThat(preview.path("sameHives").asInt()).isEqualTo(3);
    assertThat(preview.path("errors")).isEmpty();
  }

  @Test
  void apiaries_are_points_longitude_first() {
    JsonNode all = get(keeper, "/api/files/apiaries.geojson").json();
    assertThat(all.path("type").asText()).isEqualTo("FeatureCollection");
    for (JsonNode feature : all.path("features")) {
      if (feature.path("id").asText().equals(apiaryId)) {
        assertThat(feature.path("geometry").path("coordinates").toString())
            .isEqualTo("[-24.3,47.6]");
        assertThat(feature.path("properties").path("hives").asInt()).isEqualTo(3);
        return;
      }
    }
    throw new AssertionError("the apiary is missing");
  }

  @Test
  void way_points_carry_names_that_are_markup_only_as_text() {
    String name = "<b>&" + UUID.randomUUID();
    send(
        keeper,
        HttpMethod.PUT,
        "/api/apiaries/" + apiaryId,
        Map.of("name", name, "latitude", 47.6, "longitude", -24.3, "zone", "Etc/GMT+2"));
    assertThat(get(keeper, "/api/files/apiaries.gpx").text())
        .contains("<wpt lat=\"47.6\" lon=\"-24.3\">")
        .contains("&lt;b&gt;&amp;");
  }

  @Test
  void way_points_are_well_formed_with_whatever_name_was_kept_before() throws Exception {
    jdbc.update(
        "update apiary set name = ? where id = ?",
        "Bell & \uFFFE <" + UUID.randomUUID(),
        UUID.fromString(apiaryId));
    String gpx = get(keeper, "/api/files/apiaries.gpx").text();
    assertThat(gpx).contains("Bell &amp;").doesNotContain("\uFFFE");
    DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new InputSource(new StringReader(gpx)));
  }

  @Test
  void burns_tell_every_event_and_which_were_taken_back() throws Exception {
    UUID round = planned();
    confirm(round);
    Map<String, Object> wrong = event(hives.get(0), "BURN_STARTED", -700, 1);
    post(round, wrong, undo(hives.get(0), wrong));
    treat(round, hives.get(0), -690);
    int year = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).getYear();
    var begun =
        mvc.perform(
                MockMvcRequestBuilders.get("/api/files/burns.csv?year=" + year).with(as(keeper)))
            .andReturn();
    String csv =
        mvc.perform(MockMvcRequestBuilders.asyncDispatch(begun))
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    assertThat(csv.lines().filter(line -> line.contains((String) wrong.get("id"))))
        .singleElement()
        .asString()
        .contains("BURN_STARTED,1,Bowl 1")
        .contains(",yes,");
    assertThat(csv).contains("'=Yard");
  }
}
