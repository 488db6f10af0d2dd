package tavrel.core.weather;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Hours in which one usually works on a date, for days that no source tells of: dawn, dusk or day
 * as the preset of warmth has it, by the sun, at temperatures that are usual for latitude and
 * height. For a plan to hold a place with, and to be confirmed; no grade, no window on a screen for
 * today and no line of a register comes from them.
 */
public final class ExpectedHours {

  private ExpectedHours() {}

  /** Beginnings of the hours of a day that are expected to be workable. */
  public static Set<Instant> of(Place place, LocalDate date, ZoneId zone, Sun sun, HourRule rule) {
    Instant begins = date.atStartOfDay(zone).toInstant();
    Instant ends = date.plusDays(1).atStartOfDay(zone).toInstant();
    List<HourlyWeather> usual =
        YardDay.hours(begins, ends).stream().map(hour -> UsualWeather.at(place, hour)).toList();
    double best =
        usual.stream().mapToDouble(hour -> ExpectedReach.of(hour, sun.light())).max().orElse(1);
    return usual.stream()
        .filter(hour -> rule.isWorkable(hour, sun.light(), best))
        .map(HourlyWeather::hour)
        .collect(Collectors.toSet());
  }
}
