package tavrel.server.hive;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** What was found in a yard is written down in one pass, all or nothing, once. */
class StocktakesTest extends Yard {

  @Test
  void dead_and_gone_hives_end_new_ones_begin_and_a_freed_number_is_used_again() {
    UUID id = UUID.randomUUID();
    for (int times = 0; times < 2; times++) {
      assertThat(
              taken(id, List.of(0), List.of(1), List.of(2), List.of(3), List.of("Q2", "N1")).json())
          .hasSize(1)
          .first()
          .satisfies(
              taken -> {
                assertThat(taken.path("written").asInt()).isEqualTo(4);
                assertThat(taken.path("found").asInt()).isEqualTo(1);
                assertThat(taken.path("added").asInt()).isEqualTo(2);
              });
    }
    assertThat(names()).containsExactlyInAnyOrder("Q1", "Q4", "Q2", "N1");
    assertThat(page(1).path("endedOn").asText()).isEqualTo(today.toString());
    assertThat(page(2).path("endedOn").asText()).isEqualTo(today.toString());
    assertThat(page(3).has("endedOn")).as("nobody could tell").isFalse();
  }

  @Test
  void its_ends_are_taken_back_in_one_press() {
    UUID id = UUID.randomUUID();
    taken(id, List.of(0, 1), List.of(2), List.of(3), List.of(), List.of());
    for (int times = 0; times < 2; times++) {
      assertThat(
              send(
                      keeper,
                      HttpMethod.POST,
                      "/api/apiaries/%s/stocktakes/%s/take-back".formatted(apiaryId, id),
                      "")
                  .status())
          .isEqualTo(200);
    }
    assertThat(names()).containsExactly("Q1", "Q2", "Q3", "Q4");
  }

  @Test
  void a_hive_that_is_left_out_or_named_twice_is_asked_about_and_nothing_is_kept() {
    assertThat(
            taken(UUID.randomUUID(), List.of(0, 1), List.of(2), List.of(), List.of(), List.of())
                .text())
        .contains("stocktakeLeaves")
        .contains("Q4");
    assertThat(
            taken(
                    UUID.randomUUID(),
                    List.of(0, 1, 2, 3),
                    List.of(2),
                    List.of(),
                    List.of(),
                    List.of())
                .text())
        .contains("stocktakeOfOthers");
    assertThat(
            taken(
                    UUID.randomUUID(),
                    List.of(0, 1, 2),
                    List.of(3),
                    List.of(),
                    List.of(),
                    List.of("Q1"))
                .text())
        .as("a name that another hive has")
        .contains("takenByAnotherHive");
    assertThat(names()).containsExactly("Q1", "Q2", "Q3", "Q4");
    assertThat(get(reader, "/api/apiaries/" + apiaryId + "/stocktakes").json()).isEmpty();
  }

  private Answer taken(
      UUID id,
      List<Integer> found,
      List<Integer> dead,
      List<Integer> gone,
      List<Integer> unread,
      List<String> added) {
    return send(
        keeper,
        HttpMethod.PUT,
        "/api/apiaries/%s/stocktakes/%s".formatted(apiaryId, id),
        Map.of(
            "day", today.toString(),
            "found", ids(found),
            "dead", ids(dead),
            "gone", ids(gone),
            "unread", ids(unread),
            "added", added));
  }

  private List<String> ids(List<Integer> which) {
    return which.stream().map(hives::get).toList();
  }

  private JsonNode page(int which) {
    return get(reader, "/api/hives/" + hives.get(which)).json();
  }

  private List<String> names() {
    return get(reader, "/api/apiaries/" + apiaryId).json().path("hives").findValuesAsText("name");
  }
}
