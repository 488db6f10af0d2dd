package tavrel.core.run;

import java.util.Collection;
import java.util.UUID;
import java.util.stream.IntStream;
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
 * @param largerLoads loads after that one which are larger than the rest; often none
 * @param largerAcid grams of acid dihydrate in each of these, or null where there are none
 * @param largerProduct grams of product in each of these, or null
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
    int largerLoads,
    @Nullable Double largerAcid,
    @Nullable Double largerProduct,
    @Nullable Integer burnSeconds,
    boolean leftOpen) {

  /** Equal loads in a tool of which no burn time is known. */
  public static PlannedHive plain(
      UUID hiveId, int place, int loads, double acidPerLoad, double productPerLoad) {
    return new PlannedHive(
        hiveId, place, loads, acidPerLoad, productPerLoad, null, null, 0, null, null, null, false);
  }

  /** Grams of acid dihydrate in the loads with these numbers. */
  public double acidIn(Collection<Integer> loadNumbers) {
    return sum(loadNumbers, firstAcid, largerAcid, acidPerLoad);
  }

  /** Grams of product in the loads with these numbers. */
  public double productIn(Collection<Integer> loadNumbers) {
    return sum(loadNumbers, firstProduct, largerProduct, productPerLoad);
  }

  /** Grams of acid dihydrate in all loads. */
  double acidInAll() {
    return acidIn(IntStream.rangeClosed(1, loads).boxed().toList());
  }

  private double sum(
      Collection<Integer> loadNumbers,
      @Nullable Double first,
      @Nullable Double larger,
      double each) {
    double sum = 0;
    for (int load : loadNumbers) {
      int place = first == null ? load : load - 1;
      sum +=
          first != null && load == 1
              ? first
              : larger != null && place <= largerLoads ? larger : each;
    }
    return sum;
  }
}
