package tavrel.server.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;
import tavrel.server.people.Account;

class CountsTest extends Yard {

  @Test
  void a_wash_is_kept_once_and_read_against_the_limit_of_the_season() {
    Map<String, Object> wash = wash(hives.get(0), 30, 300);

    assertThat(keep(crew, wash).status()).isEqualTo(204);
    assertThat(keep(crew, wash).status()).isEqualTo(204);

    JsonNode line = line(0);
    assertThat(line.path("reading").path("mites").asInt()).isEqualTo(30);
    assertThat(line.path("reading").path("standing").asText()).isEqualTo("ABOVE");
    assertThat(board().path("recent")).hasSize(1);
    assertThat(board().path("recent").get(0).path("doneBy").asText()).isEqualTo(crew.name());
    assertThat(line(1).path("reading").isMissingNode()).isTrue();
  }

  @Test
  void counts_of_a_week_pool_and_the_apiary_has_a_running_total() {
    keep(crew, wash(hives.get(0), 5, 300));
    keep(crew, wash(hives.get(0), 4, 300));
    keep(crew, wash(hives.get(1), 0, 300));

    assertThat(line(0).path("reading").path("bees").asInt()).isEqualTo(600);
    assertThat(board().path("whole").isMissingNode())
        .as("two hives tell of themselves, not of the yard")
        .isTrue();
    assertThat(board().path("counted").asInt()).isEqualTo(2);

    keep(crew, wash(hives.get(2), 3, 300));
    JsonNode whole = board().path("whole");
    assertThat(whole.path("hives").asInt()).isEqualTo(3);
    assertThat(whole.path("bees").asInt()).isEqualTo(1_200);
    assertThat(whole.path("share").asDouble())
        .as("the mean of hives, not of bees")
        .isCloseTo((9 / 600.0 + 0 + 3 / 300.0) / 3, within(1e-12));
    assertThat(plain(whole.path("says"))).contains("mean of 3 hives").contains("k 1.5");
  }

  @Test
  void a_colony_in_danger_and_one_above_the_limit_without_a_plan_stand_first_on_today() {
    keep(
        crew, wash(hives.get(0), 36, 300), wash(hives.get(1), 20, 300), wash(hives.get(2), 1, 300));
    assertThat(line(0).path("reading").path("standing").asText()).isEqualTo("DANGER");
    assertThat(plain(line(0).path("reading").path("says"))).contains("in danger: above 10 %");
    assertThat(here())
        .extracting(each -> each.path("kind").asText())
        .startsWith("DANGER", "ABOVE_UNPLANNED");
    assertThat(here().get(0).path("hives").get(0).path("name").asText()).isEqualTo("Q1");
    assertThat(here().get(0).path("hives").get(0).path("share").asDouble()).isEqualTo(0.12);
    assertThat(here().get(1).path("hives").get(0).path("name").asText()).isEqualTo("Q2");

    send(
        keeper,
        HttpMethod.PUT,
        "/api/hives/" + hives.get(1) + "/decision",
        Map.of("id", UUID.randomUUID(), "choice", "LEAVE", "reason", "holds its own"));
    assertThat(here())
        .extracting(each -> each.path("kind").asText())
        .doesNotContain("ABOVE_UNPLANNED");
  }

  private List<JsonNode> here() {
    List<JsonNode> mine = new ArrayList<>();
    for (JsonNode each : get(keeper, "/api/today").json().path("dueTasks")) {
      if (each.path("apiaryId").asText().equals(apiaryId)) {
        mine.add(each);
      }
    }
    return mine;
  }

