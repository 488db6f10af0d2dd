package tavrel.core.weather;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;
import org.shredzone.commons.suncalc.SunTimes;

/**
 * The sun of one calendar day at one place. Nulls where it does not happen that day, as beyond the
 * polar circles.
 *
 * @param firstLight civil dawn, sun 6° below the horizon
 * @param sunrise upper edge on the horizon
 * @param sunset upper edge on the horizon
 * @param lastLight civil dusk
 */
public record SunDay(
    @Nullable Instant firstLight,
    @Nullable Instant sunrise,
    @Nullable Instant sunset,
    @Nullable Instant lastLight) {

  /** Computes it with commons-suncalc, good to about a minute. */
  public static SunDay of(Place place, LocalDate date, ZoneId zone) {
    SunTimes.Parameters sun =
        SunTimes.compute().on(date).timezone(zone).at(place.latitude(), place.longitude()).oneDay();
    SunTimes rim = sun.copy().execute();
    SunTimes civil = sun.copy().twilight(SunTimes.Twilight.CIVIL).execute();
    return new SunDay(
        instant(civil.getRise()),
        instant(rim.getRise()),
        instant(rim.getSet()),
        instant(civil.getSet()));
  }

  private static @Nullable Instant instant(@Nullable ZonedDateTime time) {
    return time == null ? null : time.toInstant();
  }
}
