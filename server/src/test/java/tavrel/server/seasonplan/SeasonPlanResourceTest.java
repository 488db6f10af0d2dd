package tavrel.server.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import tavrel.server.Yard;
import tavrel.server.people.Account;

class SeasonPlanResourceTest extends Yard {

  private static final String PLAN = "/api/season-plan";

  @Autowired private SeasonSearches searches;

  private final String crewId = UUID.randomUUID().toString();
  private final String seriesId = UUID.randomUUID().toString();
  private LocalDate start;

  @BeforeEach
  void an_outfit_with_a_depot_and_a_crew() {
    start = today.plusDays(1);
    put(
        PLAN + "/depot",
        Map.of("name", "Shed", "latitude", 47.61, "longitude", -24.31, "zone", "UTC"));
    put(PLAN + "/crews/" + crewId, crewNamed("Crew " + crewId.substring(0, 6)));
    put(PLAN + "/span", Map.of("from", today, "to", today.plusDays(39)));
  }

  @AfterEach
  void nothing_stays_planned() {
    searches.stop();
    send(keeper, HttpMethod.DELETE, PLAN + "/crews/" + crewId, "");
    send(keeper, HttpMethod.DELETE, "/api/series/" + seriesId, "");
    send(keeper, HttpMethod.DELETE, PLAN + "/series/" + seriesId, "");
    for (LocalDate day = today; day.isBefore(today.plusDays(40)); day = day.plusDays(1)) {
      send(keeper, HttpMethod.DELETE, PLAN + "/locked/" + day, "");
    }
  }

  @Test
  void a_season_is_searched_agreed_and_followed() throws Exception {
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    search();
    JsonNode view = get(keeper, PLAN).json();
    List<LocalDate> days = days(view);
    assertThat(days).hasSize(3).doesNotContainNull();
    assertThat(view.path("plan").path("figures").path("broken").asInt()).isZero();
    assertThat(view.path("differs").asBoolean()).isTrue();

    JsonNode agreed = send(keeper, HttpMethod.POST, PLAN + "/agree", "").json();
    assertThat(agreed.path("differs").asBoolean()).isFalse();
    JsonNode series = get(keeper, "/api/series/" + seriesId).json();
    assertThat(series.path("hives")).hasSize(4);
    assertThat(series.path("rounds")).hasSize(3);
    for (int i = 0; i < 3; i++) {
      assertThat(series.path("rounds").get(i).path("day").asText())
          .isEqualTo(days.get(i).toString());
    }
    assertThat(get(keeper, "/api/today").text())
        .contains("Late summer " + seriesId, "\"crew\":\"Crew");

    var file = get(crew, PLAN + "/crews/" + crewId + "/calendar.ics");
    var calendar = new CalendarBuilder().build(new StringReader(file.text()));
    List<VEvent> events =
        calendar.<VEvent>getComponents("VEVENT").stream()
            .filter(event -> event.toString().contains("UID:" + seriesId))
            .toList();
    assertThat(events).hasSize(3);
    assertThat(events.get(0).getSummary().getValue())
        .as("no source tells of its hours yet")
        .isEqualTo(yard + ", round 1 of 3 (to be confirmed)");

    JsonNode day = get(crew, PLAN + "/crews/" + crewId + "/days/" + days.get(0)).json();
    for (JsonNode stop : day.path("stops")) {
      if (stop.path("seriesId").asText().equals(seriesId)) {
        assertThat(stop.path("hives").asInt()).isEqualTo(4);
        assertThat(stop.path("acid").asDouble()).isEqualTo(8);
        assertThat(stop.path("toConfirm").asBoolean()).isTrue();
      }
    }
    assertThat(day.path("stops").toString()).contains(seriesId);
    assertThat(day.path("cautions")).isNotEmpty();
  }

