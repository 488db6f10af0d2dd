package tavrel.server.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tavrel.server.run.RoundFixture;

class StockTest extends RoundFixture {

  /** The yard's; the outfit's days are told by it too, whatever hour it is where the tests run. */
  private static final String ZONE = "Etc/GMT+2";

  @BeforeEach
  void nothing_is_in_stock_and_nothing_else_was_burned() {
    jdbc.update("update acid_lot set struck_at = current_timestamp");
    jdbc.update("update supply set struck_at = current_timestamp");
    jdbc.update("update treatment set stands = false");
    jdbc.update("delete from treatment_round");
    jdbc.update("update round set discarded_at = current_timestamp where finished_at is null");
    jdbc.update("update series set ended_at = current_timestamp");
    send(
        keeper,
        HttpMethod.PUT,
        "/api/season-plan/depot",
        Map.of("name", "Barn", "latitude", 47.6, "longitude", -24.3, "zone", ZONE));
  }

  @Test
  void a_lot_is_drawn_from_by_burns_and_weighed() {
    String lot = lot("A1", 100, 20.0);
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    JsonNode state = stock().path("lots").get(0);
    assertThat(state.path("drawn").asDouble()).isCloseTo(2, within(1e-9));
    assertThat(state.path("left").asDouble()).isCloseTo(98, within(1e-9));

    assertThat(
            put(
                    "takes/" + UUID.randomUUID(),
                    Map.of("lotId", lot, "day", today().toString(), "grams", 95))
                .status())
        .isEqualTo(200);
    state = stock().path("lots").get(0);
    assertThat(state.path("left").asDouble())
        .as("the burn of that day comes after")
        .isCloseTo(93, within(1e-9));
    assertThat(state.path("booked").asDouble()).isCloseTo(-5, within(1e-9));
  }

  @Test
  void a_lot_sent_twice_is_one_and_a_struck_one_is_gone() {
    UUID id = UUID.randomUUID();
    put("lots/" + id, newLot("A1", 100, null));
    put("lots/" + id, newLot("A1", 100, null));
    assertThat(stock().path("lots")).hasSize(1);
    assertThat(send(keeper, HttpMethod.DELETE, "/api/stock/" + id, "").status()).isEqualTo(204);
    assertThat(stock().path("lots")).isEmpty();
    assertThat(send(keeper, HttpMethod.DELETE, "/api/stock/" + UUID.randomUUID(), "").status())
        .isEqualTo(404);
  }

  @Test
  void what_is_planned_is_needed_and_the_order_says_until_when() {
    lot("A1", 3, null);
    planned();
    JsonNode order = stock().path("order");
    assertThat(order.path("need").asDouble())
        .as("deep, two deeps, a nucleus of five")
        .isCloseTo(2 + 4 + 1, within(0.01));
    assertThat(order.path("runsOutOn").asText()).isEqualTo(today().toString());
    assertThat(order.path("orderGrams").asDouble()).isEqualTo(100);
  }

