package tavrel.server.pace;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.server.Yard;

/** How long a round takes, asked over the real stack. */
class PaceServiceTest extends Yard {

  private final String bowl = UUID.randomUUID().toString();

  @BeforeEach
  void a_bowl_that_burns_forty_seconds() {
    keepTool(bowl, 40);
  }

  @Test
  void a_round_of_four_hives_is_played_through_hive_by_hive() {
    JsonNode length = asked(1, 0, List.of(bowl)).json();
    JsonNode pace = length.path("pace");
    // Four times 20 + 40 + 10 s, the last sealed 600 s, 15 s to open.
    assertThat(pace.path("finish").asInt()).isEqualTo(4 * 70 + 600 + 15);
    assertThat(pace.path("mostShut").asInt()).isEqualTo(4);
    assertThat(pace.path("hives")).hasSize(4);
    assertThat(pace.path("hives").get(0).path("name").asText()).isEqualTo("Q1");
    assertThat(length.path("savings")).isNotEmpty();
  }

  @Test
  void the_sheets_seal_period_counts_whatever_the_crew_is_used_to() {
    Map<String, Object> work = work(Map.of("burners", 1, "helpers", 0));
    Map<String, Object> times = new HashMap<>(times());
    times.put("seal", 60);
    work.put("times", times);
    JsonNode hive = ask(work, List.of(bowl)).json().path("pace").path("hives").get(0);
    assertThat(hive.path("due").asInt() - hive.path("out").asInt()).isEqualTo(600);
  }

  @ParameterizedTest
  @CsvSource({"0, 0, work.crew.burners", "9, 0, work.crew.burners", "1, -1, work.crew.helpers"})
  void a_crew_that_cannot_be_is_named_at_its_field(int burners, int helpers, String named) {
    Answer refused = asked(burners, helpers, List.of(bowl));
    assertThat(refused.at(named)).as(refused.text()).isNotNull();
  }

  @Test
  void a_tool_whose_burn_time_nobody_knows_is_not_guessed() {
    String unknown = UUID.randomUUID().toString();
    keepTool(unknown, null);
    Answer refused = asked(1, 0, List.of(unknown));
    assertThat(refused.at("tools")).contains("test burn");
    assertThat(asked(1, 0, List.of()).at("toolIds")).isNotNull();
  }

  @Test
  void the_usual_crew_is_kept_by_a_keeper_and_windows_tell_what_fits() {
    Map<String, Object> work = work(Map.of("burners", 2, "helpers", 1));
    assertThat(send(crew, HttpMethod.PUT, "/api/usual-work", work).status()).isEqualTo(403);
    assertThat(send(keeper, HttpMethod.PUT, "/api/usual-work", work).status()).isEqualTo(200);
    JsonNode kept = get(reader, "/api/usual-work").json();
    assertThat(kept.path("crew").path("burners").asInt()).isEqualTo(2);
    assertThat(kept.path("caps").isNull() || kept.path("caps").isMissingNode()).isTrue();
    String tomorrow = today.plusDays(1).toString();
    for (JsonNode window :
        get(reader, "/api/apiaries/" + apiaryId + "/dayline?date=" + tomorrow)
            .json()
            .path("day")
            .path("windows")) {
      assertThat(window.path("fits").asInt()).as(window.toString()).isBetween(0, 4);
      assertThat(window.hasNonNull("fits")).isTrue();
    }
  }

  private Answer asked(int burners, int helpers, List<String> tools) {
    return ask(work(Map.of("burners", burners, "helpers", helpers)), tools);
  }

  private Answer ask(Map<String, Object> work, List<String> tools) {
    return send(
        crew,
        HttpMethod.POST,
        "/api/apiaries/" + apiaryId + "/run-length",
        Map.of(
            "dose",
            Map.of(
                "ruleSheetId", ExampleSheets.all().get(1).id().toString(), "settings", settings()),
            "toolIds",
            tools,
            "work",
            work));
  }

  private static Map<String, Object> work(Map<String, Object> people) {
    return new HashMap<>(
        Map.of("crew", people, "cloths", 24, "preparedAhead", true, "times", times()));
  }

  private static Map<String, Object> times() {
    return Map.ofEntries(
        Map.entry("setUp", 0),
        Map.entry("clearAway", 0),
        Map.entry("walkAndShut", 20),
        Map.entry("loadCold", 15),
        Map.entry("disconnect", 5),
        Map.entry("withdraw", 10),
        Map.entry("opening", 15),
        Map.entry("fillCap", 12),
        Map.entry("seal", 600),
        Map.entry("openFirstAfter", 180),
        Map.entry("staysWithBowl", true));
  }

  private void keepTool(String id, Integer burnSeconds) {
    Map<String, Object> tool = new HashMap<>();
    tool.put("id", id);
    tool.put("name", "Bowl " + id);
    tool.put("family", "HEATED_BOWL");
    tool.put("power", "MAINS");
    tool.put("release", "PLUNGER");
    tool.put("endSign", "LAMP");
    tool.put("capacity", 4.5);
    tool.put("preheatSeconds", 0);
    tool.put("burnSeconds", burnSeconds);
    tool.put("coolSeconds", 0);
    tool.put("reloadSeconds", 20);
    tool.put("dunkAllowed", false);
    tool.put("marginPercent", 15);
    tool.put("retired", false);
    assertThat(send(keeper, HttpMethod.PUT, "/api/tools/" + id, tool).status()).isEqualTo(200);
  }
}
