package tavrel.server.reporting;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;

/** A yard opened by hand, the page of one of its hives, and where they are found. */
class HivePageTest extends Yard {

  @Test
  void a_yard_is_opened_by_hand_in_one_go() {
    UUID id = UUID.randomUUID();
    Map<String, Object> yard = yard("Heath " + id, 12, "deep 10");
    assertThat(open(id, yard).status()).isEqualTo(200);
    JsonNode whole = open(id, yard).json();
    assertThat(whole.path("hives")).as("a second press opens nothing more").hasSize(12);
    assertThat(whole.path("hives").get(0).path("name").asText()).isEqualTo("H1");
    assertThat(whole.path("apiary").path("zone").asText()).isEqualTo("Etc/GMT+2");
    Answer twice = open(UUID.randomUUID(), yard);
    assertThat(twice.text()).contains("takenByAnotherApiary");
    UUID other = UUID.randomUUID();
    assertThat(open(other, yard("Bog " + other, 501, "deep 10")).text())
        .contains("\"field\":\"hives\"");
    assertThat(open(other, yard("Bog " + other, 3, "shoebox")).status()).isEqualTo(400);
    assertThat(get(keeper, "/api/apiaries/" + other).status())
        .as("nothing of it is kept")
        .isEqualTo(404);
  }

  @Test
  void a_yard_is_closed_once_it_is_empty_and_takes_no_hives_then() {
    UUID id = UUID.randomUUID();
    open(id, yard("Empty " + id, 0, "deep 10"));
    assertThat(close(apiaryId, today.toString()).text()).contains("hivesStillStand");
    assertThat(close(id.toString(), today.minusDays(1).toString()).status())
        .as("where it is still yesterday by the clock there, too")
        .isEqualTo(200);
    assertThat(get(keeper, "/api/today").text()).doesNotContain("Empty " + id);
    Map<String, Object> move = move(id.toString());
    assertThat(act(move).text()).contains("apiaryIsClosed");
    assertThat(close(id.toString(), null).status()).isEqualTo(200);
    assertThat(act(move).status()).isEqualTo(200);
  }

  @Test
  void the_card_says_how_to_get_there_and_crew_may_write_it() {
    String path = "/api/apiaries/" + apiaryId + "/card";
    assertThat(get(reader, path).json().path("gateCode").isMissingNode()).isTrue();
    Map<String, Object> card = Map.of("gateCode", "4711", "rescue", "Meet at the ford");
    assertThat(send(crew, HttpMethod.PUT, path, card).status()).isEqualTo(200);
    JsonNode kept = get(reader, path).json();
    assertThat(kept.path("gateCode").asText()).isEqualTo("4711");
    assertThat(kept.path("writtenBy").asText()).isEqualTo(crew.name());
    assertThat(send(reader, HttpMethod.PUT, path, card).status()).isEqualTo(403);
    assertThat(send(crew, HttpMethod.PUT, path, Map.of("gateCode", "x".repeat(61))).text())
        .contains("\"field\":\"gateCode\"");
  }

  @Test
  void the_page_of_a_hive_tells_its_whole_life() {
    String hive = hives.get(0);
    Map<String, Object> count = new HashMap<>();
    count.put("id", UUID.randomUUID().toString());
    count.put("hiveId", hive);
    count.put("day", today.minusDays(3).toString());
    count.put("kind", "WASH");
    count.put("mites", 9);
    count.put("bees", 300);
    count.put("natural", false);
    assertThat(send(crew, HttpMethod.POST, "/api/counts", List.of(count)).status()).isEqualTo(204);
    Map<String, Object> queen = new HashMap<>(move(null));
    queen.putAll(
        Map.of("kind", "QUEEN", "queen", "GIVEN", "queenYear", 2026, "queenMark", "white"));
    assertThat(act(queen).status()).isEqualTo(200);
    JsonNode page = get(reader, "/api/hives/" + hive).json();
    assertThat(page.path("lines").findValuesAsText("code"))
        .containsExactly("life.queenKnown", "life.sample", "life.began");
    assertThat(page.path("queen").toString()).contains("2026, white");
    assertThat(page.path("samples").get(0).path("share").asDouble()).isEqualTo(0.03);
    assertThat(page.path("samples").get(0).path("high").asDouble()).isGreaterThan(0.05);
    assertThat(get(reader, "/api/hives/" + UUID.randomUUID()).status()).isEqualTo(404);
  }

  @Test
  void a_hive_is_found_by_any_name_it_ever_had() {
    String name = "Z" + UUID.randomUUID().toString().substring(0, 8);
    Map<String, Object> rename = new HashMap<>(move(null));
    rename.putAll(Map.of("kind", "RENAMED", "name", name));
    act(rename);
    JsonNode found = get(reader, "/api/find?q=" + name.toLowerCase(java.util.Locale.ROOT)).json();
    assertThat(found.path("hives")).hasSize(1);
    assertThat(found.path("hives").get(0).path("then").isMissingNode()).isTrue();
    rename.put("name", name.replace('Z', 'Y'));
    act(rename);
    JsonNode byOld = get(reader, "/api/find?q=" + name).json().path("hives");
    assertThat(byOld.get(0).path("name").asText()).startsWith("Y");
    assertThat(byOld.get(0).path("then").asText()).isEqualTo(name);
    assertThat(get(reader, "/api/find?q=" + yard.substring(5, 13)).json().path("apiaries"))
        .isNotEmpty();
    assertThat(get(reader, "/api/find?q=%25").json().path("hives")).isEmpty();
  }

  private Answer open(UUID id, Map<String, Object> yard) {
    return send(keeper, HttpMethod.PUT, "/api/apiaries/" + id + "/opened", yard);
  }

  private Answer close(String id, String day) {
    Map<String, Object> closed = new HashMap<>();
    closed.put("day", day);
    return send(keeper, HttpMethod.PUT, "/api/apiaries/" + id + "/closed", closed);
  }

  private Answer act(Map<String, Object> body) {
    return send(keeper, HttpMethod.PUT, "/api/hive-acts/" + UUID.randomUUID(), body);
  }

  private Map<String, Object> move(String to) {
    Map<String, Object> body = new HashMap<>();
    body.put("hiveIds", List.of(hives.get(0)));
    body.put("day", today.toString());
    body.put("kind", "MOVED");
    body.put("apiaryId", to);
    return body;
  }

  private static Map<String, Object> yard(String name, int hives, String boxes) {
    return Map.of(
        "apiary",
        Map.of("name", name),
        "device",
        "Etc/GMT+2",
        "hives",
        hives,
        "before",
        "H",
        "first",
        1,
        "boxes",
        boxes,
        "supers",
        0,
        "floor",
        "SOLID");
  }
}
