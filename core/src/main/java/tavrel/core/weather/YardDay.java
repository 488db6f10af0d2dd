package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * One calendar day of an apiary: its light, its hours, and the windows worth working in.
 *
 * @param date the day
 * @param zone the apiary's zone
 * @param begins its first moment
 * @param ends its end, not part of it; 23 to 25 h later
 * @param sun light and dark
 * @param hours every hour, judged
 * @param windows good and fair hours in a row
 * @param school the temperature school it was judged by, in words
 * @param source where the weather comes from, in words
 * @param unsure half the width of the band of its temperatures, °C, see {@link
 *     WeatherSource#unsure}; 0 where they are known
 * @param madeUp whether some of it is made up, see {@link WeatherSource#standIn}
 */
public record YardDay(
    LocalDate date,
    ZoneId zone,
    Instant begins,
    Instant ends,
    SunDay sun,
    List<GradedHour> hours,
    List<Window> windows,
    String school,
    String source,
    double unsure,
    boolean madeUp) {

  /** Judges a day by its weather. */
  public static YardDay of(
      Place place, LocalDate date, ZoneId zone, WeatherSource weather, HourRule rule) {
    return of(place, date, zone, Sun.of(place, date, zone), weather, rule);
  }

  /**
   * The same where the sun's times are known already: they cost more than the rest.
   *
   * @param sun of that place and date
   */
  public static YardDay of(
      Place place, LocalDate date, ZoneId zone, Sun sun, WeatherSource weather, HourRule rule) {
    Instant begins = date.atStartOfDay(zone).toInstant();
    Instant ends = date.plusDays(1).atStartOfDay(zone).toInstant();
    int count = (int) Duration.between(begins, ends).plusMinutes(59).toHours();
    List<HourlyWeather> hours = weather.hours(place, begins, count);
    double best =
        hours.stream().mapToDouble(hour -> ExpectedReach.of(hour, sun.light())).max().orElse(1);
    List<GradedHour> graded =
        hours.stream().map(hour -> rule.grade(hour, sun.light(), best)).toList();
    return new YardDay(
        date,
        zone,
        begins,
        ends,
        sun.day(),
        graded,
        windows(graded, ends),
        rule.warmth().words(),
        weather.says(),
        0,
        weather.standIn());
  }

  /** The same day, told so unsurely. */
  public YardDay unsureBy(double halfWidth) {
    return new YardDay(
        date, zone, begins, ends, sun, hours, windows, school, source, halfWidth, madeUp);
  }

  /** Weather of the hour that holds {@code at}; the nearest one outside the day. */
  public HourlyWeather at(Instant at) {
    return hours.stream()
        .map(GradedHour::weather)
        .filter(hour -> !hour.hour().isAfter(at))
        .reduce((earlier, later) -> later)
        .orElseGet(() -> hours.get(0).weather());
  }

  /**
   * The same day with the number of hives that fit what is left of each window.
   *
   * @param now of a window that has begun only the rest counts; of one that is over nothing does
   * @param fits from a length of time to hives
   */
  public YardDay fitted(Instant now, ToIntFunction<Duration> fits) {
    List<Window> fitted =
        windows.stream()
            .map(
                window -> {
                  Instant begin = window.from().isBefore(now) ? now : window.from();
                  Integer hives =
                      begin.isBefore(window.to())
                          ? fits.applyAsInt(Duration.between(begin, window.to()))
                          : null;
                  return new Window(window.from(), window.to(), window.grade(), hives);
                })
            .toList();
    return new YardDay(
        date, zone, begins, ends, sun, hours, fitted, school, source, unsure, madeUp);
  }

  private static List<Window> windows(List<GradedHour> hours, Instant dayEnds) {
    List<Window> windows = new ArrayList<>();
    for (int i = 0; i < hours.size(); i++) {
      GradedHour hour = hours.get(i);
      if (hour.grade().compareTo(HourGrade.FAIR) > 0) {
        continue;
      }
      Instant from = hour.weather().hour();
      Instant to = i + 1 < hours.size() ? hours.get(i + 1).weather().hour() : dayEnds;
      int last = windows.size() - 1;
      if (last >= 0
          && windows.get(last).grade() == hour.grade()
          && windows.get(last).to().equals(from)) {
        windows.set(last, new Window(windows.get(last).from(), to, hour.grade(), null));
      } else {
        windows.add(new Window(from, to, hour.grade(), null));
      }
    }
    return List.copyOf(windows);
  }
}
