package tavrel.server.seasonplan;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.people.OwnWords;
import tavrel.server.words.Wording;

/** A crew's agreed days: to print, to download, and to subscribe to. */
@RestController
class CalendarResource {

  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final CrewDays days;
  private final Crews crews;
  private final OwnWords ownWords;
  private final Clock clock;

  CalendarResource(CrewDays days, Crews crews, OwnWords ownWords, Clock clock) {
    this.days = days;
    this.crews = crews;
    this.ownWords = ownWords;
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
  ResponseEntity<String> download(
      @PathVariable UUID id, @AuthenticationPrincipal Account who, Locale device) {
    return file(id, ownWords.of(who, device));
  }

  /** Whoever has the key may read it, without signing in: that is how calendars subscribe. */
  @GetMapping(value = "/calendars/{key}.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> subscribed(@PathVariable String key, Locale device) {
    return file(
        crews.ofCalendar(key).orElseThrow(() -> Problem.missing(Missing.CALENDAR)),
        OwnWords.usualIn(device));
  }

  private ResponseEntity<String> file(UUID crewId, Wording words) {
    OutfitCrew crew = crews.byId(crewId);
    if (crew == null) {
      throw Problem.missing(Missing.CREW);
    }
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.noCache())
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(crew.name() + ".ics", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(CrewCalendar.write(crew, days.of(crewId), clock.instant(), words));
  }
}