  @Test
  void a_round_costs_its_acid_and_what_is_not_known_is_named() {
    lot("A1", 100, 50.0);
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    JsonNode year = get(keeper, "/api/stock/costs?year=" + today().getYear()).json();
    JsonNode mine = year.path("rounds").get(0);
    assertThat(mine.path("cost").path("acid").asDouble()).isCloseTo(1.0, within(1e-9));
    assertThat(mine.path("cost").has("work")).isFalse();
    assertThat(year.path("all").path("perTreatment").asDouble()).isCloseTo(1.0, within(1e-9));
    assertThat(year.path("leftOut").toString()).contains("cost.noWork").contains("cost.noDriving");

    send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("costKilometre", 0.5));
    JsonNode driven = get(keeper, "/api/stock/costs?year=" + today().getYear()).json();
    send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("costKilometre", 0));
    assertThat(driven.path("rounds").get(0).path("cost").path("driving").asDouble())
        .isNotNegative();
    assertThat(driven.path("rounds").get(0).path("cost").has("driving")).isTrue();
  }

  @Test
  void a_hive_costs_its_part_of_its_rounds_and_all_hives_together_what_their_apiary_does() {
    lot("A1", 100, 50.0);
    send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("costHourly", 12));
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -1500);
    treat(round, hives.get(2), -700);
    JsonNode all = get(keeper, "/api/stock/costs?year=" + today().getYear()).json().path("all");
    JsonNode each =
        get(keeper, "/api/stock/costs/" + apiaryId + "?year=" + today().getYear()).json();
    send(keeper, HttpMethod.PUT, "/api/parameters", Map.of("costHourly", 0));

    assertThat(each).hasSize(2);
    assertThat(each.get(0).path("hive").asText()).isEqualTo("1");
    assertThat(each.get(0).path("cost").path("acid").asDouble())
        .as("2 g from 100 g for 50")
        .isCloseTo(1, within(1e-9));
    assertThat(each.get(1).path("cost").path("acid").asDouble())
        .as("the nucleus got half of that")
        .isCloseTo(0.5, within(0.01));
    assertThat(each.get(0).path("cost").path("work").asDouble())
        .as("time is shared alike")
        .isPositive()
        .isCloseTo(each.get(1).path("cost").path("work").asDouble(), within(1e-9));
    assertThat(each.get(0).path("known").asDouble() + each.get(1).path("known").asDouble())
        .isCloseTo(all.path("known").asDouble(), within(1e-9));
    assertThat(get(keeper, "/api/stock/costs/" + UUID.randomUUID() + "?year=2026").status())
        .isEqualTo(404);
  }

  @Test
  void a_pause_is_no_work_unless_it_was_a_mistake() {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -1_500);
    double without = hours();
    Map<String, Object> paused = ofCrew("PAUSED", -1_400);
    assertThat(post(round, paused, ofCrew("WENT_ON", -900)).status()).isEqualTo(200);
    assertThat(hours()).isCloseTo(without - 500 / 3_600.0, within(1e-9));
    post(round, undo(null, paused));
    assertThat(hours()).isCloseTo(without, within(1e-9));
  }

  private Map<String, Object> ofCrew(String kind, int second) {
    Map<String, Object> event = event(null, kind, second, null);
    event.put("reason", "tea");
    return event;
  }

  private double hours() {
    JsonNode year = get(keeper, "/api/stock/costs?year=" + today().getYear()).json();
    return year.path("rounds").get(0).path("hours").asDouble();
  }

  @Test
  void a_corrected_line_draws_what_it_says_now_from_the_lot_it_names_now() {
    lot("A1", 100, null);
    lot("B2", 100, null);
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    String line = register().path("lines").get(0).path("line").path("id").asText();
    correct(line, "LOT", "", "B2");
    correct(line, "GRAMS", "2", "3");
    for (JsonNode each : stock().path("lots")) {
      assertThat(each.path("drawn").asDouble())
          .isCloseTo(each.path("lot").path("name").asText().equals("B2") ? 3 : 0, within(1e-9));
    }
  }

  @Test
  void seals_on_the_shelf_go_down_with_each_change() {
    put(
        "supplies/" + UUID.randomUUID(),
        Map.of(
            "kind",
            "FILTERS",
            "day",
            today().minusDays(3).toString(),
            "pieces",
            4,
            "counted",
            false));
    Map<String, Object> note = new HashMap<>(Map.of("kind", "FILTERS_CHANGED"));
    assertThat(send(keeper, HttpMethod.PUT, "/api/gear-notes/" + UUID.randomUUID(), note).status())
        .isBetween(200, 204);
    assertThat(shelf("FILTERS")).isEqualTo(3);
    assertThat(stock().path("foretold").findValuesAsText("kind")).contains("FILTERS");
    put(
        "supplies/" + UUID.randomUUID(),
        Map.of(
            "kind",
            "FILTERS",
            "day",
            today().plusDays(1).toString(),
            "pieces",
            2,
            "counted",
            true));
    assertThat(shelf("FILTERS")).isEqualTo(2);
  }

  @Test
  void bad_entries_are_refused_at_the_field_and_only_the_keeper_may_enter() {
    assertThat(put("lots/" + UUID.randomUUID(), newLot("", 100, null)).at("name"))
        .contains("empty");
    assertThat(put("lots/" + UUID.randomUUID(), newLot("A", -4, null)).at("grams"))
        .contains("allowed");
    Map<String, Object> ahead = newLot("A", 5, null);
    ahead.put("boughtOn", today().plusDays(9).toString());
    assertThat(put("lots/" + UUID.randomUUID(), ahead).at("boughtOn")).contains("future");
    String lot = lot("A1", 100, null);
    assertThat(
            put(
                    "takes/" + UUID.randomUUID(),
                    Map.of("lotId", lot, "day", today().toString(), "grams", 200))
                .at("grams"))
        .contains("more than was bought");
    assertThat(
            send(crew, HttpMethod.PUT, "/api/stock/lots/" + UUID.randomUUID(), newLot("A", 5, null))
                .status())
        .isEqualTo(403);
  }

  private int shelf(String kind) {
    for (JsonNode each : stock().path("shelves")) {
      if (each.path("kind").asText().equals(kind)) {
        return each.path("onHand").asInt();
      }
    }
    throw new AssertionError(kind);
  }

  private void correct(String line, String field, String was, String becomes) {
    assertThat(
            send(
                    keeper,
                    HttpMethod.POST,
                    "/api/register/" + line + "/corrections",
                    Map.of(
                        "id",
                        UUID.randomUUID(),
                        "field",
                        field,
                        "was",
                        was,
                        "becomes",
                        becomes,
                        "why",
                        "weighed"))
                .status())
        .isEqualTo(200);
  }

  private JsonNode stock() {
    return get(keeper, "/api/stock").json();
  }

  private String lot(String name, double grams, Double price) {
    UUID id = UUID.randomUUID();
    assertThat(put("lots/" + id, newLot(name, grams, price)).status()).isEqualTo(200);
    return id.toString();
  }

  private Map<String, Object> newLot(String name, double grams, Double price) {
    Map<String, Object> lot = new HashMap<>();
    lot.put("name", name);
    lot.put("product", "Crystals");
    lot.put("boughtOn", today().minusDays(5).toString());
    lot.put("grams", grams);
    lot.put("strength", 1);
    lot.put("price", price);
    return lot;
  }

  private Answer put(String path, Object body) {
    return send(keeper, HttpMethod.PUT, "/api/stock/" + path, body);
  }

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), ZoneId.of(ZONE));
  }
}
