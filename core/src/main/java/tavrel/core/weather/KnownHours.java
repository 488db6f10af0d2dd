package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Hours that somebody brought in from a file, laid over another source. A hole of up to two hours
 * is filled between its neighbours; of a longer one the other source tells, and the words say how
 * many hours those are.
 *
 * @param hours what is known, each its own hour
 * @param file what the file is called
 */
public record KnownHours(List<HourlyWeather> hours, String file) {

  private static final int SHORT_HOLE = 2;

  /** Copies what it is given. */
  public KnownHours {
    hours = List.copyOf(hours);
  }

  /** The hours over another source. */
  public WeatherSource over(WeatherSource source) {
    TreeMap<Instant, HourlyWeather> known = new TreeMap<>();
    hours.forEach(hour -> known.put(hour.hour(), hour));
    return new WeatherSource() {
      private int missing;

      @Override
      public List<HourlyWeather> hours(Place place, Instant from, int count) {
        List<HourlyWeather> below = source.hours(place, from, count);
        List<HourlyWeather> laid = new ArrayList<>();
        missing = 0;
        for (HourlyWeather hour : below) {
          HourlyWeather over = at(known, hour.hour());
          missing += over == null ? 1 : 0;
          laid.add(over == null ? hour : over);
        }
        return List.copyOf(laid);
      }

      @Override
      public boolean standIn() {
        return missing > 0 && source.standIn();
      }

      @Override
      public String says() {
        return missing == 0
            ? "file " + file
            : "file " + file + "; " + missing + " h from the " + source.says();
      }
    };
  }

  /** What the file says of an hour, filled over a short hole; null where it says nothing. */
  public static @Nullable HourlyWeather at(
      NavigableMap<Instant, HourlyWeather> known, Instant hour) {
    HourlyWeather here = known.get(hour);
    Map.Entry<Instant, HourlyWeather> before = known.lowerEntry(hour);
    Map.Entry<Instant, HourlyWeather> after = known.higherEntry(hour);
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
        between(one.cloud(), two.cloud(), share));
  }

  private static double between(double one, double two, double share) {
    return one + share * (two - one);
  }
}
