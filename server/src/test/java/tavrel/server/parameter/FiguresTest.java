package tavrel.server.parameter;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.server.ServerTest;
import tavrel.server.people.Role;

class FiguresTest extends ServerTest {

  @ParameterizedTest
  @ValueSource(strings = {"en", "es", "it"})
  void every_figure_says_what_it_does_in_each_language(String language) throws IOException {
    JsonNode said =
        json.readTree(getClass().getResourceAsStream("/words/" + language + ".json"))
            .path("parameter")
            .path("meanings");
    List<String> keys = new ArrayList<>();
    for (JsonNode group : get(person(Role.KEEPER), "/api/parameters").json()) {
      group
          .path("figures")
          .forEach(each -> keys.add(each.path("parameter").path("key").asText().replace('.', '_')));
    }
    assertThat(keys).hasSizeGreaterThan(60);
    assertThat(said.fieldNames()).toIterable().containsExactlyInAnyOrderElementsOf(keys);
  }
}
