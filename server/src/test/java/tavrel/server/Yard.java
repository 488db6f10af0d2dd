package tavrel.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

/** A yard of its own with four hives, for tests of what is entered and asked of it. */
public abstract class Yard extends ServerTest {

  @Autowired protected Clock clock;

  protected Account keeper;
  protected Account crew;
  protected Account reader;
  protected String yard;
  protected String apiaryId;
  protected final List<String> hives = new ArrayList<>();
  protected LocalDate today;

  @BeforeEach
  void four_hives_stand_in_a_yard() {
    keeper = person(Role.KEEPER);
    crew = person(Role.CREW);
    reader = person(Role.READER);
    yard = "Yard " + UUID.randomUUID();
    StringBuilder csv = new StringBuilder("apiary,hive,position,brood boxes,latitude,longitude\n");
    for (int place = 1; place <= 4; place++) {
      csv.append("%s,Q%d,%d,deep 10,47.6,-24.3%n".formatted(yard, place, place));
    }
    upload(keeper, "/api/roster/import?zone=UTC", csv.toString().getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(yard)) {
        apiaryId = each.path("apiary").path("id").asText();
      }
    }
    get(keeper, "/api/apiaries/" + apiaryId)
        .json()
        .path("hives")
        .forEach(hive -> hives.add(hive.path("id").asText()));
    today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
  }

  /** Two grams a box by the scale, as a dose sheet asks for it. */
  protected static Map<String, Object> settings() {
    return Map.of(
        "amount",
        Map.of("grams", 2, "per", "BOX", "of", "ACID_DIHYDRATE"),
        "mediums",
        "BY_COMB",
        "strength",
        Map.of("assay", 0.996),
        "measure",
        Map.of("step", 0.1),
        "capacity",
        4.5,
        "supersPlan",
        "TAKEN_OFF",
        "sealMinutes",
        10,
        "exceptions",
        List.of());
  }

  /** A wash of 300 bees, entered by the crew. */
  protected void wash(String hiveId, LocalDate day, int mites) {
    Map<String, Object> count =
        Map.of(
            "id",
            UUID.randomUUID().toString(),
            "hiveId",
            hiveId,
            "day",
            day.toString(),
            "kind",
            "WASH",
            "mites",
            mites,
            "bees",
            300,
            "natural",
            false);
    assertThat(send(crew, HttpMethod.POST, "/api/counts", List.of(count)).status()).isEqualTo(204);
  }
}