  @Test
  void who_goes_with_a_crew_has_its_yards_for_his_own_and_its_rounds_in_his_calendar()
      throws Exception {
    String name = "Crew " + crewId.substring(0, 6);
    Map<String, Object> withHim = new HashMap<>(crewNamed(name));
    withHim.put("memberIds", List.of(crew.id()));
    put(PLAN + "/crews/" + crewId, withHim);
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    search();
    send(keeper, HttpMethod.POST, PLAN + "/agree", "");

    JsonNode his = get(crew, "/api/yard-choices").json();
    assertThat(his.get(0).path("kind").asText()).isEqualTo("OWN");
    assertThat(his.get(0).path("apiaryIds").toString()).contains(apiaryId);
    assertThat(get(keeper, "/api/yard-choices").json().findValuesAsText("kind"))
        .contains("CREW")
        .doesNotContain("OWN");

    assertThat(calendarOf(crew)).contains(seriesId);
    put(PLAN + "/crews/" + crewId, crewNamed(name));
    String other = UUID.randomUUID().toString();
    withHim.putAll(Map.of("id", other, "name", "Crew " + other.substring(0, 6)));
    put(PLAN + "/crews/" + other, withHim);
    assertThat(calendarOf(crew)).as("the other crew's work").doesNotContain(seriesId);
    assertThat(calendarOf(keeper)).contains(seriesId);
    send(keeper, HttpMethod.DELETE, PLAN + "/crews/" + other, "");

    withHim.put("memberIds", List.of(UUID.randomUUID()));
    assertThat(send(keeper, HttpMethod.PUT, PLAN + "/crews/" + other, withHim).at("memberIds"))
        .contains("not of this outfit");
  }

  private String calendarOf(Account who) {
    String path =
        send(who, HttpMethod.PUT, "/api/session/calendar", Map.of("rings", List.of()))
            .json()
            .path("path")
            .asText();
    return get(who, path).text();
  }

  @Test
  void after_a_lost_day_the_round_moves_and_what_was_agreed_can_be_had_back() {
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    search();
    send(keeper, HttpMethod.POST, PLAN + "/agree", "");
    LocalDate lost = days(get(keeper, PLAN).json()).get(1);
    send(keeper, HttpMethod.POST, PLAN + "/rained-off/" + lost, Map.of("reason", "rained off"));
    searches.await();
    JsonNode mended = get(keeper, PLAN).json();
    assertThat(days(mended)).doesNotContain(lost).doesNotContainNull();
    assertThat(mended.path("differs").asBoolean()).isTrue();
    assertThat(mended.path("locked").path(lost.toString()).asText()).isEqualTo("rained off");
    assertThat(get(keeper, "/api/series/" + seriesId).text()).contains(lost.toString());
    JsonNode back = send(keeper, HttpMethod.POST, PLAN + "/back-to-agreed", "").json();
    assertThat(days(back).get(1)).isEqualTo(lost);
    assertThat(back.path("plan").path("bends").toString()).contains("rained off");
  }

  @Test
  void a_pinned_round_stays_where_the_keeper_put_it() {
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    search();
    LocalDate odd = start.plusDays(2);
    put(PLAN + "/visits/" + seriesId + "/1", Map.of("crewId", crewId, "day", odd, "pinned", true));
    search();
    JsonNode view = get(keeper, PLAN).json();
    assertThat(days(view).get(0)).isEqualTo(odd);
    assertThat(plain(view.path("plan").path("bends").get(0).path("says"))).contains("2 days after");
  }

  @Test
  void what_would_be_with_wider_gaps_is_told_beside_the_plan_and_changes_nothing() {
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    search();
    List<LocalDate> before = days(get(keeper, PLAN).json());
    assertThat(
            send(
                    keeper,
                    HttpMethod.POST,
                    PLAN + "/what-if",
                    Map.of("what", "ONE_MORE_CREW", "seconds", 1))
                .status())
        .isEqualTo(200);
    searches.await();
    JsonNode view = get(keeper, PLAN).json();
    assertThat(view.path("whatIfs").toString()).contains("ONE_MORE_CREW");
    assertThat(days(view)).isEqualTo(before);
  }

