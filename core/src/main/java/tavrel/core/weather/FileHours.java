package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * Hours that a file tells of. A hole of up to two hours is filled between its neighbours; of a
 * longer one the file says nothing.
 *
 * @param kind a file brought in by hand, or one from the folder
 * @param file what it is called
 * @param made when it was brought in, or written where that is known
 * @param hours its hours by their beginning
 */
public record FileHours(
    SourceKind kind, String file, Instant made, NavigableMap<Instant, HourlyWeather> hours)
    implements WeatherSource {

  private static final int SHORT_HOLE = 2;

  /** Of hours in any order. */
  public static FileHours of(
      SourceKind kind, String file, Instant made, Collection<HourlyWeather> hours) {
    TreeMap<Instant, HourlyWeather> sorted = new TreeMap<>();
    hours.forEach(hour -> sorted.put(hour.hour(), hour));
    return new FileHours(kind, file, made, sorted);
  }

  @Override
  public Fact says() {
    return Fact.of("weather.file").text("file", file);
  }

  @Override
  public @Nullable HourlyWeather at(Place place, Instant hour) {
    HourlyWeather here = hours.get(hour);
    Map.Entry<Instant, HourlyWeather> before = hours.lowerEntry(hour);
    Map.Entry<Instant, HourlyWeather> after = hours.higherEntry(hour);
    if (here != null || before == null || after == null) {
      return here;
    }
    long apart = Duration.between(before.getKey(), after.getKey()).toHours();
    if (apart > SHORT_HOLE + 1) {
      return null;
    }
    double share = (double) Duration.between(before.getKey(), hour).toHours() / apart;
    HourlyWeather one = before.getValue();
    HourlyWeather two = after.getValue();
    return new HourlyWeather(
        hour,
        between(one.celsius(), two.celsius(), share),
        between(one.windMs(), two.windMs(), share),
        share < 0.5 ? one.windFrom() : two.windFrom(),
        between(one.rainMm(), two.rainMm(), share),
        between(one.cloud(), two.cloud(), share),
        one.thunderOrIce() || two.thunderOrIce());
  }

  private static double between(double one, double two, double share) {
    return one + share * (two - one);
  }
}
