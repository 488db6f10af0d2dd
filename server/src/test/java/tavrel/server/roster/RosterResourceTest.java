package tavrel.server.roster;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tavrel.server.ServerTest;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

class RosterResourceTest extends ServerTest {

  private static final String IMPORT = "/api/roster/import?zone=Etc/GMT%2B2";

  @Test
  void a_preview_keeps_nothing_and_an_import_keeps_all() {
    Account keeper = person(Role.KEEPER);
    String yard = yard();
    byte[] file = roster(yard, 3, "deep");
    Answer preview = upload(keeper, "/api/roster/preview", file);
    assertThat(preview.json().path("newHives").asInt()).isEqualTo(3);
    assertThat(apiary(keeper, yard)).isNull();
    assertThat(upload(keeper, IMPORT, file).status()).isEqualTo(200);
    assertThat(apiary(keeper, yard).path("hives").asInt()).isEqualTo(3);
  }

  @Test
  void the_same_file_again_changes_nothing_and_a_mended_one_changes_what_differs() {
    Account keeper = person(Role.KEEPER);
    String yard = yard();
    upload(keeper, IMPORT, roster(yard, 3, "deep"));
    assertThat(upload(keeper, IMPORT, roster(yard, 3, "deep")).json().path("sameHives").asInt())
        .isEqualTo(3);
    Answer changed = upload(keeper, IMPORT, roster(yard.toUpperCase(Locale.ROOT), 4, "2x deep"));
    assertThat(changed.json().path("changedHives").asInt()).isEqualTo(3);
    assertThat(changed.json().path("newHives").asInt()).isEqualTo(1);
    assertThat(changed.json().path("newApiaries").asInt()).as("names differ in case only").isZero();
    assertThat(apiary(keeper, yard).path("hives").asInt()).isEqualTo(4);
  }

  @Test
  void a_roster_tells_since_when_a_hive_stands_and_one_without_the_column_leaves_it() {
    Account keeper = person(Role.KEEPER);
    String yard = yard();
    byte[] told =
        "apiary,hive,brood boxes,since,line of bees\n%s,1,deep,2026-05-03,Quay dark\n%s,2,deep,,\n"
            .formatted(yard, yard)
            .getBytes(StandardCharsets.UTF_8);
    upload(keeper, IMPORT, told);
    upload(keeper, IMPORT, roster(yard, 2, "2x deep"));
    JsonNode hives =
        get(keeper, "/api/apiaries/" + apiary(keeper, yard).path("apiary").path("id").asText())
            .json()
            .path("hives");
    assertThat(hives.get(0).path("since").asText()).isEqualTo("2026-05-03");
    assertThat(hives.get(0).path("line").asText()).isEqualTo("Quay dark");
    assertThat(hives.get(1).path("since").isMissingNode()).isTrue();
    assertThat(hives.get(1).path("line").isMissingNode()).isTrue();
    byte[] wrong =
        "apiary,hive,brood boxes,since\n%s,1,deep,May\n"
            .formatted(yard)
            .getBytes(StandardCharsets.UTF_8);
    assertThat(upload(keeper, IMPORT, wrong).at("file")).contains("1 bad row");
  }

  @Test
  void with_a_bad_row_nothing_comes_in_unless_the_keeper_chooses_the_good_ones() {
    Account keeper = person(Role.KEEPER);
    String yard = yard();
    byte[] file =
        (new String(roster(yard, 2, "deep"), StandardCharsets.UTF_8) + yard + ",9,9,barrel\n")
            .getBytes(StandardCharsets.UTF_8);
    Answer refused = upload(keeper, IMPORT, file);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.at("file")).contains("1 bad row");
    assertThat(apiary(keeper, yard)).isNull();
    assertThat(upload(keeper, IMPORT + "&goodRowsOnly=true", file).status()).isEqualTo(200);
    assertThat(apiary(keeper, yard).path("hives").asInt()).isEqualTo(2);
  }

  @Test
  void a_hive_known_by_its_name_elsewhere_is_asked_about_and_moves_only_if_so_said() {
    Account keeper = person(Role.KEEPER);
    String from = yard();
    String to = yard();
    String name = "K" + UUID.randomUUID().toString().substring(0, 8);
    String head = "apiary,hive,brood boxes,latitude,longitude\n";
    upload(keeper, IMPORT, utf8(head + from + "," + name + ",deep,47.6,-24.3\n"));
    UUID id = UUID.fromString(hivesOf(keeper, from).get(0).path("id").asText());
    byte[] file = utf8(head + to + "," + name + ",2x deep,47.7,-24.2\n");
    JsonNode asked =
        upload(keeper, "/api/roster/preview", file).json().path("knownElsewhere").get(0);
    assertThat(asked.path("from").asText()).isEqualTo(from);
    assertThat(asked.path("line").asInt()).isEqualTo(2);
    assertThat(upload(keeper, IMPORT + "&movedLines=2", file).status()).isEqualTo(200);
    assertThat(hivesOf(keeper, from)).isEmpty();
    JsonNode there = hivesOf(keeper, to).get(0);
    assertThat(there.path("id").asText()).isEqualTo(id.toString());
    assertThat(there.path("boxes")).as("as the file has it").hasSize(2);
    assertThat(upload(keeper, "/api/roster/preview", file).json().path("knownElsewhere")).isEmpty();
  }

  private JsonNode hivesOf(Account who, String yard) {
    String id = apiary(who, yard).path("apiary").path("id").asText();
    return get(who, "/api/apiaries/" + id).json().path("hives");
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void five_thousand_rows_come_in_at_once() {
    Account keeper = person(Role.KEEPER);
    String yard = yard();
    Answer done = upload(keeper, IMPORT, roster(yard, 5_000, "deep + medium"));
    assertThat(done.json().path("newHives").asInt()).isEqualTo(5_000);
    assertThat(done.json().path("rows").size()).as("the preview stays small").isEqualTo(200);
    assertThat(apiary(keeper, yard).path("hives").asInt()).isEqualTo(5_000);
  }

  @Test
  void a_binary_file_and_an_unknown_zone_are_named_at_their_field() {
    Account keeper = person(Role.KEEPER);
    assertThat(upload(keeper, "/api/roster/preview", new byte[] {0, 1, 2, 3}).at("file"))
        .contains("not a text file");
    assertThat(
            upload(keeper, "/api/roster/import?zone=Nowhere", roster(yard(), 1, "deep")).at("zone"))
        .contains("no time zone");
  }

  @Test
  void the_template_is_a_roster() {
    Account keeper = person(Role.KEEPER);
    String template = get(keeper, "/api/roster/template.csv").text();
    assertThat(
            upload(keeper, "/api/roster/preview", template.getBytes(StandardCharsets.UTF_8))
                .json()
                .path("errors")
                .size())
        .isZero();
  }

  private JsonNode apiary(Account who, String name) {
    return StreamSupport.stream(get(who, "/api/apiaries").json().spliterator(), false)
        .filter(each -> each.path("apiary").path("name").asText().equals(name))
        .findFirst()
        .orElse(null);
  }

  private static String yard() {
    return "Yard " + UUID.randomUUID();
  }

  private static byte[] roster(String yard, int hives, String boxes) {
    return IntStream.rangeClosed(1, hives)
        .mapToObj(i -> yard + "," + i + "," + i + "," + boxes)
        .collect(Collectors.joining("\n", "apiary,hive,position,brood boxes\n", "\n"))
        .getBytes(StandardCharsets.UTF_8);
  }
}
