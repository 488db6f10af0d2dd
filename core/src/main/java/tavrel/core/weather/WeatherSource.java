package tavrel.core.weather;

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

  /** What the source is, in a few words that are shown beside its figures. */
  String says();
}
