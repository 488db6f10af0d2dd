package tavrel.core.count;

import java.time.LocalDate;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * Bees of several hives in one jar: it tells of their mean, and of no hive alone. Hives differ, so
 * that the mean is less sure than as many bees of one hive would be; how much they differ it does
 * not tell.
 *
 * @param day when
 * @param kind of sample
 * @param hives whose bees are in it
 * @param mites counted
 * @param bees in all
 */
public record Jar(LocalDate day, WashKind kind, int hives, int mites, int bees) {

  /** Most bees of one hive in it. */
  private static final int MOST_OF_ONE = 1_000;

  private static final int MOST_HIVES = 100;

  /**
   * @throws InvalidValue if it is of one hive, or has more mites than it may
   */
  public Jar {
    if (hives < 2) {
      throw new InvalidValue(
          "hiveIds",
          "jarOfOneHive",
          "are fewer than two; a sample of one hive is counted by that hive");
    }
    InvalidValue.inRange("hiveIds", hives, 2, MOST_HIVES, "hives");
    InvalidValue.inRange("bees", bees, hives, (double) MOST_OF_ONE * hives, "bees in a sample");
    InvalidValue.inRange("mites", mites, 0, bees, "mites on those bees");
  }

  /**
   * Mean share of the hives' bees with mites, a fraction.
   *
   * @param recovery part of the mites that the method finds
   */
  public double share(double recovery) {
    return mites / (bees * recovery);
  }

  /**
   * Where the mean of those hives truly lies, 95 %.
   *
   * @param recovery part of the mites that the method finds
   */
  public Interval interval(double recovery, HiveSpread spread) {
    return Interval.ofHives(share(recovery), hives, bees * recovery, spread.k());
  }

  /**
   * Part of the mites that its method finds.
   *
   * @param rolls that a sugar roll finds
   */
  public double recovery(double rolls) {
    return kind == WashKind.SUGAR_ROLL ? rolls : 1;
  }

  /** What it says, told. */
  public Fact told(double recovery, HiveSpread spread) {
    Interval interval = interval(recovery, spread);
    return Fact.of("count.jar")
        .count("mites", mites, "mite")
        .figure("bees", bees)
        .count("hives", hives, "hive")
        .share("share", share(recovery))
        .share("low", interval.low())
        .share("high", interval.high());
  }
}