  @Test
  void what_cannot_be_counted_is_refused_at_its_field_and_nothing_is_kept() {
    assertThat(keep(crew, wash(hives.get(0), 3, 300), wash(hives.get(1), 301, 300)).at("1.mites"))
        .contains("more mites than bees");
    assertThat(keep(crew, wash(hives.get(0), 3, 0)).at("0.bees")).contains("at least 1 bee");
    Map<String, Object> tomorrow = wash(hives.get(0), 3, 300);
    tomorrow.put("day", today.plusDays(1).toString());
    assertThat(keep(crew, wash(hives.get(1), 3, 300), tomorrow).at("1.day"))
        .contains("has not come yet");
    Map<String, Object> longAgo = wash(hives.get(0), 3, 300);
    longAgo.put("day", today.minusYears(100).toString());
    assertThat(keep(crew, longAgo).at("0.day")).contains("three years");

    assertThat(board().path("recent")).isEmpty();
  }

  @Test
  void a_count_from_before_its_hive_stood_is_refused_by_hand_and_in_a_file() {
    since(hives.get(0), today.minusDays(10).toString());
    Map<String, Object> early = wash(hives.get(0), 3, 300);
    early.put("day", today.minusDays(11).toString());
    assertThat(keep(crew, wash(hives.get(1), 3, 300), early).at("1.day"))
        .contains("Q1 stands here since " + today.minusDays(10));
    String csv =
        "apiary,hive,date,kind,mites,bees\n%s,Q1,%s,wash,3,300\n"
            .formatted(yard, today.minusDays(11));
    assertThat(
            upload(keeper, "/api/counts/import", csv.getBytes(StandardCharsets.UTF_8)).at("file"))
        .contains("1 bad row");
    assertThat(board().path("recent")).isEmpty();
    early.put("day", today.minusDays(10).toString());
    assertThat(keep(crew, early).status()).isEqualTo(204);
  }

  @Test
  void a_hive_cannot_stand_since_later_than_it_was_counted_nor_since_tomorrow() {
    keep(crew, wash(hives.get(0), 3, 300));
    since(hives.get(0), today.minusDays(1).toString());
    assertThat(since(hives.get(0), today.plusDays(1).toString()).at("since"))
        .contains("has not come yet");
    Map<String, Object> early = wash(hives.get(1), 3, 300);
    early.put("day", today.minusDays(5).toString());
    keep(crew, early);
    assertThat(since(hives.get(1), today.toString()).at("since")).contains("is too late: Q2");
    assertThat(since(hives.get(1), "3 May").at("since")).contains("year-month-day");
    assertThat(since(hives.get(0), "").json().path("hives").get(0).path("since").isMissingNode())
        .isTrue();
  }

  private Answer since(String hive, String day) {
    return send(
        crew,
        HttpMethod.POST,
        "/api/apiaries/" + apiaryId + "/hive-changes",
        List.of(Map.of("hiveIds", List.of(hive), "change", Map.of("since", day))));
  }

  @Test
  void a_board_lies_is_read_and_gives_a_natural_drop() {
    Map<String, String> laid = Map.of(hives.get(2), UUID.randomUUID().toString());
    assertThat(send(crew, HttpMethod.POST, "/api/boards", laid).status()).isEqualTo(204);
    assertThat(line(2).path("boardLaidAt").isMissingNode()).isFalse();

    keep(crew, board(hives.get(2), 24, 48));

    assertThat(line(2).path("naturalDrop").path("perDay").asDouble()).isEqualTo(12);
    assertThat(line(2).path("boardLaidAt").isMissingNode()).isTrue();
  }

  @Test
  void a_bare_board_after_a_round_is_kept_and_asked_about_where_a_sample_had_found_mites() {
    trickled(hives.get(0), 1);
    for (int i = 0; i < 2; i++) {
      Map<String, Object> before = wash(hives.get(i), 18, 300);
      before.put("day", today.minusDays(6).toString());
      keep(crew, before, board(hives.get(i), 0, 24));
    }

    assertThat(plain(line(0).path("doubt"))).contains("18 mites were found on 300 bees");
    assertThat(line(1).has("doubt")).as("no round just before").isFalse();
    assertThat(line(0).path("lastTreated").asText()).isEqualTo(today.minusDays(1).toString());
    assertThat(line(0).has("naturalDrop")).as("said to be natural, but after a round").isFalse();
    assertThat(line(0).path("lastDrop").path("natural").asBoolean()).isFalse();
    assertThat(line(1).path("naturalDrop").path("perDay").asDouble()).isZero();
  }

