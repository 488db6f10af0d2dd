package tavrel.server.reporting.register;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.people.Role;
import tavrel.server.run.RoundFixture;

class RegisterTest extends RoundFixture {

  @Test
  void a_correction_stands_beside_the_original_and_counts() throws Exception {
    String line = treatedHive(0);
    assertThat(correct(line, "GRAMS", "2", "3.5", "the second load burned too").status())
        .isEqualTo(200);

    JsonNode entry = register().path("lines").get(0);
    assertThat(entry.path("line").path("acid").asDouble()).isEqualTo(2);
    assertThat(entry.path("now").path("GRAMS").asText()).isEqualTo("3.5");
    JsonNode correction = entry.path("corrections").get(0);
    assertThat(correction.path("why").asText()).isEqualTo("the second load burned too");
    assertThat(correction.path("by").asText()).isEqualTo(keeper.name());
    assertThat(register().path("totals").path("acid").asDouble()).isEqualTo(3.5);
    assertThat(file("treatments.csv")).contains("was “2”, is “3.5” (the second load burned too)");
    assertThat(pdf()).contains("corrected", "the second load burned too", "2.00 g");
  }

  @Test
  void a_correction_of_a_correction_is_a_further_one_and_the_same_twice_is_one() {
    String line = treatedHive(0);
    Map<String, Object> first = correction("LOT", "", "A1", "it was on the tin");
    assertThat(correct(line, first).status()).isEqualTo(200);
    assertThat(correct(line, first).status()).isEqualTo(200);
    assertThat(correct(line, "LOT", "A1", "A7", "misread the tin").status()).isEqualTo(200);
    JsonNode entry = register().path("lines").get(0);
    assertThat(entry.path("corrections")).hasSize(2);
    assertThat(entry.path("now").path("LOT").asText()).isEqualTo("A7");
  }

