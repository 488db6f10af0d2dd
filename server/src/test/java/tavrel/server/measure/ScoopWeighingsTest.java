package tavrel.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

class ScoopWeighingsTest extends Yard {

  private static final List<Double> TEN =
      List.of(1.0, 1.1, 0.9, 1.0, 1.05, 0.95, 1.0, 1.1, 0.9, 1.0);

  @Test
  void ten_scoops_weighed_are_kept_once_with_their_mean_and_struck_out_when_wrong() {
    String id = UUID.randomUUID().toString();
    String product = "Crystals " + id;
    Map<String, Object> weighing =
        Map.of("product", product, "lot", "26-014", "spoon", "QUARTER_TSP_US", "grams", TEN);
    send(crew, HttpMethod.PUT, "/api/scoops/" + id, weighing);
    JsonNode kept = of(product, send(crew, HttpMethod.PUT, "/api/scoops/" + id, weighing).json());
    assertThat(kept.path("scoops").path("mean").asDouble()).isEqualTo(1.0);
    assertThat(kept.path("by").asText()).isEqualTo(crew.name());
    assertThat(kept.path("grams")).hasSize(10);
    assertThat(of(product, send(keeper, HttpMethod.DELETE, "/api/scoops/" + id, "").json()))
        .isNull();
  }

  @Test
  void weighings_are_read_before_they_are_kept_and_refused_by_number() {
    JsonNode read =
        send(
                crew,
                HttpMethod.POST,
                "/api/scoops/reading",
                Map.of("spoon", "QUARTER_TSP_US", "grams", List.of(3.0, 3.0, 3.0, 3.0, 3.0)))
            .json();
    assertThat(plain(read.path("warnings").get(0))).contains("tablespoon");
    assertThat(
            send(
                    crew,
                    HttpMethod.POST,
                    "/api/scoops/reading",
                    Map.of("spoon", "QUARTER_TSP_US", "grams", List.of(1, 1, 1, 1, -2)))
                .at("grams[4]"))
        .isNotNull();
  }

  private static JsonNode of(String product, JsonNode all) {
    for (JsonNode each : all) {
      if (each.path("product").asText().equals(product)) {
        return each;
      }
    }
    return null;
  }
}