  @Test
  void a_way_that_was_driven_goes_before_the_one_that_is_reckoned_until_it_is_forgotten() {
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    String depot = new UUID(0, 0).toString();
    Map<String, Object> way = Map.of("one", depot, "other", apiaryId, "minutes", 47, "km", 31.5);
    assertThat(put(PLAN + "/ways", way).text()).contains("31.5");
    put(
        PLAN + "/visits/" + seriesId + "/1",
        Map.of("crewId", crewId, "day", start, "pinned", true));
    JsonNode route = routeOn(start);
    assertThat(route.path("km").asDouble()).isEqualTo(63);
    assertThat(route.path("drivingMinutes").asInt()).isEqualTo(94);
    assertThat(
            put(PLAN + "/ways", Map.of("one", depot, "other", apiaryId, "minutes", -1, "km", 2))
                .status())
        .isEqualTo(400);
    send(keeper, HttpMethod.DELETE, PLAN + "/ways/" + depot + "/" + apiaryId, "");
    assertThat(routeOn(start).path("km").asDouble()).isLessThan(20);
  }

  private JsonNode routeOn(LocalDate day) {
    for (JsonNode route : get(keeper, PLAN).json().path("plan").path("routes")) {
      if (route.path("day").asText().equals(day.toString())
          && route.path("crewId").asText().equals(crewId)) {
        return route;
      }
    }
    throw new AssertionError("no route on " + day);
  }

  @Test
  void a_calendar_is_read_by_its_key_alone_until_the_key_is_changed() {
    String key =
        send(keeper, HttpMethod.POST, PLAN + "/crews/" + crewId + "/calendar-key", "")
            .json()
            .path("key")
            .asText();
    assertThat(get(null, "/calendars/" + key + ".ics").text()).startsWith("BEGIN:VCALENDAR");
    send(keeper, HttpMethod.POST, PLAN + "/crews/" + crewId + "/calendar-key/fresh", "");
    assertThat(get(null, "/calendars/" + key + ".ics").status()).isEqualTo(404);
    assertThat(
            send(crew, HttpMethod.POST, PLAN + "/crews/" + crewId + "/calendar-key", "").status())
        .isEqualTo(403);
  }

  @Test
  void an_apiary_without_a_place_is_left_out_and_says_what_to_do() {
    String elsewhere = "Nowhere " + seriesId;
    upload(
        keeper,
        "/api/roster/import?zone=UTC",
        ("apiary,hive,position,brood boxes\n" + elsewhere + ",N1,1,deep 10\n")
            .getBytes(StandardCharsets.UTF_8));
    String id = "";
    for (JsonNode each : get(keeper, "/api/apiaries").json()) {
      if (each.path("apiary").path("name").asText().equals(elsewhere)) {
        id = each.path("apiary").path("id").asText();
      }
    }
    JsonNode view = put(PLAN + "/series/" + seriesId, toPlan(Map.of("apiaryId", id))).json();
    assertThat(view.path("leftOut").toString()).contains(elsewhere, "missing.place");
  }

  @Test
  void supers_close_days_unless_the_label_lets_them_stay() {
    Map<String, Object> season =
        new HashMap<>(
            json.convertValue(
                get(keeper, "/api/apiaries/" + apiaryId + "/season").json().path("season"),
                new TypeReference<Map<String, Object>>() {}));
    season.put("supersOn", monthDay(start.minusDays(20)));
    season.put("supersOff", monthDay(start.plusDays(5)));
    put("/api/apiaries/" + apiaryId + "/season", season);
    put(PLAN + "/series/" + seriesId, toPlan(Map.of()));
    search();
    assertThat(days(get(keeper, PLAN).json()).get(0)).isAfterOrEqualTo(start.plusDays(5));
  }

