package tavrel.core.weather;

import java.time.LocalDate;
import java.time.ZoneId;

/**
 * The sun of a day at a place: its times to be shown, and when it is up around that day.
 *
 * @param day its times on the calendar day
 * @param light when it is up, also beyond that day's ends
 */
public record Sun(SunDay day, Daylight light) {

  /** Computes both; costs more than judging the hours. */
  public static Sun of(Place place, LocalDate date, ZoneId zone) {
    return new Sun(SunDay.of(place, date, zone), Daylight.of(place, date, zone));
  }

  /** Of a day's times alone. */
  static Sun of(SunDay day) {
    return new Sun(day, Daylight.of(day));
  }
}
