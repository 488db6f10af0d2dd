package tavrel.core.weather;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Weather of one hour.
 *
 * @param hour its beginning, UTC
 * @param celsius air temperature, °C
 * @param windMs wind speed, m/s
 * @param windFrom direction the wind comes from, degrees clockwise from north, 0 to 359; null where
 *     nobody says
 * @param rainMm rain in the hour, mm
 * @param cloud share of the sky covered, 0 to 1
 * @param thunderOrIce whether thunder is about, or ice on ground and hives
 */
public record HourlyWeather(
    Instant hour,
    double celsius,
    double windMs,
    @Nullable Integer windFrom,
    double rainMm,
    double cloud,
    boolean thunderOrIce) {

  /** Without thunder or ice. */
  public HourlyWeather(
      Instant hour,
      double celsius,
      double windMs,
      @Nullable Integer windFrom,
      double rainMm,
      double cloud) {
    this(hour, celsius, windMs, windFrom, rainMm, cloud, false);
  }
}