  @Test
  void a_board_after_another_treatment_is_no_natural_drop_either_but_is_not_asked_about() {
    treated(hives.get(0), 1, "THYMOL", 0);
    Map<String, Object> before = wash(hives.get(0), 18, 300);
    before.put("day", today.minusDays(6).toString());
    keep(crew, before, board(hives.get(0), 0, 24));

    assertThat(line(0).has("naturalDrop")).as("said to be natural, but after thymol").isFalse();
    assertThat(line(0).path("lastTreated").asText()).isEqualTo(today.minusDays(1).toString());
    assertThat(line(0).has("doubt")).as("thymol works for weeks, not for a night").isFalse();
  }

  @Test
  void samples_before_and_after_another_treatment_are_not_taken_as_one() {
    Map<String, Object> before = wash(hives.get(0), 18, 300);
    before.put("day", today.minusDays(6).toString());
    keep(crew, before, wash(hives.get(0), 3, 300));
    assertThat(line(0).path("reading").path("bees").asInt()).isEqualTo(600);

    treated(hives.get(0), 3, "FORMIC", 0);

    assertThat(line(0).path("reading").path("bees").asInt()).isEqualTo(300);
  }

  private void trickled(String hive, int daysAgo) {
    treated(hive, daysAgo, "OXALIC_TRICKLED", 2.1);
  }

  private void treated(String hive, int daysAgo, String means, double acid) {
    Map<String, Object> line = new HashMap<>();
    line.put("hives", Map.of(hive, UUID.randomUUID()));
    line.put("day", today.minusDays(daysAgo).toString());
    line.put("means", means);
    line.put("method", "between the combs");
    line.put("acid", acid);
    line.put("amount", "as the label says");
    line.put("people", "Wren");
    line.put("supersPlan", "TAKEN_OFF");
    line.put("waitingDays", 0);
    line.put("remarks", "");
    assertThat(send(keeper, HttpMethod.POST, "/api/register", line).status()).isEqualTo(204);
  }

  @Test
  void a_struck_count_counts_no_longer() {
    Map<String, Object> wash = wash(hives.get(0), 30, 300);
    keep(crew, wash);
    send(crew, HttpMethod.DELETE, "/api/counts/" + wash.get("id"), "");

    assertThat(line(0).path("reading").isMissingNode()).isTrue();
  }

  @Test
  void a_hive_is_left_only_with_a_reason_and_its_neighbours_are_named() {
    assertThat(decide(keeper, "LEAVE", " ").at("reason")).contains("why this hive");
    Answer left = decide(keeper, "LEAVE", "a line that holds its own");

    assertThat(plain(left.json().path("says"))).contains("Q1 and Q3");
    assertThat(line(1).path("decision").path("choice").asText()).isEqualTo("LEAVE");
    assertThat(decide(keeper, "TREAT", null).status()).isEqualTo(200);
    assertThat(line(1).path("decision").path("choice").asText()).isEqualTo("TREAT");
    assertThat(decide(crew, "TREAT", null).status()).isEqualTo(403);
  }

  @Test
  void a_reader_reads_and_enters_nothing() {
    assertThat(get(reader, "/api/apiaries/" + apiaryId + "/counts").status()).isEqualTo(200);
    assertThat(keep(reader, wash(hives.get(0), 3, 300)).status()).isEqualTo(403);
  }

