package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;

/** From the dose sheet to a round that may begin, and what the register makes of it. */
class RoundPlanTest extends RoundFixture {

  @Test
  void the_dose_sheet_gives_grams_loads_and_verdict_hive_by_hive() {
    JsonNode sheet =
        send(
                crew,
                HttpMethod.POST,
                "/api/apiaries/" + apiaryId + "/dose-sheet",
                Map.of("ruleSheetId", sheetId(1), "settings", settings(2)))
            .json()
            .path("dose");
    assertThat(sheet.path("totalAcid").asDouble()).isEqualTo(7.0);
    assertThat(sheet.path("verdict").asText()).isEqualTo("CAUTION");
    assertThat(sheet.path("hives").get(1).path("why").size()).isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource({
    "amount.grams, 0, settings.amount.grams",
    "amount.grams, 40, settings.amount.grams",
    "amount.grams, two, settings.amount.grams",
    "strength.assay, 99.6, settings.strength",
    "capacity, -1, settings.capacity",
    "sealMinutes, 0, settings.sealMinutes",
    "measure.step, 0, settings.measure.step",
    "measure.spoon, SHOVEL, settings.measure.spoon",
    "supersPlan, SOMEWHERE, settings.supersPlan",
    "loosening, 9, settings.loosening"
  })
  void what_cannot_be_is_named_at_its_field(String field, String value, String named) {
    Map<String, Object> settings = settings(2);
    String[] path = field.split("\\.");
    Object typed = value != null && value.matches("-?[\\d.]+") ? Double.valueOf(value) : value;
    if (path.length == 2) {
      Map<String, Object> inner = new HashMap<>(asMap(settings.get(path[0])));
      inner.put(path[1], typed);
      settings.put(path[0], inner);
    } else {
      settings.put(path[0], typed);
    }
    Answer answer =
        send(
            keeper,
            HttpMethod.POST,
            "/api/apiaries/" + apiaryId + "/dose-sheet",
            Map.of("ruleSheetId", sheetId(1), "settings", settings));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.at(named)).as(answer.text()).isNotNull();
  }

  @ParameterizedTest
  @CsvSource({
    "40, strong colony, settings.exceptions.0.amount.grams",
    "0, strong colony, settings.exceptions.0.amount.grams",
    "1, ' ', settings.exceptions.0.reason"
  })
  void an_exception_that_cannot_be_is_named_at_its_hive(double grams, String reason, String named) {
    Map<String, Object> settings = settings(2);
    Map<String, Object> amount = Map.of("grams", grams, "per", "BOX", "of", "ACID_DIHYDRATE");
    settings.put(
        "exceptions",
        List.of(Map.of("hiveId", UUID.randomUUID(), "amount", amount, "reason", reason)));
    Answer answer =
        send(
            keeper,
            HttpMethod.POST,
            "/api/apiaries/" + apiaryId + "/dose-sheet",
            Map.of("ruleSheetId", sheetId(1), "settings", settings));
    assertThat(answer.at(named)).as(answer.text()).isNotNull();
  }

  @Test
  void a_round_planned_twice_by_a_double_click_is_one_round_and_another_must_wait() {
    UUID id = UUID.randomUUID();
    assertThat(plan(id, 2, null).status()).isEqualTo(200);
    assertThat(plan(id, 2, null).status()).isEqualTo(200);
    assertThat(plan(UUID.randomUUID(), 2, null).status()).isEqualTo(409);
    assertThat(send(keeper, HttpMethod.DELETE, "/api/rounds/" + id, "").status()).isEqualTo(204);
    assertThat(plan(UUID.randomUUID(), 2, null).status()).isEqualTo(200);
  }

  @Test
  void an_off_label_dose_needs_its_reason_and_keeps_it_in_the_register() {
    UUID id = UUID.randomUUID();
    assertThat(plan(id, 4, " ").at("offLabelReason")).contains("not on the label");
    assertThat(plan(id, 4, "trial agreed with the adviser").status()).isEqualTo(200);
    confirm(id);
    treat(id, hives.get(0), -700);
    JsonNode line = register().path("lines").get(0).path("line");
    assertThat(line.path("verdict").asText()).isEqualTo("NOT_ON_LABEL");
    assertThat(line.path("offLabelReason").asText()).isEqualTo("trial agreed with the adviser");
  }

  @Test
  void nothing_burns_before_the_people_check_and_it_is_kept_who_confirmed_it() {
    UUID id = planned();
    Answer early = post(id, event(hives.get(0), "BURN_STARTED", 0, 1));
    assertThat(early.status()).isEqualTo(409);
    assertThat(early.json().path("detail").asText()).contains("people check");
    Answer half =
        send(
            crew,
            HttpMethod.PUT,
            "/api/rounds/" + id + "/people-check",
            Map.of("confirmed", List.of("RESPIRATOR")));
    assertThat(half.status()).isEqualTo(400);
    assertThat(half.at("confirmed")).contains("GLOVES");
    confirm(id);
    JsonNode check = get(keeper, "/api/rounds/" + id).json().path("peopleCheck");
    assertThat(check.path("checkedBy").asText()).isEqualTo(crew.name());
    assertThat(post(id, event(hives.get(0), "BURN_STARTED", 0, 1)).status()).isEqualTo(200);
  }

  @Test
  void a_plan_that_was_begun_or_thrown_away_is_not_touched() {
    UUID id = planned();
    confirm(id);
    post(id, event(hives.get(0), "BURN_STARTED", 0, 1));
    assertThat(send(keeper, HttpMethod.DELETE, "/api/rounds/" + id, "").status()).isEqualTo(409);
    assertThat(get(keeper, "/api/rounds/" + UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(get(keeper, "/api/rounds/not-an-id").status()).isEqualTo(400);
  }

  @Test
  void the_register_goes_out_as_csv_that_starts_no_formula() {
    UUID id = planned();
    confirm(id);
    treat(id, hives.get(0), -700);
    String csv = csv();
    assertThat(csv).startsWith("\uFEFFday,time zone,apiary");
    assertThat(csv.lines().skip(1))
        .anySatisfy(
            line -> assertThat(line).contains("'=Yard").contains("2.00").contains("caution"));
    assertThat(csv.lines().skip(1)).noneMatch(line -> line.contains(",=Yard"));
  }

  @Test
  void today_points_at_the_run_under_way() {
    UUID id = planned();
    confirm(id);
    post(
        id,
        event(hives.get(0), "BURN_STARTED", -60, 1),
        event(hives.get(0), "BURN_ENDED", -20, 1),
        event(hives.get(0), "REMOVED", -20, null));
    for (JsonNode each : get(keeper, "/api/today").json().path("apiaries")) {
      if (each.path("apiary").path("id").asText().equals(apiaryId)) {
        assertThat(each.path("due").asText()).isEqualTo("RUNNING");
        assertThat(each.path("run").path("nextToOpen").asText()).isEqualTo("1");
        assertThat(each.path("run").path("stillShut").asInt()).isEqualTo(1);
        return;
      }
    }
    throw new AssertionError("the apiary is missing");
  }
}
