package tavrel.core.weather;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A made-up weather station for places without one: a yearly and a daily cycle by latitude, with
 * fronts passing every few days that bring cloud, wind and rain. The same seed, place and hour
 * always give the same weather. Nothing in it is a measurement or a forecast, and it says so.
 */
public final class SimulatedStation implements WeatherSource {

  private static final double[] FRONT_PERIOD_DAYS = {3.1, 5.3, 8.7};

  private final double[] phase = new double[FRONT_PERIOD_DAYS.length];
  private final long seed;

  /**
   * @param seed one seed, one climate history
   */
  public SimulatedStation(long seed) {
    this.seed = seed;
    SplittableRandom random = new SplittableRandom(seed);
    for (int i = 0; i < phase.length; i++) {
      phase[i] = random.nextDouble(2 * Math.PI);
    }
  }

  @Override
  public boolean standIn() {
    return true;
  }

  @Override
  public String says() {
    return "simulated station";
  }

  @Override
  public List<HourlyWeather> hours(Place place, Instant from, int hours) {
    Instant first = from.truncatedTo(ChronoUnit.HOURS);
    List<HourlyWeather> series = new ArrayList<>(hours);
    for (int i = 0; i < hours; i++) {
      series.add(hour(place, first.plus(i, ChronoUnit.HOURS)));
    }
    return List.copyOf(series);
  }

  private HourlyWeather hour(Place place, Instant at) {
    double day = at.getEpochSecond() / 86_400.0;
    double front = front(day, place);
    double cloud = clamp(0.45 + 0.5 * front);
    double rain = front > 0.55 ? 4 * (front - 0.55) : 0;
    double gust = noise(at, 1) - 0.5;
    double celsius =
        UsualWeather.celsius(place, at, cloud) - 2.5 * front + (noise(at, 2) - 0.5) * 0.6;
    double wind =
        Math.max(0, UsualWeather.breeze(place, at) + 4.5 * Math.max(0, front) + 0.8 * gust);
    double from = 230 + 70 * Math.sin(2 * Math.PI * day / 4.3 + phase[0]) + 20 * gust;
    return new HourlyWeather(
        at,
        tenth(celsius),
        tenth(wind),
        Math.floorMod(Math.round(from), 360),
        tenth(rain),
        tenth(cloud));
  }

  /** −1 settled to 1 stormy; neighbours a few kilometres apart share it. */
  private double front(double day, Place place) {
    double sum = 0;
    for (int i = 0; i < phase.length; i++) {
      sum += Math.sin(2 * Math.PI * day / FRONT_PERIOD_DAYS[i] + phase[i] + place.longitude() / 8);
    }
    return Math.max(-1, Math.min(1, sum / 2.2));
  }

  private double noise(Instant at, int what) {
    return new SplittableRandom(seed ^ (at.getEpochSecond() * 31 + what)).nextDouble();
  }

  private static double clamp(double share) {
    return Math.max(0, Math.min(1, share));
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
