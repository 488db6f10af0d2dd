package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import tavrel.core.Fact;

/**
 * A made-up weather station for places without one: a yearly and a daily cycle by latitude, with
 * fronts passing every few days that bring cloud, wind and rain. The same seed, place and hour
 * always give the same weather. Nothing in it is a measurement or a forecast, and it says so.
 */
public final class SimulatedStation {

  private static final double[] FRONT_PERIOD_DAYS = {3.1, 5.3, 8.7};

  /** Half the width of a band that holds four out of five, in standard deviations. */
  private static final double EIGHTY_PERCENT = 1.2816;

  private static final Fact SAYS = Fact.of("weather.simulatedStation");

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

  /**
   * How unsure its forecast of the air temperature is: half the width of the band in which it lies
   * four times out of five, °C. Grows from half a degree at once to about four degrees after ten
   * days.
   *
   * @param ahead how long before the hour it is made
   */
  public double unsure(Duration ahead) {
    double days = ahead.toMinutes() / 1_440.0;
    return days <= 0 ? 0 : 0.5 + 3.5 * Math.min(1, days / 10);
  }

  /**
   * As it tells at a moment: what has been by then as it was; hours to come are off by as much as a
   * forecast that old usually is, the same all day long.
   */
  public WeatherSource toldAt(Instant moment) {
    return new Telling(this, moment);
  }

  /** What the station tells at a moment. */
  private record Telling(SimulatedStation station, Instant made) implements WeatherSource {

    @Override
    public HourlyWeather at(Place place, Instant hour) {
      return station.forecast(station.hour(place, hour), made);
    }

    @Override
    public SourceKind kind() {
      return SourceKind.STATION;
    }

    @Override
    public Fact says() {
      return SAYS;
    }
  }

  /** What comes, hour by hour. */
  List<HourlyWeather> hours(Place place, Instant from, int count) {
    Instant first = from.truncatedTo(ChronoUnit.HOURS);
    return IntStream.range(0, count)
        .mapToObj(i -> hour(place, first.plus(i, ChronoUnit.HOURS)))
        .toList();
  }

  private HourlyWeather forecast(HourlyWeather hour, Instant moment) {
    double sigma = unsure(Duration.between(moment, hour.hour())) / EIGHTY_PERCENT;
    if (sigma == 0) {
      return hour;
    }
    return new HourlyWeather(
        hour.hour(),
        tenth(hour.celsius() + sigma * drift(hour.hour(), moment)),
        hour.windMs(),
        hour.windFrom(),
        hour.rainMm(),
        hour.cloud());
  }

  /** An error of a forecast made on a day for an hour: drawn for each day, even between them. */
  private double drift(Instant hour, Instant moment) {
    double day = hour.getEpochSecond() / 86_400.0;
    long before = (long) Math.floor(day);
    double share = day - before;
    long made = Math.floorDiv(moment.getEpochSecond(), 86_400L);
    double spread = Math.hypot(1 - share, share);
    return ((1 - share) * error(before, made) + share * error(before + 1, made)) / spread;
  }

  private double error(long day, long made) {
    return new SplittableRandom(seed ^ (day * 7_919 + made * 104_729)).nextGaussian();
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
