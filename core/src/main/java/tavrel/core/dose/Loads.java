package tavrel.core.dose;

import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;

/**
 * A hive's dose split into equal loads that can be measured.
 *
 * @param count number of loads
 * @param units steps of the measure in each load; 0 where one step is already too much
 * @param product grams of product in each load
 * @param acid grams of acid dihydrate in each load
 */
public record Loads(int count, int units, double product, double acid) {

  private static final double ROUNDING = 1e-9;

  /**
   * Splits and rounds (handbook 2.2): as few loads as the tool's capacity allows, each rounded to
   * the nearest step, but downwards where the nearest would pass the label's limit or the capacity.
   *
   * @param target grams of acid dihydrate wanted in the hive, above 0
   * @param mostAcid the label's limit in grams of acid dihydrate, infinite where it has none; a
   *     target that is over the limit anyway is rounded to the nearest
   * @param capacity grams of product in one load at the most
   */
  public static Loads of(
      double target, double mostAcid, double capacity, Strength strength, Measure measure) {
    double product = strength.productFor(target);
    int count = Math.max(1, (int) Math.ceil(product / capacity - ROUNDING));
    double perStep = strength.acidIn(measure.step());
    int units = (int) Math.floor(product / count / measure.step() + 0.5 + ROUNDING);
    boolean passesLimit =
        target <= mostAcid + ROUNDING && units * count * perStep > mostAcid + ROUNDING;
    boolean passesCapacity = units * measure.step() > capacity + ROUNDING;
    if (units > 0 && (passesLimit || passesCapacity)) {
      units--;
    }
    return new Loads(count, units, units * measure.step(), units * perStep);
  }

  /** Whether the measure is fine enough for this dose. */
  public boolean measurable() {
    return units > 0;
  }

  /** Grams of product in all loads. */
  public double totalProduct() {
    return product * count;
  }

  /** Grams of acid dihydrate in all loads. */
  public double totalAcid() {
    return acid * count;
  }
}
