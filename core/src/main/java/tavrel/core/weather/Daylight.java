package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.shredzone.commons.suncalc.SunTimes;

/**
 * When the sun is up around a day, by its own times: those of the day before, of this and of the
 * next. In high summer the sun sets after local midnight, beyond the polar circles it may not set
 * at all, and a zone that does not fit the place changes nothing.
 *
 * @param rises sunrises, ascending
 * @param sets sunsets, ascending
 * @param always whether the sun is up where none of these lies before or after
 */
public record Daylight(List<Instant> rises, List<Instant> sets, boolean always) {

  private static final int AROUND = 2;

  /** Copies. */
  public Daylight {
    rises = List.copyOf(rises);
    sets = List.copyOf(sets);
  }

  /** Of one sunrise and one sunset; without them the sun is down. */
  static Daylight of(SunDay day) {
    return new Daylight(
        day.sunrise() == null ? List.of() : List.of(day.sunrise()),
        day.sunset() == null ? List.of() : List.of(day.sunset()),
        false);
  }

  /** Computes it with commons-suncalc. */
  static Daylight of(Place place, LocalDate date, ZoneId zone) {
    List<Instant> rises = new ArrayList<>();
    List<Instant> sets = new ArrayList<>();
    boolean always = false;
    for (int day = -AROUND; day <= AROUND; day++) {
      SunTimes sun =
          SunTimes.compute()
              .on(date.plusDays(day))
              .timezone(zone)
              .at(place.latitude(), place.longitude())
              .oneDay()
              .execute();
      if (sun.getRise() != null) {
        rises.add(sun.getRise().toInstant());
      }
      if (sun.getSet() != null) {
        sets.add(sun.getSet().toInstant());
      }
      always |= day == 0 && sun.isAlwaysUp();
    }
    return new Daylight(rises, sets, always);
  }

  /** Whether the sun is up. */
  boolean isUp(Instant at) {
    Instant rose = before(rises, at);
    Instant set = before(sets, at);
    if (rose != null || set != null) {
      return set == null || (rose != null && rose.isAfter(set));
    }
    Instant willRise = after(rises, at);
    Instant willSet = after(sets, at);
    if (willRise == null && willSet == null) {
      return always;
    }
    return willSet != null && (willRise == null || willSet.isBefore(willRise));
  }

  /** How long the sun has been up; null while it is down, or up for longer than anybody looked. */
  @Nullable Duration sinceRise(Instant at) {
    Instant rose = before(rises, at);
    return rose == null || !isUp(at) ? null : Duration.between(rose, at);
  }

  /**
   * Ramp of the light, 0 to 1: at sunrise and sunset none, two hours inside them all; in polar day
   * always all, in polar night none.
   */
  double ramp(Instant at) {
    if (!isUp(at)) {
      return 0;
    }
    Instant rose = before(rises, at);
    Instant sets = after(this.sets, at);
    double since = rose == null ? 1 : hours(rose, at) / 2;
    double left = sets == null ? 1 : hours(at, sets) / 2;
    return Math.max(0, Math.min(1, Math.min(since, left)));
  }

  private static double hours(Instant from, Instant to) {
    return Duration.between(from, to).toSeconds() / 3600.0;
  }

  private static @Nullable Instant before(List<Instant> moments, Instant at) {
    Instant found = null;
    for (Instant moment : moments) {
      found = moment.isAfter(at) ? found : moment;
    }
    return found;
  }

  private static @Nullable Instant after(List<Instant> moments, Instant at) {
    return moments.stream().filter(moment -> moment.isAfter(at)).findFirst().orElse(null);
  }
}
