package tavrel.core.count;

import java.util.Collection;
import java.util.List;
import tavrel.core.Fact;

/**
 * How much the hives of a yard differ: mites are spread over hives as a negative binomial with
 * shape k; the smaller k, the more they differ.
 *
 * @param k shape, above 0
 * @param hives counted that it comes from; 0 where it is the usual figure
 */
public record HiveSpread(double k, int hives) {

  /** Without enough hives of the outfit's own: our round figure. */
  public static final HiveSpread USUAL = new HiveSpread(1.5, 0);

  /** From so many hives on the outfit's own counts tell it. */
  public static final int ENOUGH_HIVES = 20;

  /** Beyond these the moments of a few dozen hives tell nothing. */
  private static final double LEAST = 0.3;

  private static final double MOST = 20;

  /**
   * From an outfit's own counts, by moments within its yards: in a yard with mean share μ and n̄
   * bees a sample, the shares of its hives vary by μ²/k + μ/n̄.
   *
   * @param yards the latest sample of each hive, by yard
   * @return {@link #USUAL} where fewer than {@value #ENOUGH_HIVES} hives in yards of two or more
   *     were counted, or none had mites
   */
  public static HiveSpread of(Collection<? extends List<Infestation>> yards) {
    int hives = 0;
    double square = 0;
    double excess = 0;
    for (List<Infestation> yard : yards) {
      if (yard.size() < 2) {
        continue;
      }
      double mean = yard.stream().mapToDouble(HiveSpread::share).average().orElse(0);
      double perBee = yard.stream().mapToDouble(each -> 1 / seen(each)).average().orElse(0);
      double spread = yard.stream().mapToDouble(each -> squared(share(each) - mean)).sum();
      int free = yard.size() - 1;
      hives += yard.size();
      square += free * mean * mean;
      excess += spread - free * mean * perBee;
    }
    if (hives < ENOUGH_HIVES || square == 0) {
      return USUAL;
    }
    double k = excess <= 0 ? MOST : square / excess;
    return new HiveSpread(Math.max(LEAST, Math.min(MOST, k)), hives);
  }

  private static double squared(double value) {
    return value * value;
  }

  /** Bees that a method which finds all mites would have needed to see as much. */
  static double seen(Infestation sample) {
    return sample.bees() * sample.recovery();
  }

  static double share(Infestation sample) {
    return sample.mites() / seen(sample);
  }

  /** Where it comes from. */
  Fact told() {
    return hives == 0
        ? Fact.of("count.spreadUsual").figure("k", k)
        : Fact.of("count.spreadOwn").figure("hives", hives);
  }
}
