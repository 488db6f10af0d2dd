package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * What a keeper expects of a day, in four figures: low, high, wind and rain. A daily curve goes
 * through them: coolest at sunrise, warmest three hours after the sun's noon, half a cosine
 * between; the wind is the same all day. Where nobody says when the rain falls, any hour may get
 * all of it.
 *
 * @param day the day, by the apiary's calendar
 * @param low lowest air temperature, °C
 * @param high highest air temperature, °C
 * @param windMs wind, m/s
 * @param rainMm rain in the day, mm
 * @param rainFrom local hour at which the rain begins, 0 to 23, or null with {@code rainTo}
 * @param rainTo local hour at which it ends, 1 to 24, or null
 * @param thunderOrIce whether thunder, or ice on ground and hives, is expected
 * @param made when it was said
 * @param by who said so
 */
public record OwnForecast(
    LocalDate day,
    double low,
    double high,
    double windMs,
    double rainMm,
    @Nullable Integer rainFrom,
    @Nullable Integer rainTo,
    boolean thunderOrIce,
    Instant made,
    String by) {

  /** The sun goes over 15 degrees in an hour. */
  private static final int SECONDS_PER_DEGREE = 240;

  private static final Duration NOON_TO_WARMEST = Duration.ofHours(3);
  private static final Duration HALF_DAY = Duration.ofHours(12);
  private static final Duration DAY = Duration.ofHours(24);

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public OwnForecast {
    InvalidValue.inRange("low", low, -45, 50, "°C");
    InvalidValue.inRange("high", high, -45, 50, "°C");
    if (high < low) {
      throw new InvalidValue("high", "lowerThanLow", "is lower than the low");
    }
    InvalidValue.inRange("windMs", windMs, 0, 60, "m/s");
    InvalidValue.inRange("rainMm", rainMm, 0, 300, "mm");
    if ((rainFrom == null) != (rainTo == null)) {
      throw new InvalidValue(
          rainFrom == null ? "rainFrom" : "rainTo",
          "missingGiveBothHours",
          "is missing; give both hours or neither");
    }
    if (rainFrom != null && rainTo != null) {
      InvalidValue.inRange("rainFrom", rainFrom, 0, 23, "o'clock");
      InvalidValue.inRange("rainTo", rainTo, rainFrom + 1, 24, "o'clock");
    }
  }

  /** It laid over the hours of its day at a place. */
  public WeatherSource over(Place place, ZoneId zone, SunDay sun) {
    Instant middle = day.atTime(LocalTime.NOON).atZone(zone).toInstant();
    Instant noon =
        day.atTime(LocalTime.NOON)
            .toInstant(ZoneOffset.UTC)
            .minusSeconds(Math.round(place.longitude() * SECONDS_PER_DEGREE));
    // A zone may be a day away from the sun's own: the noon nearest to that of the clocks is meant.
    long daysOff = Math.round(Duration.between(noon, middle).toMinutes() / 1_440.0);
    Instant solarNoon = noon.plus(DAY.multipliedBy(daysOff));
    Instant warmest = solarNoon.plus(NOON_TO_WARMEST);
    Instant sunrise = sun.sunrise();
    Instant coolest =
        sunrise == null
                || !sunrise.isBefore(warmest)
                || Duration.between(sunrise, warmest).compareTo(DAY) >= 0
            ? warmest.minus(HALF_DAY)
            : sunrise;
    return new Curve(this, zone, coolest, warmest);
  }

  /** The curve through the four figures. */
  private record Curve(OwnForecast figures, ZoneId zone, Instant coolest, Instant warmest)
      implements WeatherSource {

    @Override
    public @Nullable HourlyWeather at(Place place, Instant hour) {
      ZonedDateTime local = hour.atZone(zone);
      LocalDate date = hour.plus(Duration.ofMinutes(30)).atZone(zone).toLocalDate();
      if (!date.equals(figures.day())) {
        return null;
      }
      return new HourlyWeather(
          hour,
          Math.round(celsius(hour.plus(Duration.ofMinutes(30))) * 10) / 10.0,
          figures.windMs(),
          null,
          rain(local.getHour()),
          0.5,
          figures.thunderOrIce());
    }

    private double celsius(Instant at) {
      double swing = figures.high() - figures.low();
      if (at.isBefore(coolest)) {
        return figures.high() - swing * risen(warmest.minus(DAY), coolest, at);
      }
      return at.isBefore(warmest)
          ? figures.low() + swing * risen(coolest, warmest, at)
          : figures.high() - swing * risen(warmest, coolest.plus(DAY), at);
    }

    /** 0 at the first moment to 1 at the second, half a cosine between them. */
    private static double risen(Instant from, Instant to, Instant at) {
      double share =
          (double) Duration.between(from, at).toSeconds() / Duration.between(from, to).toSeconds();
      return (1 - Math.cos(Math.PI * Math.max(0, Math.min(1, share)))) / 2;
    }

    private double rain(int localHour) {
      Integer from = figures.rainFrom();
      Integer to = figures.rainTo();
      if (from == null || to == null) {
        return figures.rainMm();
      }
      return localHour >= from && localHour < to ? figures.rainMm() / (to - from) : 0;
    }

    @Override
    public SourceKind kind() {
      return SourceKind.OWN_FORECAST;
    }

    @Override
    public Instant made() {
      return figures.made();
    }

    @Override
    public Fact says() {
      return Fact.of("weather.forecastBy").text("who", figures.by());
    }
  }
}
