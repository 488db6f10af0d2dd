package tavrel.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/** Where hourly weather comes from: a station, a file, a keeper's thermometer or a stand-in. */
public interface WeatherSource {

  /**
   * Weather by the hour, without gaps.
   *
   * @param place where
   * @param from first hour; cut down to the full hour
   * @param hours how many, at least 1
   */
  List<HourlyWeather> hours(Place place, Instant from, int hours);

  /**
   * Whether its figures are made up. Such figures may be shown, named as what they are, but decide
   * nothing: no verdict, no alarm, no side to stand on.
   */
  boolean standIn();

  /**
   * The same as it is told at a moment: what has been by then as it was, what is to come as it is
   * forecast. A source that makes no forecasts tells the same at any moment.
   */
  default WeatherSource toldAt(Instant moment) {
    return this;
  }

  /**
   * How unsure a forecast of the air temperature is: half the width of the band in which it lies
   * four times out of five, °C. 0 for a source that makes no forecasts.
   *
   * @param ahead how long before the hour it is made
   */
  default double unsure(Duration ahead) {
    return 0;
  }

  /** What the source is, in a few words that are shown beside its figures. */
  String says();
}
