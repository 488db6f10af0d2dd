package tavrel.server.weather;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.StandingSide;
import tavrel.core.weather.WeatherSource;

/**
 * Weather in an apiary at a moment, with where it comes from.
 *
 * @param weather the weather
 * @param says where it comes from
 * @param madeUp whether it is made up; then it is shown, and decides nothing
 * @param windSide the side that the wind comes from, or null where nobody says
 */
public record WeatherThere(
    HourlyWeather weather, Fact says, boolean madeUp, @Nullable String windSide) {

  WeatherThere(WeatherSource.Told told) {
    this(
        told.weather(),
        told.by().says(),
        told.by().madeUp(),
        told.weather().windFrom() == null ? null : StandingSide.of(told.weather().windFrom()));
  }
}