  @Test
  void who_saw_something_older_is_refused_and_nothing_changes() {
    String line = treatedHive(0);
    correct(line, "LOT", "", "A1", "it was on the tin");
    Answer late = correct(line, "LOT", "", "B2", "it was on the lid");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.text()).contains("A1");
    assertThat(register().path("lines").get(0).path("corrections")).hasSize(1);
  }

  @Test
  void a_struck_line_stays_visible_but_counts_nowhere() {
    String line = treatedHive(0);
    assertThat(correct(line, "STANDS", "yes", "no", "wrong hive").status()).isEqualTo(200);
    JsonNode page = register();
    assertThat(page.path("lines")).hasSize(1);
    assertThat(page.path("lines").get(0).path("line").path("stands").asBoolean()).isFalse();
    assertThat(page.path("totals").path("struck").asInt()).isEqualTo(1);
    assertThat(page.path("totals").path("acid").asDouble()).isZero();
    assertThat(standing()).isEmpty();
    assertThat(correct(line, "LOT", "", "A", "late").status()).isEqualTo(409);
  }

  @Test
  void a_late_event_draws_the_line_anew_and_leaves_the_correction() {
    UUID round = planned();
    confirm(round);
    post(
        round,
        event(hives.get(0), "BURN_STARTED", -700, 1),
        event(hives.get(0), "BURN_ENDED", -670, 1));
    String line = register().path("lines").get(0).path("line").path("id").asText();
    correct(line, "GRAMS", "2", "1.5", "residue weighed");
    post(
        round,
        event(hives.get(0), "REMOVED", -669, null),
        event(hives.get(0), "OPENED", -50, null));
    JsonNode page = register();
    assertThat(page.path("lines").get(0).path("line").has("openedAt")).isTrue();
    assertThat(page.path("lines").get(0).path("line").path("id").asText()).isEqualTo(line);
    assertThat(page.path("totals").path("acid").asDouble()).isEqualTo(1.5);
  }

  @Test
  void a_corrected_line_whose_burns_are_undone_stays_struck_out() {
    UUID round = planned();
    confirm(round);
    Map<String, Object> start = event(hives.get(0), "BURN_STARTED", -700, 1);
    Map<String, Object> end = event(hives.get(0), "BURN_ENDED", -670, 1);
    post(round, start, end);
    String line = register().path("lines").get(0).path("line").path("id").asText();
    correct(line, "LOT", "", "A1", "it was on the tin");
    post(round, undo(hives.get(0), end), undo(hives.get(0), start));
    JsonNode page = register();
    assertThat(page.path("lines")).hasSize(1);
    assertThat(page.path("totals").path("struck").asInt()).isEqualTo(1);
  }

  @Test
  void crew_and_readers_may_not_correct_and_bad_values_are_told_at_the_field() {
    String line = treatedHive(0);
    Map<String, Object> wanted = correction("GRAMS", "2", "3", "because");
    String path = "/api/register/" + line + "/corrections";
    assertThat(send(crew, HttpMethod.POST, path, wanted).status()).isEqualTo(403);
    assertThat(send(person(Role.READER), HttpMethod.POST, path, wanted).status()).isEqualTo(403);
    assertThat(correct(line, "GRAMS", "2", "lots", "because").at("becomes")).contains("number");
    assertThat(correct(line, "GRAMS", "2", "3", " ").at("why")).contains("empty");
    assertThat(
            send(
                    keeper,
                    HttpMethod.POST,
                    "/api/register/" + UUID.randomUUID() + "/corrections",
                    wanted)
                .status())
        .isEqualTo(404);
  }

  @Test
  void a_line_by_hand_keeps_who_wrote_it() throws Exception {
    send(keeper, HttpMethod.POST, "/api/register", typed("STRIPS", "2 strips", 0));
    JsonNode line = register().path("lines").get(0).path("line");
    assertThat(line.path("writtenBy").asText()).isEqualTo(keeper.name());
    assertThat(line.path("people").asText()).as("who did it is another matter").isEqualTo("Wren");
    assertThat(file("treatments.csv")).contains("written by hand by", keeper.name());
  }

  @Test
  void a_line_for_three_hundred_hives_is_written_in_no_time() {
    String many = "Many " + UUID.randomUUID();
    StringBuilder csv = new StringBuilder("apiary,hive,position,brood boxes\n");
    for (int place = 1; place <= 300; place++) {
      csv.append("%s,M%d,%d,deep 10%n".formatted(many, place, place));
    }
    upload(keeper, "/api/roster/import?zone=UTC", csv.toString().getBytes(StandardCharsets.UTF_8));
    Map<String, Object> typed = typed("STRIPS", "2 strips", 0);
    typed.put(
        "hives",
        jdbc
            .queryForList(
                "select h.id from hive h join apiary a on a.id = h.apiary_id where a.name = ?",
                UUID.class,
                many)
            .stream()
            .collect(Collectors.toMap(hive -> hive, hive -> UUID.randomUUID())));
    long begin = System.nanoTime();
    assertThat(send(keeper, HttpMethod.POST, "/api/register", typed).status()).isEqualTo(204);
    assertThat((System.nanoTime() - begin) / 1e9).as("seconds; 17 before").isLessThan(3);
  }

  @Test
  void a_line_keeps_everything_that_was_out_of_the_ordinary() {
    UUID round = planned();
    confirm(round);
    post(round, event(hives.get(0), "BURN_STARTED", -700, 1));
    for (int i = 0; i < 12; i++) {
      Map<String, Object> leak = event(hives.get(0), "LEAK_SEEN", -690 + i, null);
      leak.put("reason", "at corner " + i + ", " + "seen ".repeat(90));
      post(round, leak);
    }
    post(round, event(hives.get(0), "BURN_ENDED", -670, 1));
    String remarks =
        String.join("; ", plainEach(register().path("lines").get(0).path("line").path("remarks")));
    assertThat(remarks).contains("at corner 0", "at corner 11").doesNotContain("…");
    assertThat(remarks.length()).isGreaterThan(4_000);
  }

  @Test
  void a_treatment_of_another_kind_is_written_for_many_hives_at_once() {
    Map<String, Object> strips = typed("STRIPS", "2 strips", 0);
    assertThat(send(keeper, HttpMethod.POST, "/api/register", strips).status()).isEqualTo(204);
    assertThat(send(keeper, HttpMethod.POST, "/api/register", strips).status()).isEqualTo(204);
    JsonNode page = register();
    assertThat(page.path("lines")).hasSize(2);
    assertThat(page.path("lines").get(0).path("line").path("amount").asText())
        .isEqualTo("2 strips");
    assertThat(standing().get(0).path("oxalic").path("done").asInt()).isZero();
    assertThat(standing().get(0).path("others").asInt()).isEqualTo(1);
    assertThat(standing().get(0).path("honey").path("from").asText())
        .isEqualTo(today().plusDays(42).toString());
    assertThat(get(keeper, "/api/register?only=TYPED&apiaryId=" + apiaryId).json().path("lines"))
        .hasSize(2);
    assertThat(
            get(keeper, "/api/register?only=OFF_LABEL&apiaryId=" + apiaryId).json().path("lines"))
        .isEmpty();
  }

  @Test
  void oxalic_acid_that_was_trickled_counts_towards_the_year_of_the_label() {
    Map<String, Object> trickled = typed("OXALIC_TRICKLED", null, 2.1);
    trickled.put("day", today().minusDays(20).toString());
    send(keeper, HttpMethod.POST, "/api/register", trickled);
    treatedHive(0);
    JsonNode first = standing().get(0);
    assertThat(first.path("oxalic").path("done").asInt()).isEqualTo(2);
    assertThat(plain(first.path("says"))).startsWith("2");
  }

  @Test
  void oxalic_acid_that_was_trickled_today_closes_the_days_between_treatments() {
    send(keeper, HttpMethod.POST, "/api/register", typed("OXALIC_TRICKLED", null, 2.1));
    assertThat(plan(UUID.randomUUID(), 2, null).at("offLabelReason")).isNotNull();
  }

  @Test
  void a_typed_treatment_that_cannot_be_is_refused_whole() {
    Map<String, Object> future = typed("STRIPS", "2 strips", 0);
    future.put("day", today().plusDays(2).toString());
    assertThat(send(keeper, HttpMethod.POST, "/api/register", future).at("day")).contains("future");
    assertThat(
            send(keeper, HttpMethod.POST, "/api/register", typed("THYMOL", null, 0)).at("amount"))
        .contains("how much");
    assertThat(send(keeper, HttpMethod.POST, "/api/register", typed("THYMOL", "x", 2)).at("acid"))
        .contains("oxalic");
    Map<String, Object> stranger = typed("STRIPS", "2 strips", 0);
    stranger.put(
        "hives", Map.of(hives.get(0), UUID.randomUUID(), UUID.randomUUID(), UUID.randomUUID()));
    assertThat(send(keeper, HttpMethod.POST, "/api/register", stranger).status()).isEqualTo(404);
    assertThat(register().path("lines")).isEmpty();
  }

  @Test
  void one_hives_lines_go_on_a_sheet_of_their_own() throws Exception {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -800);
    treat(round, hives.get(1), -700);
    JsonNode one = get(keeper, "/api/register?hiveId=" + hives.get(1)).json();
    assertThat(one.path("lines")).hasSize(1);
    String paper = text(bytes("treatments.pdf?hiveId=" + hives.get(1)));
    assertThat(paper).contains("hive 2", "Stands today on 2× deep");
  }

  @Test
  void what_was_logged_in_one_language_is_read_in_that_and_the_units_of_who_prints_it()
      throws Exception {
    treatedHive(0);
    send(keeper, HttpMethod.PUT, "/api/session/language", Map.of("own", "ITALIAN"));
    send(
        keeper,
        HttpMethod.PUT,
        "/api/session/units",
        Map.of(
            "temperature", "FAHRENHEIT",
            "wind", "MILES_AN_HOUR",
            "road", "MILES",
            "mass", "OUNCES",
            "measures", "SCOOPS_FIRST",
            "volume", "US_GALLONS",
            "clock", "HOURS_24",
            "dates", "DAY_MONTH",
            "decimals", "COMMA",
            "weekStart", "MONDAY"));
    String paper = text(bytes("treatments.pdf?apiaryId=" + apiaryId));
    assertThat(paper).contains("Registro").doesNotContain("Treatment register", "00 g");
    assertThat(paper)
        .contains("acido ossalico, vapore: ", "attenzione")
        .containsPattern("\\d,\\d+ oz");
  }

  @Test
  void lines_after_a_corrected_one_are_in_the_files_too() throws Exception {
    UUID round = planned();
    confirm(round);
    for (int i = 0; i < 3; i++) {
      treat(round, hives.get(i), -900 + 70 * i);
    }
    correct(
        register().path("lines").get(1).path("line").path("id").asText(), "LOT", "", "A1", "tin");
    assertThat(file("treatments.csv").lines()).hasSize(4);
    assertThat(json.readTree(bytes("treatments.json?apiaryId=" + apiaryId)).path("entries"))
        .hasSize(3);
  }

  @Test
  void json_holds_every_entry_with_its_corrections_and_the_sums() throws Exception {
    String line = treatedHive(0);
    correct(line, "LOT", "", "A1", "it was on the tin");
    JsonNode all = json.readTree(bytes("treatments.json?apiaryId=" + apiaryId));
    assertThat(all.path("format").asText()).isEqualTo("tavrel-register");
    assertThat(all.path("entries").get(0).path("corrections").get(0).path("becomes").asText())
        .isEqualTo("A1");
    assertThat(all.path("totals").path("lines").asInt()).isEqualTo(1);
  }

  @Test
  void the_calendar_has_a_day_for_each_apiary_and_one_from_which_supers_may_go_back()
      throws Exception {
    String first = treatedHive(0);
    jdbc.update("update treatment set waiting_days = 14 where id = ?", UUID.fromString(first));
    String calendar = file("treatments.ics");
    String today = today().toString().replace("-", "");
    String later = today().plusDays(14).toString().replace("-", "");
    assertThat(calendar)
        .contains("DTSTART;VALUE=DATE:" + today)
        .contains("1 hive\\, 2.00 g acid dihydrate")
        .contains("DTSTART;VALUE=DATE:" + later)
        .contains("supers for honey may go back")
        .doesNotContain("A sheet is silent");
    correct(first, "STANDS", "yes", "no", "another hive was meant");
    assertThat(file("treatments.ics")).doesNotContain("VEVENT");
  }

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), ZoneId.of("Etc/GMT+2"));
  }

  private String treatedHive(int index) {
    UUID round = planned();
    confirm(round);
    assertThat(treat(round, hives.get(index), -700).status()).isEqualTo(200);
    for (JsonNode each : register().path("lines")) {
      if (each.path("line").path("roundId").asText().equals(round.toString())) {
        return each.path("line").path("id").asText();
      }
    }
    throw new AssertionError("not in the register");
  }

  private JsonNode standing() {
    return get(keeper, "/api/register/standing?apiaryId=" + apiaryId + "&year=" + today().getYear())
        .json();
  }

  private Map<String, Object> typed(String means, String amount, double acid) {
    Map<String, Object> typed = new HashMap<>();
    typed.put("hives", Map.of(hives.get(0), UUID.randomUUID(), hives.get(1), UUID.randomUUID()));
    typed.put("day", today().toString());
    typed.put("means", means);
    typed.put("method", "between the combs");
    typed.put("amount", amount);
    typed.put("acid", acid);
    typed.put("people", "Wren");
    typed.put("supersPlan", "TAKEN_OFF");
    typed.put("waitingDays", 42);
    typed.put("remarks", "");
    return typed;
  }

  private Answer correct(String line, String field, String was, String becomes, String why) {
    return correct(line, correction(field, was, becomes, why));
  }

  private Answer correct(String line, Map<String, Object> correction) {
    return send(keeper, HttpMethod.POST, "/api/register/" + line + "/corrections", correction);
  }

  private static Map<String, Object> correction(
      String field, String was, String becomes, String why) {
    return new HashMap<>(
        Map.of(
            "id", UUID.randomUUID(), "field", field, "was", was, "becomes", becomes, "why", why));
  }

  private String pdf() throws Exception {
    return text(bytes("treatments.pdf?apiaryId=" + apiaryId));
  }

  private static String text(byte[] pdf) throws Exception {
    try (PdfReader reader = new PdfReader(pdf)) {
      return new PdfTextExtractor(reader).getTextFromPage(1);
    }
  }

  private String file(String name) throws Exception {
    return new String(bytes(name + "?apiaryId=" + apiaryId), StandardCharsets.UTF_8);
  }

  private byte[] bytes(String path) throws Exception {
    var begun =
        mvc.perform(MockMvcRequestBuilders.get("/api/register/" + path).with(as(keeper)))
            .andReturn();
    return mvc.perform(MockMvcRequestBuilders.asyncDispatch(begun))
        .andReturn()
        .getResponse()
        .getContentAsByteArray();
  }
}