  @Test
  void counts_go_out_and_come_in_as_a_table_all_or_the_good_rows_alone() {
    String csv =
        "apiary;hive;date;kind;mites;bees;hours;natural\n"
            + yard
            + ";Q1;"
            + today
            + ";wash;9;300;;\n"
            + yard
            + ";Q2;"
            + today
            + ";board;40;;24;yes\n"
            + yard
            + ";Q9;"
            + today
            + ";wash;1;300;;\n"
            + yard
            + ";Q3;"
            + today
            + ";wash;301;300;;\n"
            + yard
            + ";Q3;31.12.;wash;3;300;;\n";
    byte[] file = csv.getBytes(StandardCharsets.UTF_8);

    JsonNode preview = upload(keeper, "/api/counts/preview", file).json();
    assertThat(preview.path("counts").asInt()).isEqualTo(2);
    assertThat(preview.path("errors")).hasSize(3);
    assertThat(plain(preview.path("errors").get(1).path("says"))).contains("more mites");
    assertThat(preview.path("errors").get(2).path("column").asText()).isEqualTo("date");
    assertThat(upload(keeper, "/api/counts/import", file).at("file")).contains("3 bad rows");
    assertThat(board().path("recent")).isEmpty();

    upload(keeper, "/api/counts/import?goodRowsOnly=true", file);
    upload(keeper, "/api/counts/import?goodRowsOnly=true", file);
    assertThat(board().path("recent")).hasSize(2);
    String out = get(reader, "/api/counts.csv?apiaryId=" + apiaryId).text();
    assertThat(out)
        .startsWith("apiary,hive,date,kind,mites,bees,hours,natural,by\n")
        .contains(yard + ",Q1," + today + ",wash,9,300,,,")
        .contains(",board,40,,24.0,yes,");
  }

  @Test
  void the_limit_is_the_keepers_to_set() {
    JsonNode season = get(keeper, season()).json().path("season");
    Map<String, Object> own =
        json.convertValue(season, new TypeReference<Map<String, Object>>() {});
    own.put("spring", 4);
    own.put("lateSummer", 4);
    own.put("winter", 4);

    assertThat(send(crew, HttpMethod.PUT, season(), own).status()).isEqualTo(403);
    assertThat(send(keeper, HttpMethod.PUT, season(), own).status()).isEqualTo(200);
    keep(crew, wash(hives.get(0), 2, 300));
    assertThat(line(0).path("reading").path("standing").asText()).isEqualTo("BELOW");
    own.put("winter", 90);
    assertThat(send(keeper, HttpMethod.PUT, season(), own).at("winter")).contains("0.1 to 20");
  }

  private String season() {
    return "/api/apiaries/" + apiaryId + "/season";
  }

  private Answer decide(Account who, String choice, String reason) {
    Map<String, Object> body = new HashMap<>();
    body.put("id", UUID.randomUUID().toString());
    body.put("choice", choice);
    body.put("reason", reason);
    return send(who, HttpMethod.PUT, "/api/hives/" + hives.get(1) + "/decision", body);
  }

  private Answer keep(Account who, Object... counts) {
    return send(who, HttpMethod.POST, "/api/counts", Arrays.stream(counts).toList());
  }

  private Map<String, Object> wash(String hive, int mites, int bees) {
    Map<String, Object> count = count(hive, "WASH", mites);
    count.put("bees", bees);
    return count;
  }

  private Map<String, Object> board(String hive, int mites, double hours) {
    Map<String, Object> count = count(hive, "BOARD", mites);
    count.put("hours", hours);
    count.put("natural", true);
    return count;
  }

  private Map<String, Object> count(String hive, String kind, int mites) {
    return new HashMap<>(
        Map.of(
            "id",
            UUID.randomUUID().toString(),
            "hiveId",
            hive,
            "day",
            today.toString(),
            "kind",
            kind,
            "mites",
            mites,
            "natural",
            false));
  }

  private JsonNode board() {
    return get(keeper, "/api/apiaries/" + apiaryId + "/counts").json();
  }

  private JsonNode line(int at) {
    return board().path("lines").get(at);
  }
}
