package tavrel.server.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
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
  void bees_of_those_drawn_may_go_into_one_jar_and_count_for_their_hives() {
    List<String> drawn = sampling().path("washes").path("drawn").findValuesAsText("id");
    count(Map.of("hiveId", drawn.get(0), "kind", "WASH", "mites", 45, "bees", 300));
    List<String> others = drawn.subList(1, drawn.size());
    Map<String, Object> jar =
        Map.of(
            "hiveIds", others, "day", today.toString(), "kind", "WASH", "mites", 135, "bees", 900);
    assertThat(send(crew, HttpMethod.PUT, "/api/jars/" + id(), jar).status()).isEqualTo(204);
    Map<String, Object> withAnother =
        Map.of("hiveIds", drawn, "day", today.toString(), "kind", "WASH", "mites", 0, "bees", 900);
    assertThat(send(crew, HttpMethod.PUT, "/api/jars/" + id(), withAnother).status())
        .as("holds bees of one that was washed alone: passed over")
        .isEqualTo(204);

    JsonNode read = sampling().path("washes");
    assertThat(read.path("reading").path("hives").asInt()).isEqualTo(drawn.size());
    assertThat(read.path("reading").path("share").asDouble()).isEqualTo(0.15);
    assertThat(read.has("next")).isFalse();
    read.path("drawn")
        .forEach(
            each ->
                assertThat(each.path("inJar").asBoolean())
                    .isEqualTo(others.contains(each.path("id").asText())));
  }

  @Test
  void a_yards_sample_stands_for_hives_that_were_not_sampled_only_where_the_keeper_says_so() {
    String other = hives.get(3);
    for (String hive : hives.subList(0, 3)) {
      count(Map.of("hiveId", hive, "kind", "WASH", "mites", 60, "bees", 300));
    }
    assertThat(above()).contains("Q1", "Q2", "Q3").doesNotContain("Q4");
    assertThat(sampling().path("mayStand").asBoolean()).isTrue();

    String word = id();
    Map<String, Object> said = Map.of("apiaryId", apiaryId);
    assertThat(send(crew, HttpMethod.PUT, "/api/yard-words/" + word, said).status()).isEqualTo(403);
    for (int twice = 0; twice < 2; twice++) {
      assertThat(send(keeper, HttpMethod.PUT, "/api/yard-words/" + word, said).status())
          .isEqualTo(204);
    }
    JsonNode stands = sampling().path("word");
    assertThat(stands.path("others").asInt()).isEqualTo(1);
    assertThat(stands.path("share").asDouble()).isCloseTo(0.2, within(1e-9));
    assertThat(above()).containsExactlyInAnyOrder("Q1", "Q2", "Q3");
    assertThat(unsampled()).as("named without a figure of its own").containsExactly("Q4");

    count(Map.of("hiveId", other, "kind", "WASH", "mites", 0, "bees", 300));
    assertThat(unsampled()).as("its own count goes before the yard's").isEmpty();
    assertThat(send(keeper, HttpMethod.DELETE, "/api/yard-words/" + word, null).status())
        .isEqualTo(204);
    assertThat(sampling().has("word")).isFalse();
  }

  @Test
  void two_hives_speak_for_no_yard() {
    for (String hive : hives.subList(0, 2)) {
      count(Map.of("hiveId", hive, "kind", "WASH", "mites", 60, "bees", 300));
    }
    assertThat(sampling().path("mayStand").asBoolean()).isFalse();
    assertThat(
            send(keeper, HttpMethod.PUT, "/api/yard-words/" + id(), Map.of("apiaryId", apiaryId))
                .at("apiaryId"))
        .contains("three and more");
  }

  /** Hives of the yard that are in danger, or above the limit with nothing planned. */
  private List<String> above() {
    return named(true);
  }

  private List<String> unsampled() {
    return named(false);
  }

  private List<String> named(boolean withFigure) {
    List<String> names = new ArrayList<>();
    JsonNode due = get(keeper, "/api/due?apiaryId=" + apiaryId).json();
    for (int i = 0; i < 100 && due.path("reckoning").asBoolean(); i++) {
      LockSupport.parkNanos(50_000_000);
      due = get(keeper, "/api/due?apiaryId=" + apiaryId).json();
    }
    for (JsonNode task : due.path("dueTasks")) {
      if (List.of("DANGER", "ABOVE_UNPLANNED").contains(task.path("kind").asText())) {
        for (JsonNode hive : task.path("hives")) {
          if (hive.has("share") == withFigure) {
            names.add(hive.path("name").asText());
          }
        }
      }
    }
    return names;
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
