package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * What somebody read from a thermometer and felt in an apiary. It goes before any other source: for
 * an hour from then on as the weather now, and for the hour of the day in which it was read.
 *
 * @param at when
 * @param celsius air temperature, °C
 * @param wind as it was felt
 * @param windFrom direction it comes from, degrees clockwise from north
 * @param rain whether it rained
 * @param by who read it
 */
public record Reading(
    Instant at, double celsius, WindFelt wind, int windFrom, boolean rain, String by)
    implements WeatherSource {

  /** How long it holds. */
  public static final Duration HOLDS = Duration.ofHours(1);

  /** How long before it was read it holds already. */
  public static final Duration EARLY = Duration.ofMinutes(10);

  private static final double SOME_RAIN = 1;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Reading {
    InvalidValue.inRange("celsius", celsius, -30, 50, "°C");
    InvalidValue.inRange("windFrom", windFrom, 0, 359, "degrees from north");
  }

  /** Whether it tells of that moment. */
  public boolean holds(Instant moment) {
    return moment.isAfter(at.minus(EARLY)) && moment.isBefore(at.plus(HOLDS));
  }

  /** As weather of the hour in which it was read; nobody looked at the clouds. */
  public HourlyWeather weather() {
    return new HourlyWeather(
        at.truncatedTo(ChronoUnit.HOURS),
        celsius,
        wind.metresASecond(),
        windFrom,
        rain ? SOME_RAIN : 0,
        0.5);
  }

  @Override
  public @Nullable HourlyWeather at(Place place, Instant hour) {
    HourlyWeather read = weather();
    return hour.equals(read.hour()) ? read : null;
  }

  @Override
  public SourceKind kind() {
    return SourceKind.READING;
  }

  @Override
  public Instant made() {
    return at;
  }

  @Override
  public Fact says() {
    return Fact.of("weather.readBy").text("who", by);
  }
}
