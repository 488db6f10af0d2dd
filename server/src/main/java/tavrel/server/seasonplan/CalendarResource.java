package tavrel.server.seasonplan;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.http.Problem;

/** A crew's agreed days: to print, to download, and to subscribe to. */
@RestController
class CalendarResource {

  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final CrewDays days;
  private final Crews crews;
  private final Clock clock;

  CalendarResource(CrewDays days, Crews crews, Clock clock) {
    this.days = days;
    this.crews = crews;
    this.clock = clock;
  }

  /** The days of a crew in the season plan. */
  @GetMapping("/api/season-plan/crews/{id}/days")
  List<CrewDays.CrewDay> all(@PathVariable UUID id) {
    return days.of(id);
  }

  /** One day of a crew: its visits in order, with roads and times. */
  @GetMapping("/api/season-plan/crews/{id}/days/{day}")
  CrewDays.CrewDay one(@PathVariable UUID id, @PathVariable LocalDate day) {
    return days.on(id, day);
  }

  /** A crew's season as a calendar file. */
  @GetMapping(
      value = "/api/season-plan/crews/{id}/calendar.ics",
      produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> download(@PathVariable UUID id) {
    return file(id);
  }

  /** Whoever has the key may read it, without signing in: that is how calendars subscribe. */
  @GetMapping(value = "/calendars/{key}.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> subscribed(@PathVariable String key) {
    return file(crews.ofCalendar(key).orElseThrow(() -> Problem.missing("This calendar")));
  }

  private ResponseEntity<String> file(UUID crewId) {
    OutfitCrew crew = crews.byId(crewId);
    if (crew == null) {
      throw Problem.missing("This crew");
    }
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.noCache())
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("rounds of " + crew.name() + ".ics", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(CrewCalendar.write(crew, days.of(crewId), clock.instant()));
  }
}
