package tavrel.core.yardrun;

import java.util.Collection;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a round plans for one hive.
 *
 * @param hiveId the hive
 * @param place position in the walking order
 * @param loads loads planned
 * @param acidPerLoad grams of acid dihydrate in each
 * @param productPerLoad grams of product in each
 * @param firstAcid grams of acid dihydrate in a first load that differs, or null
 * @param firstProduct grams of product in it, or null
 * @param burnSeconds how long to plan for a load, seconds, or null where nobody knows
 * @param leftOpen whether its entrance stays open: then nothing is shut in and nothing is opened
 */
public record PlannedHive(
    UUID hiveId,
    int place,
    int loads,
    double acidPerLoad,
    double productPerLoad,
    @Nullable Double firstAcid,
    @Nullable Double firstProduct,
    @Nullable Integer burnSeconds,
    boolean leftOpen) {

  /** Equal loads in a tool of which no burn time is known. */
  public static PlannedHive plain(
      UUID hiveId, int place, int loads, double acidPerLoad, double productPerLoad) {
    return new PlannedHive(
        hiveId, place, loads, acidPerLoad, productPerLoad, null, null, null, false);
  }

  /** Grams of acid dihydrate in the loads with these numbers. */
  public double acidIn(Collection<Integer> loadNumbers) {
    return sum(loadNumbers, firstAcid, acidPerLoad);
  }

  /** Grams of product in the loads with these numbers. */
  public double productIn(Collection<Integer> loadNumbers) {
    return sum(loadNumbers, firstProduct, productPerLoad);
  }

  /** Grams of acid dihydrate in all loads. */
  double acidInAll() {
    return firstAcid == null ? loads * acidPerLoad : firstAcid + (loads - 1) * acidPerLoad;
  }

  private static double sum(Collection<Integer> loadNumbers, @Nullable Double first, double each) {
    double sum = 0;
    for (int load : loadNumbers) {
      sum += load == 1 && first != null ? first : each;
    }
    return sum;
  }
}
