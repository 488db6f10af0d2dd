package tavrel.server.weather;

import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.StandingSide;

/**
 * Weather in an apiary at a moment, with where it comes from.
 *
 * @param weather the weather
 * @param says where it comes from, in words
 * @param madeUp whether it is made up; then it is shown, and decides nothing
 * @param windSide the side that the wind comes from
 */
public record WeatherThere(HourlyWeather weather, String says, boolean madeUp, String windSide) {

  WeatherThere(HourlyWeather weather, String says, boolean madeUp) {
    this(weather, says, madeUp, StandingSide.of(weather.windFrom()));
  }
}
