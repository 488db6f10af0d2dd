package tavrel.server.hive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** How hives stand is painted, walked in another order, and read for its seal. */
class HiveEditorTest extends Yard {

  @Test
  void a_floor_painted_over_a_row_changes_what_its_hives_keep_and_nothing_else() {
    double before = seal(0).path("kept").asDouble();
    JsonNode whole = paint(hives, Map.of("floor", "BARE_MESH")).json();
    assertThat(whole.path("hives")).hasSize(4);
    whole
        .path("hives")
        .forEach(hive -> assertThat(hive.path("floor").asText()).isEqualTo("BARE_MESH"));
    assertThat(whole.path("hives").get(0).path("fittings").path("entrance").asText())
        .isEqualTo("FULL");
    JsonNode line = seal(0);
    assertThat(before).isGreaterThan(0.89);
    assertThat(line.path("kept").asDouble()).isLessThan(0.25);
    assertThat(line.path("gains").get(0).path("kind").asText()).isEqualTo("FLOOR");
    assertThat(line.path("gains").get(0).path("kill").asDouble())
        .isGreaterThan(line.path("killGramMore").asDouble());
  }

  @Test
  void two_phones_that_paint_different_things_both_keep_theirs() {
    paint(hives.subList(0, 1), Map.of("cracks", "MANY"));
    paint(hives.subList(0, 1), Map.of("entrance", "ROUND_HOLE"));
    JsonNode fittings = hive(0).path("fittings");
    assertThat(fittings.path("cracks").asText()).isEqualTo("MANY");
    assertThat(fittings.path("entrance").asText()).isEqualTo("ROUND_HOLE");
  }

  @ParameterizedTest
  @CsvSource({
    "boxes, '', boxes",
    "boxes, shoebox, boxes",
    "boxes, 40x deep, boxes",
    "supers, 13, supers",
    "divided, true, stand"
  })
  void what_cannot_stand_is_refused_at_its_field_and_nothing_is_painted(
      String field, String value, String named) {
    Object typed = field.equals("supers") ? Integer.valueOf(value) : value;
    Answer refused = paint(hives, Map.of(field, typed, "floor", "BARE_MESH"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("\"field\":\"" + named + "\"");
    assertThat(hive(0).path("floor").asText()).isEqualTo("SOLID");
  }

  @Test
  void a_hive_of_another_apiary_is_not_painted() {
    assertThat(paint(List.of(UUID.randomUUID().toString()), Map.of("supers", 1)).status())
        .isEqualTo(404);
  }

  @Test
  void the_walk_is_put_into_rows_and_another_order() {
    List<List<String>> rows = List.of(List.of(hives.get(3), hives.get(0)), hives.subList(1, 3));
    JsonNode whole = walk(rows).json();
    List<String> order = new ArrayList<>();
    whole
        .path("hives")
        .forEach(hive -> order.add(hive.path("name").asText() + "/" + hive.path("row").asInt()));
    assertThat(order).containsExactly("Q4/1", "Q1/1", "Q2/2", "Q3/2");
  }

  @Test
  void a_walk_that_forgets_a_hive_or_names_one_twice_is_refused() {
    assertThat(walk(List.of(hives.subList(0, 3))).at("rows")).contains("every hive");
    List<String> twice = new ArrayList<>(hives);
    twice.add(hives.get(0));
    assertThat(walk(List.of(twice)).at("rows")).contains("once");
  }

  @Test
  void a_hive_entered_by_hand_stands_at_the_end_once_however_often_it_is_sent() {
    String id = UUID.randomUUID().toString();
    Map<String, Object> wanted =
        Map.of("name", "Q9", "boxes", "nucleus", "supers", 0, "floor", "SOLID");
    add(id, wanted);
    JsonNode whole = add(id, wanted).json();
    assertThat(whole.path("hives")).hasSize(5);
    assertThat(whole.path("hives").get(4).path("name").asText()).isEqualTo("Q9");
    assertThat(add(UUID.randomUUID().toString(), wanted).at("name")).contains("taken");
  }

  @Test
  void a_roster_brought_in_again_leaves_fittings_and_rows_as_they_are() {
    paint(hives, Map.of("port", "BACK"));
    walk(List.of(hives.subList(0, 2), hives.subList(2, 4)));
    String csv =
        "apiary,hive,position,brood boxes,supers,floor\n%s,Q4,4,2x deep,1,solid\n".formatted(yard);
    upload(keeper, "/api/roster/import?zone=UTC", csv.getBytes(StandardCharsets.UTF_8));
    JsonNode hive = hive(3);
    assertThat(hive.path("boxes")).hasSize(2);
    assertThat(hive.path("row").asInt()).isEqualTo(2);
    assertThat(hive.path("fittings").path("port").asText()).isEqualTo("BACK");
  }

  @Test
  void one_hive_is_read_closely_with_its_curve_and_what_each_tool_asks_of_it() {
    paint(hives, Map.of("entrance", "LOW", "innerCover", "HOLE_OPEN"));
    JsonNode seal = get(reader, "/api/hives/" + hives.get(0) + "/seal?grams=1").json();
    JsonNode curve = seal.path("estimate").path("curve");
    assertThat(curve).hasSize(61);
    assertThat(curve.get(60).path("settled").asDouble())
        .isCloseTo(seal.path("seal").path("kept").asDouble(), within(1e-12));
    assertThat(seal.path("panTasks").findValuesAsText("what"))
        .contains("LIFT_ON_WEDGES", "INNER_COVER_HOLE");
    assertThat(seal.path("bowlTasks").findValuesAsText("what")).doesNotContain("LIFT_ON_WEDGES");
    assertThat(get(reader, "/api/hives/" + hives.get(0) + "/seal?grams=0").at("grams"))
        .contains("0.1 to 10");
  }

  private Answer paint(List<String> hiveIds, Map<String, Object> change) {
    return send(
        crew,
        HttpMethod.POST,
        "/api/apiaries/" + apiaryId + "/hive-changes",
        List.of(Map.of("hiveIds", hiveIds, "change", change)));
  }

  private Answer walk(List<List<String>> rows) {
    return send(
        keeper, HttpMethod.PUT, "/api/apiaries/" + apiaryId + "/walk", Map.of("rows", rows));
  }

  private Answer add(String id, Map<String, Object> hive) {
    return send(keeper, HttpMethod.PUT, "/api/apiaries/" + apiaryId + "/hives/" + id, hive);
  }

  private JsonNode hive(int index) {
    return get(reader, "/api/apiaries/" + apiaryId).json().path("hives").get(index);
  }

  private JsonNode seal(int index) {
    return get(reader, "/api/apiaries/" + apiaryId + "/seal").json().get(index);
  }
}
