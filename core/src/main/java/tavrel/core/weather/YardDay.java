package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * One calendar day of an apiary: its light, its hours, and the windows worth working in.
 *
 * @param date the day
 * @param zone the apiary's zone
 * @param begins its first moment
 * @param ends its end, not part of it; 23 to 25 h later
 * @param sun light and dark
 * @param hours every hour, judged
 * @param windows stretches of good and fair hours
 * @param warmth what it was judged by
 * @param source where the weather comes from
 * @param unsure half the width of the band in which its temperatures lie four times out of five,
 *     °C; 0 where they are known, or nobody knows how unsure they are
 * @param madeUp whether some of it is made up, see {@link WeatherSource#madeUp}
 */
public record YardDay(
    LocalDate date,
    ZoneId zone,
    Instant begins,
    Instant ends,
    SunDay sun,
    List<GradedHour> hours,
    List<Window> windows,
    Warmth warmth,
    Fact source,
    double unsure,
    boolean madeUp) {

  /** Judges a day by who tells of its weather; an hour that nobody tells of has no grade. */
  public static YardDay of(
      Place place,
      LocalDate date,
      ZoneId zone,
      Collection<? extends WeatherSource> sources,
      HourRule rule) {
    return of(place, date, zone, Sun.of(place, date, zone), sources, rule);
  }

  /**
   * The same where the sun's times are known already: they cost more than the rest.
   *
   * @param sun of that place and date
   */
  public static YardDay of(
      Place place,
      LocalDate date,
      ZoneId zone,
      Sun sun,
      Collection<? extends WeatherSource> sources,
      HourRule rule) {
    Instant begins = date.atStartOfDay(zone).toInstant();
    Instant ends = date.plusDays(1).atStartOfDay(zone).toInstant();
    List<Instant> hours = hours(begins, ends);
    List<WeatherSource> ranked = WeatherSource.ranked(sources);
    Map<Instant, WeatherSource.Told> told = new HashMap<>();
    for (Instant hour : hours) {
      WeatherSource.best(ranked, place, hour).ifPresent(each -> told.put(hour, each));
    }
    Instant lastTold = told.keySet().stream().max(Comparator.naturalOrder()).orElse(null);
    double best =
        told.values().stream()
            .mapToDouble(each -> ExpectedReach.of(each.weather(), sun.light()))
            .max()
            .orElse(1);
    List<GradedHour> graded =
        hours.stream()
            .map(
                hour -> {
                  WeatherSource.Told each = told.get(hour);
                  return each == null
                      ? GradedHour.unknown(hour, untold(hour, lastTold, ranked))
                      : rule.grade(each, sun.light(), best);
                })
            .toList();
    return new YardDay(
        date,
        zone,
        begins,
        ends,
        sun.day(),
        graded,
        Window.join(parts(graded, Set.of(), begins, ends)),
        rule.warmth(),
        sourceOf(graded),
        0,
        graded.stream().anyMatch(GradedHour::madeUp));
  }

  /** Why nobody tells of an hour: nobody does at all, does so yet, or did. */
  private static HourReason.Code untold(
      Instant hour, @Nullable Instant lastTold, List<WeatherSource> sources) {
    if (sources.isEmpty()) {
      return HourReason.Code.UNKNOWN;
    }
    boolean between = lastTold != null && hour.isBefore(lastTold);
    boolean past = sources.stream().anyMatch(source -> hour.isBefore(source.made()));
    return between || past ? HourReason.Code.GAP : HourReason.Code.BEYOND;
  }

  static List<Instant> hours(Instant begins, Instant ends) {
    List<Instant> hours = new ArrayList<>();
    for (Instant hour = begins.truncatedTo(ChronoUnit.HOURS);
        hour.isBefore(ends);
        hour = hour.plus(1, ChronoUnit.HOURS)) {
      hours.add(hour);
    }
    return hours;
  }

  /** The same day, told so unsurely. */
  public YardDay unsureBy(double halfWidth) {
    return new YardDay(
        date, zone, begins, ends, sun, hours, windows, warmth, source, halfWidth, madeUp);
  }

  /** The hour that holds a moment, or null outside the day. */
  public @Nullable GradedHour at(Instant moment) {
    return hours.stream()
        .filter(hour -> !hour.hour().isAfter(moment))
        .filter(hour -> hour.hour().plus(1, ChronoUnit.HOURS).isAfter(moment))
        .findFirst()
        .orElse(null);
  }

  /** Whether no source tells of any of its hours. */
  public boolean tellsNothing() {
    return hours.stream().allMatch(hour -> hour.weather() == null);
  }

  /**
   * Its workable hours for a plan: as they are told, and where nobody tells of them as they are
   * expected.
   *
   * @param expected see {@link ExpectedHours}
   */
  public List<Window> withExpected(Set<Instant> expected) {
    return Window.join(parts(hours, expected, begins, ends));
  }

  /** The same day with what of its windows lies within somebody's own hours. */
  public YardDay within(OwnHours own) {
    return withWindows(
        windows.stream().flatMap(window -> own.of(window, date, zone, sun).stream()).toList());
  }

  /**
   * What takes the whole day from who works between such hours: that which speaks first against
   * most of them. Null where one of them is worth working in, or where nobody tells of one: it may
   * be.
   */
  public HourReason.@Nullable Code takenBy(OwnHours own) {
    Map<HourReason.Code, Integer> reasons = new EnumMap<>(HourReason.Code.class);
    for (GradedHour hour : hours) {
      Window whole = Window.of(hour.hour(), hour.hour().plus(1, ChronoUnit.HOURS), hour.grade());
      if (own.of(whole, date, zone, sun).isEmpty()) {
        continue;
      }
      if (hour.weather() == null || hour.grade().isWorkable()) {
        return null;
      }
      reasons.merge(hour.reasons().get(0).code(), 1, Integer::sum);
    }
    return reasons.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(null);
  }

  /**
   * The same day with the number of hives that fit what is left of each window.
   *
   * @param now of a window that has begun only the rest counts; of one that is over nothing does
   * @param fits from a length of time to hives
   */
  public YardDay fitted(Instant now, ToIntFunction<Duration> fits) {
    return withWindows(
        windows.stream()
            .map(
                window -> {
                  Instant begin = window.from().isBefore(now) ? now : window.from();
                  return window.fitting(
                      begin.isBefore(window.to())
                          ? fits.applyAsInt(Duration.between(begin, window.to()))
                          : null);
                })
            .toList());
  }

  private YardDay withWindows(List<Window> changed) {
    return new YardDay(
        date, zone, begins, ends, sun, hours, changed, warmth, source, unsure, madeUp);
  }

  private static List<Window.Part> parts(
      List<GradedHour> hours, Set<Instant> expected, Instant begins, Instant ends) {
    List<Window.Part> parts = new ArrayList<>();
    for (GradedHour hour : hours) {
      boolean hoped = hour.weather() == null && expected.contains(hour.hour());
      if (hour.grade().isWorkable() || hoped) {
        Instant to = hour.hour().plus(1, ChronoUnit.HOURS);
        new Window.Part(hour.hour(), to, hoped ? null : hour.grade())
            .within(begins, ends)
            .ifPresent(parts::add);
      }
    }
    return parts;
  }

  /** One source, or with hours where there are several. */
  private static Fact sourceOf(List<GradedHour> hours) {
    Map<Fact, Integer> told = new LinkedHashMap<>();
    int unknown = 0;
    for (GradedHour hour : hours) {
      if (hour.source() == null) {
        unknown++;
      } else {
        told.merge(hour.source(), 1, Integer::sum);
      }
    }
    if (told.isEmpty()) {
      boolean later =
          hours.stream()
              .flatMap(hour -> hour.reasons().stream())
              .anyMatch(reason -> reason.code() == HourReason.Code.BEYOND);
      return later ? Fact.of("weather.notYet") : Fact.of("weather.noSource");
    }
    if (told.size() == 1 && unknown == 0) {
      return told.keySet().iterator().next();
    }
    if (unknown > 0) {
      told.put(Fact.of("weather.unknown"), unknown);
    }
    return Fact.of("weather.several")
        .facts(
            "sources",
            told.entrySet().stream()
                .map(
                    each ->
                        Fact.of("weather.hoursOf")
                            .count("hours", each.getValue(), "hour")
                            .fact("source", each.getKey()))
                .toList());
  }
}
