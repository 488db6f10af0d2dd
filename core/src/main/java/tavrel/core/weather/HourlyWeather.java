package tavrel.core.weather;

import java.time.Instant;

/**
 * Weather of one hour.
 *
 * @param hour its beginning, UTC
 * @param celsius air temperature, °C
 * @param windMs wind speed, m/s
 * @param windFrom direction the wind comes from, degrees clockwise from north, 0 to 359
 * @param rainMm rain in the hour, mm
 * @param cloud share of the sky covered, 0 to 1
 */
public record HourlyWeather(
    Instant hour, double celsius, double windMs, int windFrom, double rainMm, double cloud) {}
