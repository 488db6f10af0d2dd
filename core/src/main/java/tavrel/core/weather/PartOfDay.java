package tavrel.core.weather;

import java.time.Instant;
import java.time.ZoneId;

/**
 * Quarters of a local day in which forecasts go wrong in their own ways: cold air pools at dawn.
 */
public enum PartOfDay {
  /** From 22 to 4 o'clock. */
  NIGHT,
  /** From 4 to 10 o'clock. */
  MORNING,
  /** From 10 to 16 o'clock. */
  AFTERNOON,
  /** From 16 to 22 o'clock. */
  EVENING;

  private static final int NIGHT_BEGINS = 22;
  private static final int DAY = 24;
  private static final int HOURS = 6;

  /** The part in which a moment lies. */
  public static PartOfDay of(Instant at, ZoneId zone) {
    int hour = at.atZone(zone).getHour();
    return values()[(hour - NIGHT_BEGINS + DAY) % DAY / HOURS];
  }
}
