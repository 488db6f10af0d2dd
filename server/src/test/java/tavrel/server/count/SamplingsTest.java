package tavrel.server.count;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

class SamplingsTest extends Yard {

  @Test
  void hives_are_drawn_once_a_day_and_what_is_washed_is_read_until_it_stops() {
    JsonNode plan = sampling().path("washes");
    List<String> drawn = plan.path("drawn").findValuesAsText("id");
    assertThat(drawn).isNotEmpty().doesNotHaveDuplicates();
    assertThat(sampling().path("washes").path("drawn").findValuesAsText("id")).isEqualTo(drawn);
    assertThat(plan.path("next").asText()).isEqualTo(drawn.get(0));
    assertThat(plan.path("boundaries")).hasSize(drawn.size());

    for (String hive : drawn) {
      count(Map.of("hiveId", hive, "kind", "WASH", "mites", 45, "bees", 300));
    }

    JsonNode read = sampling().path("washes");
    assertThat(read.path("reading").path("hives").asInt()).isEqualTo(drawn.size());
    assertThat(read.path("reading").path("go").asText()).isIn("ABOVE", "CANNOT_TELL");
    assertThat(read.has("next")).isFalse();
    assertThat(plain(read.path("reading").path("says"))).contains("15 %");
  }

  @Test
  void a_hive_with_a_sign_is_washed_besides() {
    Map<String, Object> sign = Map.of("id", id(), "hiveId", hives.get(1), "sign", "DEFORMED_WINGS");
    assertThat(send(crew, HttpMethod.POST, "/api/signs", sign).status()).isEqualTo(204);

    JsonNode plan = sampling().path("washes");

    assertThat(plan.path("besides").findValuesAsText("id")).containsExactly(hives.get(1));
    assertThat(plan.path("drawn").findValuesAsText("id")).doesNotContain(hives.get(1));
  }

  @Test
  void looks_say_how_sure_the_yard_is_broodless_and_never_speak_for_a_label() {
    JsonNode wanted = sampling().path("looks");
    assertThat(wanted.path("broodless").asBoolean()).isFalse();

    for (JsonNode each : wanted.path("drawn")) {
      Map<String, Object> look =
          Map.of(
              "id",
              id(),
              "hiveId",
              each.path("id").asText(),
              "day",
              today.toString(),
              "kind",
              "INSPECTION",
              "capped",
              "NONE",
              "openBrood",
              "LARVAE");
      assertThat(send(crew, HttpMethod.POST, "/api/brood-events", List.of(look)).status())
          .isEqualTo(204);
    }

    JsonNode done = sampling().path("looks");
    assertThat(done.path("broodless").asBoolean()).isTrue();
    assertThat(plain(done.path("says"))).contains("not broodless for a label");
  }

  @Test
  void a_board_counted_by_squares_is_kept_with_its_interval() {
    Map<String, Object> squares =
        Map.of(
            "strips",
            List.of(
                Map.of("squares", 20, "mites", List.of(3, 5, 1)),
                Map.of("squares", 20, "mites", List.of(2, 2, 4))));
    JsonNode read = send(crew, HttpMethod.POST, "/api/board-squares", squares).json();
    assertThat(read.path("seen").asInt()).isEqualTo(17);
    assertThat(read.path("total").asDouble()).isBetween(110.0, 116.0);

    count(
        Map.of(
            "hiveId", hives.get(0), "kind", "BOARD", "mites", 1, "hours", 48, "squares", squares));

    JsonNode line = board().path("lines").get(0).path("lastDrop");
    assertThat(line.path("perDay").asDouble()).isBetween(55.0, 58.0);
    assertThat(line.path("low").asDouble()).isLessThan(55);
    assertThat(line.path("high").asDouble()).isGreaterThan(58);
  }

  @Test
  void squares_beyond_the_board_are_refused_at_their_field() {
    Map<String, Object> squares =
        Map.of("strips", List.of(Map.of("squares", 2, "mites", List.of(3, 5, 1))));

    assertThat(send(crew, HttpMethod.POST, "/api/board-squares", squares).at("strips.0.mites"))
        .contains("the strip has 2");
  }

  private JsonNode sampling() {
    return get(reader, "/api/apiaries/" + apiaryId + "/sampling").json();
  }

  private JsonNode board() {
    return get(reader, "/api/apiaries/" + apiaryId + "/counts").json();
  }

  private void count(Map<String, Object> of) {
    Map<String, Object> count = new HashMap<>(of);
    count.put("id", id());
    count.put("day", today.toString());
    count.put("natural", false);
    assertThat(send(crew, HttpMethod.POST, "/api/counts", new ArrayList<>(List.of(count))).status())
        .isEqualTo(204);
  }

  private static String id() {
    return UUID.randomUUID().toString();
  }
}
