package tavrel.core.count;

import org.apache.commons.statistics.distribution.HypergeometricDistribution;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * What looks into some hives of a yard, drawn at random, say of its capped brood: with n of N
 * looked into and c found with some, the sureness that at most K have some is 1 − P(X ≤ c), X the
 * number found if K + 1 had some. It says nothing of a single hive that was not looked into: a
 * label that allows no capped brood is not met by it.
 *
 * @param hives in the yard
 * @param looked into, drawn at random
 * @param capped of those with capped brood
 */
public record LooksInside(int hives, int looked, int capped) {

  /** A yard counts as broodless if at most this share of its hives has capped brood. */
  public static final double MOST_SHARE = 0.1;

  /** How sure one wants to be. */
  public static final double SURE = 0.95;

  private static final int MOST_HIVES = 2_000;

  /**
   * @throws InvalidValue if more were looked into than stand there, or found than looked into
   */
  public LooksInside {
    InvalidValue.inRange("hives", hives, 1, MOST_HIVES, "hives");
    InvalidValue.inRange("looked", looked, 0, hives, "hives");
    InvalidValue.inRange("capped", capped, 0, looked, "hives");
  }

  /**
   * How sure it is that at most so many hives have capped brood.
   *
   * @param most 0 or more
   */
  public double sureOfAtMost(int most) {
    if (most >= hives) {
      return 1;
    }
    return 1 - HypergeometricDistribution.of(hives, most + 1, looked).cumulativeProbability(capped);
  }

  /** The fewest hives that one can be 95 % sure of: no more than these have capped brood. */
  public int atMost() {
    int most = capped;
    while (most < hives && sureOfAtMost(most) < SURE) {
      most++;
    }
    return most;
  }

  /** Whether the yard counts as broodless. */
  public boolean broodless() {
    return sureOfAtMost((int) (MOST_SHARE * hives)) >= SURE;
  }

  /** How many to look into if nothing capped is found in any. */
  public static int wanted(int hives) {
    int looked = 0;
    while (looked < hives && !new LooksInside(hives, looked, 0).broodless()) {
      looked++;
    }
    return looked;
  }

  /** What they say, told. */
  public Fact told() {
    if (looked == 0) {
      return Fact.of("sampling.look").figure("wanted", wanted(hives)).count("hives", hives, "hive");
    }
    int most = atMost();
    return (broodless() ? Fact.of("sampling.broodless") : Fact.of("sampling.notSure"))
        .figure("looked", looked)
        .count("hives", hives, "hive")
        .figure("capped", capped)
        .figure("most", most)
        .share("sure", Math.floor(100 * sureOfAtMost(most)) / 100)
        .figure("wanted", wanted(hives));
  }
}
