package tavrel.core.weather;

import java.time.Instant;
import java.time.ZoneOffset;

/**
 * What is usual for a date, for days that no source tells of: a yearly and a daily cycle by
 * latitude, colder with height as the standard atmosphere is, half a cloudy sky, a light breeze
 * that rises by day, no rain. Our own simplification of an open climate: it knows no coast, no
 * valley and no weather. It is no source: no hour is graded by it, see {@link ExpectedHours}.
 */
final class UsualWeather {

  private static final double HOURS_PER_DAY = 24;
  private static final double CLOUD = 0.45;

  /** °C per metre: the mean lapse of the international standard atmosphere (ISO 2533). */
  private static final double COLDER_PER_METRE = 0.0065;

  private UsualWeather() {}

  /** What is usual at an hour. */
  static HourlyWeather at(Place place, Instant hour) {
    return new HourlyWeather(
        hour, celsius(place, hour, CLOUD), breeze(place, hour), null, 0, CLOUD);
  }

  /** Usual air temperature at an hour under such a sky, °C. */
  static double celsius(Place place, Instant at, double cloud) {
    double swing = 5.5 * (1 - 0.6 * cloud) * Math.cos(dayAngle(place, at));
    return yearly(place, at) + swing;
  }

  /** Usual wind without a front, m/s. */
  static double breeze(Place place, Instant at) {
    return 1.2 + 1.1 * (1 + Math.cos(dayAngle(place, at)));
  }

  private static double yearly(Place place, Instant at) {
    double latitude = Math.abs(place.latitude());
    int dayOfYear = at.atZone(ZoneOffset.UTC).getDayOfYear();
    int warmest = place.latitude() >= 0 ? 205 : 22;
    return 28
        - COLDER_PER_METRE * place.altitude()
        - 0.42 * latitude
        + 0.2 * latitude * Math.cos(2 * Math.PI * (dayOfYear - warmest) / 365.25);
  }

  /** Angle of the day, 0 at its warmest, three hours after the sun's noon. */
  private static double dayAngle(Place place, Instant at) {
    double utcHour = at.atZone(ZoneOffset.UTC).toLocalTime().toSecondOfDay() / 3600.0;
    double solarHour = utcHour + place.longitude() / 15;
    return 2 * Math.PI * (solarHour - 15) / HOURS_PER_DAY;
  }
}
