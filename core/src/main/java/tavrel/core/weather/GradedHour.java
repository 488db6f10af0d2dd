package tavrel.core.weather;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One hour, judged.
 *
 * @param weather its weather
 * @param reach see {@link ExpectedReach}
 * @param grade how well it suits
 * @param reasons what speaks against it, in words; empty for a good hour
 * @param advice what to mind in it, or null
 */
public record GradedHour(
    HourlyWeather weather,
    double reach,
    HourGrade grade,
    List<String> reasons,
    @Nullable String advice) {}
