package tavrel.core.count;

import java.time.LocalDate;
import tavrel.core.InvalidValue;

/**
 * That a yard's sample stands for those of its hives that were not sampled. Only the keeper says
 * so: hives differ, so that the mean tells less of one of them than a wash of its own would. A hive
 * with a count of its own goes by that.
 *
 * @param day of the latest count that it is made of
 * @param hives that were sampled
 * @param bees in all of their samples
 * @param share mean of the hives' shares, a fraction
 * @param interval where the yard's mean truly lies, 95 %
 * @param k how much hives differ, as {@link HiveSpread#k}
 */
public record YardWord(
    LocalDate day, int hives, int bees, double share, Interval interval, double k) {

  /** A share that was not seen at all is at most one mite on as many bees. */
  private static final int MOST_BEES = 2_000;

  /**
   * @throws InvalidValue if one or two hives were sampled: they tell of themselves alone
   */
  public YardWord {
    if (hives < YardReading.LEAST_HIVES) {
      throw new InvalidValue(
          "apiaryId",
          "tooFewForYard",
          "has {hives} hives sampled this week; three and more tell of a yard",
          hives);
    }
  }

  /** The word that lets a reading stand. */
  public static YardWord of(YardReading reading, LocalDate day) {
    return new YardWord(
        day,
        reading.hives(),
        reading.bees(),
        reading.share(),
        reading.interval(),
        reading.spread().k());
  }

  /**
   * What it says of one hive that was not sampled: a sample as unsure as the hives differ. Its
   * variance over its square mean is that of hives, 1 ÷ k, and that of their mean; a Poisson count
   * of so many mites has the same.
   */
  public Infestation ofOneHive() {
    double seen = share * bees;
    if (seen < 1) {
      return new Infestation(0, Math.min(MOST_BEES, Math.max(1, bees / hives)), 1, 1, day);
    }
    double unsure = 1 / k * (1 + 1.0 / hives) + 1 / seen;
    int mites = (int) Math.max(1, Math.round(1 / unsure));
    int among = (int) Math.max(mites, Math.round(mites / share));
    return among <= MOST_BEES
        ? new Infestation(mites, among, 1, 1, day)
        : new Infestation((int) Math.round(MOST_BEES * share), MOST_BEES, 1, 1, day);
  }

  /**
   * Whether the yard is surely above a limit.
   *
   * @param limit a fraction
   */
  public boolean isAbove(double limit) {
    return interval.low() > limit;
  }

  /** Whether a hive's own sample goes before it: one that still told something on its day. */
  public boolean isBehind(Infestation own) {
    return !own.last().isBefore(day.minusDays(Urgency.RECENT_DAYS));
  }

  /** Whether it still tells something: an older one says little of today. */
  public boolean tellsOn(LocalDate today) {
    return !day.isBefore(today.minusDays(Urgency.RECENT_DAYS));
  }
}
