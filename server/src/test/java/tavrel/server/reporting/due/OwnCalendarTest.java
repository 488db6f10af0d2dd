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
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.Yard;
import tavrel.server.people.Account;

class OwnCalendarTest extends Yard {

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
