package tavrel.server.apiary;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** The time zone of an apiary comes from its place, or from the keeper where that tells none. */
class ZoneOfAPlaceTest extends Yard {

  @Test
  void a_place_on_land_brings_its_zone_and_says_so() {
    JsonNode there = described(45.1, 10.2, null).json();
    assertThat(there.path("zoneFrom").asText()).isEqualTo("PLACE");
    assertThat(winterHours(there)).isEqualTo(1);
    JsonNode moved = described(40.1, -99.2, null).json();
    assertThat(winterHours(moved)).isEqualTo(-6);
  }

  @Test
  void at_sea_the_keeper_is_asked_and_his_word_stays() {
    assertThat(described(47.5, -24.2, null).at("zone")).contains("cannot be told from this place");
    JsonNode said = described(47.5, -24.2, "Etc/GMT+2").json();
    assertThat(said.path("zoneFrom").asText()).isEqualTo("PERSON");
    assertThat(said.path("zone").asText()).isEqualTo("Etc/GMT+2");
    assertThat(described(47.5, -24.2, "Nowhere/At all").at("zone"))
        .isEqualTo("is no time zone that is known here");
  }

  @Test
  void a_roster_asks_for_the_zone_of_places_at_sea_alone() {
    String sea = "Sea " + UUID.randomUUID();
    String land = "Land " + UUID.randomUUID();
    String unknown = "Unknown " + UUID.randomUUID();
    byte[] roster =
        ("apiary,hive,position,brood boxes,latitude,longitude\n"
                + "%s,S1,1,deep 10,47.6,-24.3%n%s,L1,1,deep 10,45.1,10.2%n%s,U1,1,deep 10,,%n")
            .formatted(sea, land, unknown)
            .getBytes(StandardCharsets.UTF_8);
    JsonNode preview = upload(keeper, "/api/roster/preview", roster).json();
    assertThat(preview.path("zoneAsked")).hasSize(1);
    assertThat(preview.path("zoneAsked").get(0).asText()).isEqualTo(sea);
    assertThat(upload(keeper, "/api/roster/import?zone=Etc/GMT%2B2", roster).status())
        .isEqualTo(200);
    assertThat(named(sea).path("zoneFrom").asText()).isEqualTo("PERSON");
    assertThat(named(sea).path("zone").asText()).isEqualTo("Etc/GMT+2");
    assertThat(named(land).path("zoneFrom").asText()).isEqualTo("PLACE");
    assertThat(winterHours(named(land))).isEqualTo(1);
    assertThat(named(unknown).path("zoneFrom").asText()).isEqualTo("DEVICE");
  }

  private static int winterHours(JsonNode apiary) {
    ZoneOffset offset =
        ZoneId.of(apiary.path("zone").asText())
            .getRules()
            .getOffset(Instant.parse("2026-01-15T12:00:00Z"));
    return offset.getTotalSeconds() / 3_600;
  }

  private JsonNode named(String name) {
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(name)) {
        return each.path("apiary");
      }
    }
    throw new AssertionError(name + " is missing");
  }

  private Answer described(double latitude, double longitude, String zone) {
    Map<String, Object> described = new HashMap<>();
    described.put("name", yard);
    described.put("latitude", latitude);
    described.put("longitude", longitude);
    described.put("zone", zone);
    return send(keeper, HttpMethod.PUT, "/api/apiaries/" + apiaryId, described);
  }
}
