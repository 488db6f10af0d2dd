package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;

/**
 * Share of the exposed mites that vapour can reach at an hour, as far as the hour decides it: how
 * loose the cluster is and how many bees are at home. A model estimate; it leaves out the dose and
 * the hive.
 */
public final class ExpectedReach {

  private static final double MOST_OUT = 0.30;
  private static final double WET = 0.2;

  private ExpectedReach() {}

  /** τ·(1 − ½·f_out), 0 to 1, for the middle of the hour. */
  public static double of(HourlyWeather weather, Daylight sun) {
    Instant middle = weather.hour().plus(Duration.ofMinutes(30));
    return looseness(weather.celsius()) * (1 - 0.5 * shareOut(weather, sun, middle));
  }

  /** Cluster factor τ: 0.5 in hard frost, 1 from 5 °C up. */
  static double looseness(double celsius) {
    return Math.max(0.5, Math.min(1, 0.5 + 0.5 * (celsius + 6) / 11));
  }

  /** Share of bees away from home. */
  static double shareOut(HourlyWeather weather, Daylight sun, Instant at) {
    if (weather.rainMm() > WET) {
      return 0;
    }
    return MOST_OUT * ramp((weather.celsius() - 10) / 8) * sun.ramp(at);
  }

  private static double ramp(double share) {
    return Math.max(0, Math.min(1, share));
  }
}
