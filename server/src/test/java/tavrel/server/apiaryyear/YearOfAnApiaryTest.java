package tavrel.server.apiaryyear;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

class YearOfAnApiaryTest extends Yard {

  private String upperId;

  @BeforeEach
  void another_apiary_stands_four_hundred_metres_higher() {
    String upper = "Upper " + UUID.randomUUID();
    upload(
        keeper,
        "/api/roster/import?zone=UTC",
        ("apiary,hive,position,brood boxes,latitude,longitude\n"
                + upper
                + ",U1,1,deep 10,47.7,-24.3\n")
            .getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(upper)) {
        upperId = each.path("apiary").path("id").asText();
      }
    }
    stands(apiaryId, yard, 47.6, 100);
    stands(upperId, upper, 47.7, 500);
  }

  @Test
  void a_year_goes_uphill_with_its_spring_later_and_its_autumn_earlier() {
    band(apiaryId, "Lime", "FLOW", "2026-06-20", "2026-07-05");
    band(upperId, "Fair day", "OFF", "2026-09-05", "2026-09-05");
    JsonNode copied =
        send(keeper, HttpMethod.POST, year(apiaryId) + "/copies", Map.of("to", List.of(upperId)))
            .json();
    assertThat(copied.get(0).path("days").asInt()).isEqualTo(12);
    assertThat(plain(copied.get(0).path("says")))
        .isEqualTo("spring 12 days later, autumn as much earlier");
    JsonNode upper = get(keeper, year(upperId)).json();
    assertThat(upper.path("bands").findValuesAsText("name"))
        .containsExactlyInAnyOrder("Lime", "Fair day");
    LocalDate below = day(get(keeper, year(apiaryId)).json(), "winterBees");
    assertThat(day(upper, "winterBees")).isEqualTo(below.minusDays(12));
  }

  @Test
  void an_apiary_is_not_copied_to_itself() {
    var refused =
        send(keeper, HttpMethod.POST, year(apiaryId) + "/copies", Map.of("to", List.of(apiaryId)));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("names the apiary that is copied");
  }

  private Answer keep(String path, Object body) {
    return send(keeper, HttpMethod.PUT, path, body);
  }

  private void stands(String id, String name, double latitude, double altitude) {
    assertThat(
            keep(
                    "/api/apiaries/" + id,
                    Map.of(
                        "name",
                        name,
                        "latitude",
                        latitude,
                        "longitude",
                        -24.3,
                        "altitude",
                        altitude,
                        "zone",
                        "UTC"))
                .status())
        .isEqualTo(200);
  }

  private void band(String id, String name, String kind, String from, String to) {
    String band = UUID.randomUUID().toString();
    assertThat(
            keep(
                    year(id) + "/bands/" + band,
                    Map.of(
                        "id", band, "kind", kind, "name", name, "from", from, "to", to, "yearly",
                        true))
                .status())
        .isEqualTo(200);
  }

  private static LocalDate day(JsonNode whole, String which) {
    return LocalDate.parse(
        "2026-" + whole.path("season").path(which).asText().replaceFirst("^--", ""));
  }

  private static String year(String id) {
    return "/api/apiaries/" + id + "/season";
  }
}
