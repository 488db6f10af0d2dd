package tavrel.server.reporting.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Uid;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.Yard;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

class OwnCalendarTest extends Yard {

  private static final Map<String, Object> OUNCES =
      Map.of(
          "temperature", "CELSIUS",
          "wind", "METRES_A_SECOND",
          "road", "KILOMETRES",
          "mass", "OUNCES",
          "measures", "WEIGHT_FIRST",
          "volume", "LITRES",
          "clock", "HOURS_24",
          "dates", "DAY_MONTH",
          "decimals", "POINT",
          "weekStart", "MONDAY");

  @Autowired private JdbcTemplate jdbc;

  @Test
  void a_moved_round_moves_its_entry_and_never_doubles_it() throws Exception {
    String path = made(keeper, List.of("ROUNDS"));
    UUID series = adopt();
    VEvent before = events(path).get(series + "-1@tavrel");
    assertThat(day(before)).isEqualTo(today.plusDays(9));
    assertThat(before.getAlarms()).hasSize(1);

    send(
        keeper,
        HttpMethod.PUT,
        "/api/series/" + series + "/rest",
        Map.of("days", List.of(today.plusDays(12).toString())));

    Map<String, VEvent> after = events(path);
    assertThat(day(after.get(series + "-1@tavrel"))).isEqualTo(today.plusDays(12));
    assertThat(after.keySet().stream().filter(key -> key.startsWith(series.toString()))).hasSize(1);
  }

  @Test
  void a_late_round_stands_on_today_under_its_own_key_and_says_so() throws Exception {
    String path = made(keeper, List.of("ROUNDS"));
    UUID series = adopt();
    jdbc.update(
        "update series_round set on_day = ? where series_id = ?", today.minusDays(2), series);

    VEvent late = events(path).get(series + "-1@tavrel");

    assertThat(day(late)).isEqualTo(today);
    assertThat(late.getSummary().getValue()).contains("late");
    assertThat(late.getAlarms().get(0).getProperty("TRIGGER").orElseThrow().getValue())
        .isEqualTo("PT7H");
  }

  @Test
  void a_round_says_how_many_hives_and_how_much_a_box_in_the_units_of_who_reads() throws Exception {
    UUID series = adopt();
    Account own = person(Role.KEEPER);
    String path = made(own, List.of());
    String grams = events(path).get(series + "-1@tavrel").getDescription().getValue();
    send(own, HttpMethod.PUT, "/api/session/units", OUNCES);
    String ounces = events(path).get(series + "-1@tavrel").getDescription().getValue();

    assertThat(grams).contains("1 hive, 2 g a box");
    assertThat(ounces).contains("oz a box").doesNotContain("2 g");
  }

  @Test
  void what_does_not_ring_has_no_alarm_and_a_new_address_ends_the_old_one() throws Exception {
    UUID series = adopt();
    String path = made(crew, List.of());
    assertThat(events(path).get(series + "-1@tavrel").getAlarms()).isEmpty();

    String renewed =
        send(crew, HttpMethod.POST, "/api/session/calendar/renew", null)
            .json()
            .path("path")
            .asText();

    assertThat(renewed).isNotEqualTo(path);
    assertThat(read(path).getStatus()).isEqualTo(404);
    assertThat(read(renewed).getStatus()).isEqualTo(200);
    send(crew, HttpMethod.DELETE, "/api/session/calendar", null);
    assertThat(read(renewed).getStatus()).isEqualTo(404);
  }

  @Test
  void a_reader_sees_no_work_and_everybody_his_own_language() throws Exception {
    adopt();
    assertThat(events(made(reader, List.of("ROUNDS")))).isEmpty();

    send(keeper, HttpMethod.PUT, "/api/session/language", Map.of("own", "SPANISH"));
    String spanish = read(made(keeper, List.of("ROUNDS"))).getContentAsString();
    send(keeper, HttpMethod.PUT, "/api/session/language", new HashMap<>());

    assertThat(spanish).containsIgnoringCase("ronda");
  }

  private static LocalDate day(VEvent event) {
    String begins = event.getProperty("DTSTART").orElseThrow().getValue();
    return LocalDate.parse(begins, DateTimeFormatter.BASIC_ISO_DATE);
  }

  private String made(Account who, List<String> rings) {
    String path =
        send(who, HttpMethod.PUT, "/api/session/calendar", Map.of("rings", rings))
            .json()
            .path("path")
            .asText();
    assertThat(get(who, "/api/session/calendar").json().path("path").asText()).isEqualTo(path);
    return path;
  }

  private MockHttpServletResponse read(String path) throws Exception {
    return mvc.perform(MockMvcRequestBuilders.get(path).locale(Locale.UK))
        .andReturn()
        .getResponse();
  }

  private Map<String, VEvent> events(String path) throws Exception {
    Calendar calendar =
        new CalendarBuilder().build(new StringReader(read(path).getContentAsString()));
    Map<String, VEvent> events = new HashMap<>();
    for (VEvent event : calendar.<VEvent>getComponents("VEVENT")) {
      String key = event.getUid().map(Uid::getValue).orElseThrow();
      assertThat(events.put(key, event)).as(key).isNull();
    }
    return events;
  }

  private UUID adopt() {
    UUID series = UUID.randomUUID();
    Map<String, Object> body =
        AdoptedSeries.of(apiaryId, hives.get(0), List.of(today.plusDays(9)), today.plusDays(45));
    send(keeper, HttpMethod.GET, "/api/series", null)
        .json()
        .forEach(
            each ->
                send(keeper, HttpMethod.DELETE, "/api/series/" + each.path("id").asText(), null));
    assertThat(send(keeper, HttpMethod.PUT, "/api/series/" + series, body).status()).isEqualTo(200);
    return series;
  }
}
