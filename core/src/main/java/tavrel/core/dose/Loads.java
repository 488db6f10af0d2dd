package tavrel.core.dose;

import org.jspecify.annotations.Nullable;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;

/**
 * A hive's dose split into loads that can be measured: all equal, but for a small first one that
 * loosens a tight cluster.
 *
 * @param count number of loads, the loosening one among them
 * @param units steps of the measure in each load; 0 where one step is already too much
 * @param product grams of product in each load
 * @param acid grams of acid dihydrate in each load
 * @param first the loosening load, or null where all are equal
 */
public record Loads(int count, int units, double product, double acid, @Nullable FirstLoad first) {

  /** How long the rest waits after a load that only loosens the cluster, s; our round figure. */
  public static final int LOOSENING_WAIT = 240;

  /**
   * A small first load.
   *
   * @param units steps of the measure
   * @param product grams of product
   * @param acid grams of acid dihydrate
   */
  public record FirstLoad(int units, double product, double acid) {}

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
    return new Loads(count, units, units * measure.step(), units * perStep, null);
  }

  /**
   * Splits a small first load off and the rest as {@link #of} does, within the same total. A dose
   * that is no larger than the first load is given whole.
   *
   * @param loosening grams of acid dihydrate wanted in the first load
   */
  public static Loads loosened(
      double target,
      double loosening,
      double mostAcid,
      double capacity,
      Strength strength,
      Measure measure) {
    double perStep = strength.acidIn(measure.step());
    int units = Math.max(1, (int) Math.floor(loosening / perStep + ROUNDING));
    FirstLoad first = new FirstLoad(units, units * measure.step(), units * perStep);
    double rest = target - first.acid();
    if (rest < perStep / 2 || first.product() > capacity + ROUNDING) {
      return of(target, mostAcid, capacity, strength, measure);
    }
    Loads then = of(rest, mostAcid - first.acid(), capacity, strength, measure);
    return new Loads(then.count() + 1, then.units(), then.product(), then.acid(), first);
  }

  /** All loads in the words of the measure: {@code 2.1 g}, {@code 0.5 g first, then 1.6 g}. */
  public String words(Measure measure) {
    return first == null
        ? measure.words(units)
        : measure.words(first.units()) + " first, then " + measure.words(units);
  }

  /** Whether the measure is fine enough for this dose. */
  public boolean measurable() {
    return units > 0;
  }

  /** Grams of product in all loads. */
  public double totalProduct() {
    return first == null ? product * count : first.product() + product * (count - 1);
  }

  /** Grams of acid dihydrate in all loads. */
  public double totalAcid() {
    return first == null ? acid * count : first.acid() + acid * (count - 1);
  }
}
