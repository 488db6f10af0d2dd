package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * Between which hours of the day somebody works.
 *
 * @param from earliest, by the apiary's clocks; null for three quarters of an hour before first
 *     light
 * @param to latest; midnight is the end of the day
 */
public record OwnHours(@Nullable LocalTime from, LocalTime to) {

  private static final Duration BEFORE_LIGHT = Duration.ofMinutes(45);

  /** Where there is no first light all day. */
  private static final LocalTime WITHOUT_LIGHT = LocalTime.of(5, 0);

  /** From three quarters of an hour before first light until 22:00. */
  public static final OwnHours USUAL = new OwnHours(null, LocalTime.of(22, 0));

  /**
   * @throws InvalidValue if the end is not after the beginning
   */
  public OwnHours {
    if (from != null && !to.equals(LocalTime.MIDNIGHT) && !to.isAfter(from)) {
      throw new InvalidValue("to", "notAfterBeginning", "is not after the beginning");
    }
  }

  /** What of a stretch lies within them on a day. */
  public Optional<Window> of(Window window, LocalDate date, ZoneId zone, SunDay sun) {
    return window.within(begins(date, zone, sun), ends(date, zone));
  }

  private Instant begins(LocalDate date, ZoneId zone, SunDay sun) {
    if (from != null) {
      return date.atTime(from).atZone(zone).toInstant();
    }
    Instant light = sun.firstLight();
    return light == null
        ? date.atTime(WITHOUT_LIGHT).atZone(zone).toInstant()
        : light.minus(BEFORE_LIGHT);
  }

  private Instant ends(LocalDate date, ZoneId zone) {
    return to.equals(LocalTime.MIDNIGHT)
        ? date.plusDays(1).atStartOfDay(zone).toInstant()
        : date.atTime(to).atZone(zone).toInstant();
  }
}
