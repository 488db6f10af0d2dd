package tavrel.server.count;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** A jar of several hives tells of their mean, and starts no single hive's reckoning. */
class JarsTest extends Yard {

  @Test
  void a_jar_is_kept_once_tells_of_the_mean_and_of_no_hive_alone() {
    UUID id = UUID.randomUUID();
    assertThat(keep(id, hives, 8, 400).status()).isEqualTo(204);
    assertThat(keep(id, hives, 8, 400).status()).isEqualTo(204);
    JsonNode jars = get(reader, "/api/apiaries/" + apiaryId + "/jars").json();
    assertThat(jars).hasSize(1);
    assertThat(plain(jars.get(0).path("says")))
        .isEqualTo("8 mites on 400 bees of 4 hives in one jar: on average 2 % (0.9 % to 13 %)");
    assertThat(get(reader, "/api/hives/" + hives.get(0)).text()).contains("count.jar");
    get(reader, "/api/apiaries/" + apiaryId + "/counts")
        .json()
        .path("lines")
        .forEach(line -> assertThat(line.has("reading")).isFalse());
    assertThat(send(crew, HttpMethod.DELETE, "/api/jars/" + id, "").status()).isEqualTo(204);
    assertThat(get(reader, "/api/apiaries/" + apiaryId + "/jars").json()).isEmpty();
  }

  @Test
  void a_jar_that_cannot_be_is_refused_at_its_field() {
    assertThat(keep(UUID.randomUUID(), hives.subList(0, 1), 2, 300).text())
        .contains("jarOfOneHive");
    assertThat(keep(UUID.randomUUID(), hives, 500, 400).at("mites")).isNotBlank();
    assertThat(keep(UUID.randomUUID(), hives, 2, 3).at("bees")).isNotBlank();
    assertThat(
            keep(UUID.randomUUID(), List.of(hives.get(0), UUID.randomUUID().toString()), 2, 300)
                .status())
        .isEqualTo(404);
    assertThat(
            send(
                    reader,
                    HttpMethod.PUT,
                    "/api/jars/" + UUID.randomUUID(),
                    jar(hives, 2, 300, today.toString()))
                .status())
        .isEqualTo(403);
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/jars/" + UUID.randomUUID(),
                    jar(hives, 2, 300, today.plusDays(1).toString()))
                .text())
        .contains("lifeAhead");
  }

  private Answer keep(UUID id, List<String> of, int mites, int bees) {
    return send(crew, HttpMethod.PUT, "/api/jars/" + id, jar(of, mites, bees, today.toString()));
  }

  private static Map<String, Object> jar(List<String> of, int mites, int bees, String day) {
    return Map.of("hiveIds", of, "day", day, "kind", "WASH", "mites", mites, "bees", bees);
  }
}
