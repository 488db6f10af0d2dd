package tavrel.core.dose;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;

/**
 * What the keeper decides once for a round.
 *
 * @param amount grams a box or a hive
 * @param mediums how medium boxes count
 * @param strength of the product
 * @param measure scale or scoop
 * @param capacity grams of product that the tool takes in one load
 * @param supersPlan what is done with supers, or null for what stands at each hive
 * @param sealMinutes minutes shut after the tool is out, as the keeper wants it
 * @param loosening a small first load in frost, g of acid dihydrate, within the same total; or null
 * @param exceptions hives that get another amount, at most one for each
 */
public record DoseSettings(
    Amount amount,
    MediumBoxes mediums,
    Strength strength,
    Measure measure,
    double capacity,
    @Nullable SupersPlan supersPlan,
    int sealMinutes,
    @Nullable Double loosening,
    List<HiveException> exceptions) {

  /** Largest first load that only loosens a cluster, g of acid dihydrate. */
  public static final double MOST_LOOSENING = 2;

  /**
   * @throws InvalidValue if the capacity or the seal period cannot be
   */
  public DoseSettings {
    InvalidValue.inRange("capacity", capacity, 0.5, 50, "g of product a load");
    InvalidValue.inRange("sealMinutes", sealMinutes, 1, 60, "minutes");
    if (loosening != null) {
      InvalidValue.inRange("loosening", loosening, 0.1, MOST_LOOSENING, "g in the first load");
    }
    exceptions = List.copyOf(exceptions);
    if (exceptions.stream().map(HiveException::hiveId).distinct().count() < exceptions.size()) {
      throw new InvalidValue(
          "exceptions", "nameHiveTwiceOne", "name a hive twice; one amount for each hive");
    }
  }

  /** A round without exceptions and without a loosening load. */
  public static DoseSettings plain(
      Amount amount,
      MediumBoxes mediums,
      Strength strength,
      Measure measure,
      double capacity,
      SupersPlan supersPlan,
      int sealMinutes) {
    return new DoseSettings(
        amount, mediums, strength, measure, capacity, supersPlan, sealMinutes, null, List.of());
  }

  /** The exception made for a hive, or null. */
  public @Nullable HiveException exceptionFor(UUID hiveId) {
    return exceptions.stream()
        .filter(each -> each.hiveId().equals(hiveId))
        .findFirst()
        .orElse(null);
  }

  /** What will be done with the supers of a hive. */
  public SupersPlan supersOf(Hive hive) {
    return supersPlan == null ? hive.fittings().supersPlan() : supersPlan;
  }
}
