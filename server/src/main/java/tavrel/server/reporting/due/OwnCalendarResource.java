package tavrel.server.reporting.due;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.due.CalendarGroup;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.PersonCalendar;
import tavrel.server.people.Role;

/** Each person's own calendar of what needs him. */
@RestController
class OwnCalendarResource {

  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  /**
   * Somebody's calendar.
   *
   * @param path of its address on this server, or null where none was made
   * @param rings groups of what rings
   */
  record MyCalendar(@Nullable String path, Set<CalendarGroup> rings) {}

  /**
   * What is to ring.
   *
   * @param rings groups
   */
  record Rings(Set<CalendarGroup> rings) {}

  private final PersonCalendar calendars;
  private final OwnCalendars own;

  OwnCalendarResource(PersonCalendar calendars, OwnCalendars own) {
    this.calendars = calendars;
    this.own = own;
  }

  /** One's own calendar. */
  @GetMapping("/api/session/calendar")
  MyCalendar mine(@AuthenticationPrincipal Account who) {
    return calendars
        .of(who.id())
        .map(OwnCalendarResource::told)
        .orElse(new MyCalendar(null, Set.of(CalendarGroup.values())));
  }

  /** Makes one's own calendar, or changes what rings in it. */
  @AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
  @PutMapping("/api/session/calendar")
  MyCalendar keep(@RequestBody Rings wanted, @AuthenticationPrincipal Account who) {
    return told(calendars.keep(who.id(), wanted.rings()));
  }

  /** Gives one's own calendar a new address; the old one opens nothing more. */
  @AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
  @PostMapping("/api/session/calendar/renew")
  MyCalendar renew(@AuthenticationPrincipal Account who) {
    return told(calendars.renew(who.id()));
  }

  /** Takes one's own calendar away. */
  @AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
  @DeleteMapping("/api/session/calendar")
  void end(@AuthenticationPrincipal Account who) {
    calendars.end(who.id());
  }

  /** Whoever has the key may read it, without signing in: that is how calendars subscribe. */
  @GetMapping(value = "/calendars/own/{key}.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> subscribed(@PathVariable String key, Locale device) {
    PersonCalendar.OwnCalendar calendar =
        calendars.withKey(key).orElseThrow(() -> Problem.missing(Missing.CALENDAR));
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.noCache())
        .body(own.write(calendar, device));
  }

  private static MyCalendar told(PersonCalendar.OwnCalendar calendar) {
    return new MyCalendar("/calendars/own/" + calendar.key() + ".ics", calendar.rings());
  }
}
