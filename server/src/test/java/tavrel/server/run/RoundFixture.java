package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.run.PeopleCheck;
import tavrel.server.ServerTest;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

/** Three hives in a yard of their own, and the steps of a round over the real stack. */
public abstract class RoundFixture extends ServerTest {

  @Autowired protected JdbcTemplate jdbc;
  @Autowired protected Clock clock;

  protected Account keeper;
  protected Account crew;
  protected String apiaryId;
  protected final List<String> hives = new ArrayList<>();
  protected Instant begin;

  @BeforeEach
  void three_hives_stand_in_a_yard() {
    keeper = person(Role.KEEPER);
    crew = person(Role.CREW);
    String yard = "=Yard " + UUID.randomUUID();
    String csv =
        "apiary,hive,position,brood boxes,supers,latitude,longitude\n%s,1,1,deep,0,47.6,-24.3\n%s,2,2,2x deep,1,,\n%s,3,3,nucleus,0,,\n"
            .formatted(yard, yard, yard);
    upload(keeper, "/api/roster/import?zone=Etc/GMT%2B2", csv.getBytes(StandardCharsets.UTF_8));
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(yard)) {
        apiaryId = each.path("apiary").path("id").asText();
      }
    }
    get(keeper, "/api/apiaries/" + apiaryId)
        .json()
        .path("hives")
        .forEach(hive -> hives.add(hive.path("id").asText()));
    begin = clock.instant();
  }

  protected String csv() {
    try {
      var begun =
          mvc.perform(MockMvcRequestBuilders.get("/api/register/treatments.csv").with(as(keeper)))
              .andReturn();
      var done = mvc.perform(MockMvcRequestBuilders.asyncDispatch(begun)).andReturn();
      return done.getResponse().getContentAsString(StandardCharsets.UTF_8);
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }

  protected UUID planned() {
    UUID id = UUID.randomUUID();
    assertThat(plan(id, 2, null).status()).isEqualTo(200);
    return id;
  }

  protected Answer plan(UUID id, double grams, String reason) {
    Map<String, Object> round =
        new HashMap<>(
            Map.of(
                "apiaryId",
                apiaryId,
                "ruleSheetId",
                sheetId(1),
                "settings",
                settings(grams),
                "tool",
                "Bowl 1"));
    round.put("offLabelReason", reason);
    return send(keeper, HttpMethod.PUT, "/api/rounds/" + id, round);
  }

  protected void confirm(UUID id) {
    List<String> all = Arrays.stream(PeopleCheck.Point.values()).map(Enum::name).toList();
    assertThat(
            send(
                    crew,
                    HttpMethod.PUT,
                    "/api/rounds/" + id + "/people-check",
                    Map.of("confirmed", all))
                .status())
        .isEqualTo(200);
  }

  protected Answer treat(UUID id, String hive, int from) {
    return post(
        id,
        event(hive, "BURN_STARTED", from, 1),
        event(hive, "BURN_ENDED", from + 30, 1),
        event(hive, "REMOVED", from + 31, null),
        event(hive, "OPENED", from + 640, null));
  }

  protected Answer post(UUID id, Map<?, ?>... events) {
    return send(crew, HttpMethod.POST, "/api/rounds/" + id + "/events", List.of(events));
  }

  protected Map<String, Object> event(String hive, String kind, int second, Integer load) {
    Map<String, Object> event = new HashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("hiveId", hive);
    event.put("kind", kind);
    event.put("at", begin.plusSeconds(second).toString());
    event.put("load", load);
    return event;
  }

  protected Map<String, Object> skip(String hive) {
    Map<String, Object> event = event(hive, "SKIPPED", -600, null);
    event.put("reason", "weak");
    return event;
  }

  protected Map<String, Object> undo(String hive, Map<String, Object> mistake) {
    Map<String, Object> event = event(hive, "UNDONE", 0, null);
    event.put("undoes", mistake.get("id"));
    return event;
  }

  protected JsonNode register() {
    return get(keeper, "/api/register?apiaryId=" + apiaryId).json();
  }

  protected static String sheetId(int index) {
    return ExampleSheets.all().get(index).id().toString();
  }

  protected static Map<String, Object> settings(double grams) {
    return new HashMap<>(
        Map.of(
            "amount",
            Map.of("grams", grams, "per", "BOX", "of", "ACID_DIHYDRATE"),
            "mediums",
            "BY_COMB",
            "strength",
            Map.of("assay", 1),
            "measure",
            Map.of("step", 0.1),
            "capacity",
            4,
            "supersPlan",
            "TAKEN_OFF",
            "sealMinutes",
            10,
            "exceptions",
            List.of()));
  }

  @SuppressWarnings("unchecked")
  protected static Map<String, Object> asMap(Object value) {
    return (Map<String, Object>) value;
  }

  protected UUID withGear() {
    String own = tool("HEATED_BOWL", 30);
    UUID round = UUID.randomUUID();
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("apiaryId", apiaryId);
    wanted.put("ruleSheetId", sheetId(1));
    wanted.put("settings", settings(2));
    wanted.put("tool", "Own");
    wanted.put("toolId", own);
    assertThat(send(keeper, HttpMethod.PUT, "/api/rounds/" + round, wanted).status())
        .isEqualTo(200);
    return round;
  }

  /** A tool of the gear with one test burn of 2 g. */
  protected String tool(String family, int seconds) {
    Map<String, Object> tool = gear(family);
    assertThat(send(keeper, HttpMethod.PUT, "/api/tools/" + tool.get("id"), tool).status())
        .isEqualTo(200);
    String burn = UUID.randomUUID().toString();
    Map<String, Object> tested = new HashMap<>();
    tested.put("id", burn);
    tested.put("toolId", tool.get("id"));
    tested.put("load", 2);
    tested.put("seconds", seconds);
    tested.put("at", clock.instant().minusSeconds(3_000).toString());
    assertThat(send(crew, HttpMethod.PUT, "/api/test-burns/" + burn, tested).status())
        .isEqualTo(200);
    return (String) tool.get("id");
  }

  protected static Map<String, Object> gear(String family) {
    boolean pan = family.equals("PAN_WAND");
    String id = UUID.randomUUID().toString();
    Map<String, Object> tool = new HashMap<>();
    tool.put("id", id);
    tool.put("name", "T" + id.substring(0, 8));
    tool.put("family", family);
    tool.put("power", pan ? "CAR_BATTERY" : "MAINS");
    tool.put("release", pan ? "LOADED_COLD" : "CAP_TURNED");
    tool.put("endSign", "NONE");
    tool.put("capacity", 4.5);
    tool.put("preheatSeconds", pan ? 0 : 100);
    tool.put("coolSeconds", pan ? 120 : 0);
    tool.put("reloadSeconds", pan ? 60 : 0);
    tool.put("setCelsius", pan ? null : 230);
    tool.put("watts", pan ? null : 275);
    tool.put("dunkAllowed", false);
    tool.put("marginPercent", 15);
    tool.put("retired", false);
    return tool;
  }
}