  @Test
  void what_cannot_be_is_refused_at_its_field() {
    assertThat(put(PLAN + "/series/" + seriesId, toPlan(Map.of("leastGap", 9))).at("leastGap"))
        .contains("more than the 7 days");
    assertThat(
            put(PLAN + "/series/" + seriesId, toPlan(Map.of("lastDay", start.plusDays(3))))
                .at("lastDay"))
        .contains("3 rounds with at least 5 days between them need 10 days");
    assertThat(put(PLAN + "/span", Map.of("from", today, "to", today.plusDays(300))).at("to"))
        .contains("200 days in all");
    assertThat(put(PLAN + "/span", Map.of("from", today, "to", today.minusDays(1))).at("to"))
        .contains("before the first day");
    Map<String, Object> noTool = crewNamed("Nobody");
    noTool.remove("minutesPerHive");
    assertThat(put(PLAN + "/crews/" + crewId, noTool).at("toolIds")).contains("choose a tool");
    assertThat(
            put(
                    PLAN + "/visits/" + seriesId + "/9",
                    Map.of("crewId", crewId, "day", start, "pinned", false))
                .status())
        .isEqualTo(404);
    assertThat(send(keeper, HttpMethod.POST, PLAN + "/search", Map.of("seconds", 0)).at("seconds"))
        .isNotNull();
  }

  @Test
  void only_keepers_plan_and_everyone_looks() {
    assertThat(get(reader, PLAN).status()).isEqualTo(200);
    for (var who : List.of(crew, reader)) {
      assertThat(send(who, HttpMethod.PUT, PLAN + "/series/" + seriesId, toPlan(Map.of())).status())
          .isEqualTo(403);
      assertThat(send(who, HttpMethod.POST, PLAN + "/agree", "").status()).isEqualTo(403);
    }
    assertThat(get(null, PLAN).status()).isEqualTo(401);
  }

  private void search() {
    assertThat(send(keeper, HttpMethod.POST, PLAN + "/search", Map.of("seconds", 1)).status())
        .isEqualTo(200);
    searches.await();
  }

  private Answer put(String path, Object body) {
    return send(keeper, HttpMethod.PUT, path, body);
  }

  private List<LocalDate> days(JsonNode view) {
    List<LocalDate> days = new ArrayList<>();
    for (JsonNode visit : view.path("plan").path("visits")) {
      if (visit.path("seriesId").asText().equals(seriesId)) {
        String day = visit.path("day").asText("");
        days.add(day.isEmpty() || day.equals("null") ? null : LocalDate.parse(day));
      }
    }
    return days;
  }

  private static String monthDay(LocalDate day) {
    return "--%02d-%02d".formatted(day.getMonthValue(), day.getDayOfMonth());
  }

  private Map<String, Object> crewNamed(String name) {
    Map<String, Object> entered = new HashMap<>();
    entered.put("id", crewId);
    entered.put("name", name);
    entered.put("leavesFrom", "00:05");
    entered.put("backBy", "23:50");
    entered.put("longestMinutes", 600);
    entered.put("burners", 1);
    entered.put("helpers", 1);
    entered.put("cloths", 12);
    entered.put("toolIds", List.of());
    entered.put("minutesPerHive", 4);
    entered.put("off", List.of());
    entered.put("memberIds", List.of());
    return entered;
  }

  private Map<String, Object> toPlan(Map<String, Object> other) {
    Map<String, Object> entered = new HashMap<>();
    entered.put("id", seriesId);
    entered.put("apiaryId", apiaryId);
    entered.put("name", "Late summer " + seriesId);
    entered.put("rounds", 3);
    entered.put("leastGap", 5);
    entered.put("wantedGap", 7);
    entered.put("mostGap", 9);
    entered.put("startOn", start);
    entered.put("lastDay", start.plusDays(35));
    entered.put("broodless", false);
    entered.put("gramsPerBox", 2);
    entered.put("tool", "Bowl");
    entered.putAll(other);
    return entered;
  }
}
