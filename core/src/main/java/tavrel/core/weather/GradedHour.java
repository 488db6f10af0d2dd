package tavrel.core.weather;

import java.util.List;

/**
 * One hour, judged.
 *
 * @param weather its weather
 * @param reach see {@link ExpectedReach}
 * @param grade how well it suits
 * @param reasons what speaks against it, in words; empty for a good hour
 */
public record GradedHour(
    HourlyWeather weather, double reach, HourGrade grade, List<String> reasons) {}
