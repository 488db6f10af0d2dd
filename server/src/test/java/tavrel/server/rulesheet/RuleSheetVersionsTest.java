package tavrel.server.rulesheet;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.server.Yard;

/** A sheet that is edited becomes a new version; rounds keep the one of their day. */
class RuleSheetVersionsTest extends Yard {

  private final String first = UUID.randomUUID().toString();
  private final String second = UUID.randomUUID().toString();

  @Test
  void an_old_round_is_judged_by_the_sheet_of_its_day() {
    add(sheet(first, 4, 1, null));
    String round = plan(first);
    assertThat(add(sheet(second, 1, 2, first)).status()).isEqualTo(200);
    JsonNode kept = get(keeper, "/api/rounds/" + round).json();
    assertThat(kept.path("ruleSheet").path("id").asText()).isEqualTo(first);
    assertThat(kept.path("hives").get(0).path("verdict").asText()).isEqualTo("ALLOWED");
    assertThat(current().findValuesAsText("id")).contains(second).doesNotContain(first);
    assertThat(read(first).path("replacedBy").asText()).isEqualTo(second);
    assertThat(read(first).path("rounds").asInt()).isEqualTo(1);
    assertThat(plain(read(second).path("lines").get(1).path("says")))
        .isEqualTo("at most 1 g acid dihydrate a box");
  }

  @Test
  void two_keepers_who_edit_the_same_version_do_not_overwrite_each_other() {
    add(sheet(first, 4, 1, null));
    add(sheet(second, 1, 2, first));
    Answer late = add(sheet(UUID.randomUUID().toString(), 2, 2, first));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().path("detail").asText()).contains("edited meanwhile");
  }

  @Test
  void a_version_follows_the_one_before_and_examples_are_not_edited() {
    add(sheet(first, 4, 1, null));
    assertThat(add(sheet(second, 1, 5, first)).at("version")).contains("must be 2");
    String example = ExampleSheets.all().get(0).id().toString();
    assertThat(add(sheet(second, 1, 2, example)).at("replaces")).contains("example");
    assertThat(add(sheet(second, 1, 2, null)).at("replaces")).isNotNull();
  }

  @Test
  void a_sheet_that_contradicts_itself_is_refused_at_the_field() {
    Map<String, Object> wrong = sheet(first, 4, 1, null);
    wrong.put("minCelsius", 20);
    wrong.put("maxCelsius", 10);
    assertThat(add(wrong).at("minCelsius")).contains("below the highest");
  }

  private Answer add(Map<String, Object> sheet) {
    return send(keeper, HttpMethod.PUT, "/api/rule-sheets/" + sheet.get("id"), sheet);
  }

  private JsonNode current() {
    return get(keeper, "/api/rule-sheets").json();
  }

  private JsonNode read(String id) {
    for (JsonNode each : get(reader, "/api/rule-sheets/read").json()) {
      if (each.path("sheet").path("id").asText().equals(id)) {
        return each;
      }
    }
    throw new AssertionError("the sheet is missing");
  }

  private String plan(String sheet) {
    String id = UUID.randomUUID().toString();
    Map<String, Object> round = new HashMap<>();
    round.put("apiaryId", apiaryId);
    round.put("ruleSheetId", sheet);
    round.put("settings", settings());
    round.put("tool", "Bowl 1");
    assertThat(send(keeper, HttpMethod.PUT, "/api/rounds/" + id, round).status()).isEqualTo(200);
    return id;
  }

  private Map<String, Object> sheet(String id, double grams, int version, String replaces) {
    Map<String, Object> sheet = new HashMap<>();
    sheet.put("id", id);
    sheet.put("name", "Label " + first);
    sheet.put("example", false);
    sheet.put("copiedBy", "Wren");
    sheet.put("copiedOn", "2026-03-09");
    sheet.put("gramsOf", "ACID_DIHYDRATE");
    sheet.put("maxPerBox", grams);
    sheet.put("brood", "ANY");
    sheet.put("supers", "OFF");
    sheet.put("minSealMinutes", 10);
    sheet.put("registeredProduct", true);
    sheet.put("version", version);
    sheet.put("replaces", replaces);
    return sheet;
  }
}
