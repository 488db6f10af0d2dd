package tavrel.core.weather;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * One hour, judged.
 *
 * @param hour its beginning, UTC
 * @param weather its weather, or null where no source tells of it
 * @param reach see {@link ExpectedReach}; 0 where nothing is known
 * @param grade how well it suits
 * @param reasons what speaks against it; empty for a good hour
 * @param advice what to mind in it, or null
 * @param source who tells of it, or null
 * @param madeUp whether its weather is made up
 */
public record GradedHour(
    Instant hour,
    @Nullable HourlyWeather weather,
    double reach,
    HourGrade grade,
    List<HourReason> reasons,
    @Nullable Fact advice,
    @Nullable Fact source,
    boolean madeUp) {

  /** An hour that no source tells of, and why. */
  static GradedHour unknown(Instant hour, HourReason.Code why) {
    return new GradedHour(
        hour, null, 0, HourGrade.UNKNOWN, List.of(HourReason.of(why)), null, null, false);
  }
}
