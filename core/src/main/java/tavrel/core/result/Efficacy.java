package tavrel.core.result;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.count.Infestation;
import tavrel.core.count.Interval;

/**
 * Share of the mites that a treatment took away, from counts before and after it.
 *
 * @param share 1 is all of them; below 0 where there are more than before
 * @param low lower end of the 95 % interval
 * @param high upper end of the 95 % interval
 * @param againstControls whether hives left untreated stand against it
 * @param tells whether the counts are enough to say that there are fewer mites, or more
 */
public record Efficacy(
    double share, double low, double high, boolean againstControls, boolean tells) {

  /** Stands for a count of no mites in the logarithm, and only there. */
  private static final double NONE = 0.5;

  /**
   * Mites in samples of bees, taken together.
   *
   * @param mites found, as counted
   * @param bees looked at, above 0
   * @param recovery share of the mites on them that the method finds, above 0 to 1
   */
  public record Found(int mites, int bees, double recovery) {

    /**
     * @throws InvalidValue if there are no bees, or fewer than no mites
     */
    public Found {
      if (bees <= 0) {
        throw new InvalidValue(
            "bees", "areSampleHasAt", "are {bees}; a sample has at least one", bees);
      }
      InvalidValue.inRange("mites", mites, 0, 1_000_000_000, "mites");
      InvalidValue.inRange("recovery", recovery, 0.2, 1, "of the mites");
    }

    /** Found by a method that misses none. */
    public static Found of(int mites, int bees) {
      return new Found(mites, bees, 1);
    }

    /** A sample. */
    public static Found of(Infestation sample) {
      return new Found(sample.mites(), sample.bees(), sample.recovery());
    }

    /** This and another of the same hive as one. */
    public Found and(Found other) {
      return new Found(
          mites + other.mites, bees + other.bees, (seen() + other.seen()) / (bees + other.bees));
    }

    /** Bees that a method which misses none would have needed to see as much. */
    double seen() {
      return bees * recovery;
    }

    /** Mites a bee, what the method misses added; none are none. */
    double share() {
      return mites / seen();
    }

    /**
     * What the method misses scales the rate; how sure it is goes by the mites that were counted.
     */
    double rate() {
      return (mites == 0 ? NONE : mites) / seen();
    }

    double variance() {
      return 1 / (mites == 0 ? NONE : mites);
    }
  }

  /** 1 − after ÷ before; the interval by the delta method on the logarithms of the counts. */
  public static Efficacy reduction(Found before, Found after) {
    return of(after.rate() / before.rate(), before.variance() + after.variance(), false);
  }

  /**
   * The reduction held against hives left untreated in the same time: 1 − (Ta · Cb) ÷ (Tb · Ca) on
   * rates (Henderson &amp; Tilton 1955, Journal of Economic Entomology 48); the interval by the
   * delta method on the logarithms of the counts.
   */
  public static Efficacy hendersonTilton(
      Found treatedBefore, Found treatedAfter, Found controlBefore, Found controlAfter) {
    double ratio =
        treatedAfter.rate() * controlBefore.rate() / (treatedBefore.rate() * controlAfter.rate());
    double variance =
        treatedBefore.variance()
            + treatedAfter.variance()
            + controlBefore.variance()
            + controlAfter.variance();
    return of(ratio, variance, true);
  }

  /**
   * Share of a colony's mites that a treatment brought down, where a clean-up afterwards brought
   * down the rest: drop at treatment ÷ (that + drop at the clean-up).
   *
   * @return null where nothing fell at either
   */
  public static @Nullable Double followUp(double atTreatment, double atCleanUp) {
    double all = atTreatment + atCleanUp;
    return all > 0 ? atTreatment / all : null;
  }

  private static Efficacy of(double ratio, double variance, boolean againstControls) {
    return within(ratio, Interval.Z * Math.sqrt(variance), againstControls);
  }

  /**
   * From a ratio of rates, after to before, and how far its logarithm may be off.
   *
   * @param half half the width of the 95 % interval of its logarithm
   */
  static Efficacy ofLog(double logRatio, double half, boolean againstControls) {
    return within(Math.exp(logRatio), half, againstControls);
  }

  private static Efficacy within(double ratio, double half, boolean againstControls) {
    double factor = Math.exp(half);
    double low = 1 - ratio * factor;
    double high = 1 - ratio / factor;
    return new Efficacy(1 - ratio, low, high, againstControls, low > 0 || high < 0);
  }
}
