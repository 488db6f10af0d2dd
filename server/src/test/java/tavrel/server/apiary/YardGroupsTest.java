package tavrel.server.apiary;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

class YardGroupsTest extends Yard {

  private static final String GROUPS = "/api/yard-groups";

  @AfterEach
  void no_group_is_left() {
    get(keeper, GROUPS).json().forEach(each -> put(each.path("name").asText(), "any", List.of()));
  }

  private Answer put(String was, String name, List<String> apiaryIds) {
    Map<String, Object> body =
        was == null
            ? Map.of("name", name, "apiaryIds", apiaryIds)
            : Map.of("was", was, "name", name, "apiaryIds", apiaryIds);
    return send(keeper, HttpMethod.PUT, GROUPS, body);
  }

  private String anotherYard() {
    String roster = "apiary,hive,position,brood boxes\nBeside %s,B1,1,deep 10".formatted(apiaryId);
    upload(keeper, "/api/roster/import?zone=UTC", roster.getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().startsWith("Beside " + apiaryId)) {
        return each.path("apiary").path("id").asText();
      }
    }
    throw new AssertionError("no other yard");
  }

  private static List<String> names(Answer groups) {
    return StreamSupport.stream(groups.json().spliterator(), false)
        .map(each -> each.path("name").asText())
        .toList();
  }

  @Test
  void a_group_is_made_named_anew_and_given_up_and_its_yards_stay() {
    Answer made = put(null, " North ", List.of(apiaryId, apiaryId));
    assertThat(made.status()).isEqualTo(200);
    assertThat(names(made)).containsExactly("North");
    JsonNode yards = made.json().get(0).path("apiaryIds");
    assertThat(yards).hasSize(1);
    assertThat(yards.get(0).asText()).isEqualTo(apiaryId);

    assertThat(names(put("North", "north side", List.of(apiaryId)))).containsExactly("north side");
    assertThat(names(get(reader, GROUPS))).containsExactly("north side");
    assertThat(names(put("north side", "north side", List.of()))).isEmpty();
    assertThat(get(keeper, "/api/apiaries/" + apiaryId).status()).isEqualTo(200);
  }

  @Test
  void the_same_sent_twice_is_one_group_and_a_name_is_given_once() {
    put(null, "Crew", List.of(apiaryId));
    assertThat(names(put(null, "crew", List.of(apiaryId)))).hasSize(1);

    String other = anotherYard();
    assertThat(put(null, "CREW", List.of(other)).at("name")).contains("another group already");
    put(null, "Late", List.of(other));
    assertThat(put("Late", "Crew", List.of(other)).at("name")).contains("another group already");
    assertThat(names(get(keeper, GROUPS))).containsExactly("crew", "Late");
    assertThat(names(put("Late", "Early", List.of(other)))).containsExactly("crew", "Early");
    assertThat(names(put("Late", "Early", List.of(other))))
        .as("named anew, sent twice")
        .containsExactly("crew", "Early");
  }

  @Test
  void what_names_no_yard_or_an_unknown_one_is_refused_and_changes_nothing() {
    assertThat(put(null, "Empty", List.of()).at("apiaryIds")).contains("choose the yards");
    assertThat(put(null, " ", List.of(apiaryId)).status()).isEqualTo(400);
    assertThat(put(null, "Far", List.of(UUID.randomUUID().toString())).status()).isEqualTo(404);
    assertThat(send(crew, HttpMethod.PUT, GROUPS, Map.of()).status()).isEqualTo(403);
    assertThat(get(keeper, GROUPS).json()).isEmpty();
  }
}
