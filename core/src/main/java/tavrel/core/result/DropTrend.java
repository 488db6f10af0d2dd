package tavrel.core.result;

import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How drops go from round to round, on a log scale.
 *
 * @param perWeek factor from one week to the next: 0.5 is half as many; null where there are not
 *     two rounds to compare
 * @param atNatural whether the last board is back at what falls by itself; null where that rate is
 *     not known, or no board was laid once the round itself had fallen
 */
public record DropTrend(@Nullable Double perWeek, @Nullable Boolean atNatural) {

  /** Chance alone lifts a count by so many of its square roots now and then. */
  private static final double CHANCE = 2;

  /** Stands for no mites in the logarithm. */
  private static final double NONE = 0.5;

  /**
   * Fits a straight line to the logarithms.
   *
   * @param drops by round, in order
   * @param naturalPerDay mites a day that fall by themselves, or null where nobody counted
   */
  public static DropTrend of(List<RoundDrop> drops, @Nullable Double naturalPerDay) {
    return new DropTrend(perWeek(drops), atNatural(drops, naturalPerDay));
  }

  private static @Nullable Double perWeek(List<RoundDrop> drops) {
    if (drops.size() < 2) {
      return null;
    }
    double n = drops.size();
    double sumX = 0;
    double sumY = 0;
    double sumXx = 0;
    double sumXy = 0;
    for (RoundDrop drop : drops) {
      double weeks = ChronoUnit.DAYS.between(drops.get(0).day(), drop.day()) / 7.0;
      double log = Math.log(Math.max(NONE, drop.byTreatment()));
      sumX += weeks;
      sumY += log;
      sumXx += weeks * weeks;
      sumXy += weeks * log;
    }
    return Math.exp((n * sumXy - sumX * sumY) / (n * sumXx - sumX * sumX));
  }

  private static @Nullable Boolean atNatural(List<RoundDrop> drops, @Nullable Double natural) {
    if (natural == null || drops.isEmpty()) {
      return null;
    }
    RoundDrop last = drops.get(drops.size() - 1);
    if (!last.settled()) {
      return null;
    }
    double expected = natural * last.lastHours() / 24;
    return last.lastMites() <= expected + CHANCE * Math.sqrt(Math.max(1, expected));
  }
}
