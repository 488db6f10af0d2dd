package tavrel.core.dose;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;

/**
 * A hive's dose split into loads that can be measured, in whole steps of the measure: they differ
 * by one step at the most, the larger first; but for a small first one that loosens a tight
 * cluster.
 *
 * @param count number of loads, the loosening one among them
 * @param units steps of the measure in each of the last loads; 0 where the measure is too coarse
 * @param product grams of product in each of these
 * @param acid grams of acid dihydrate in each of these
 * @param larger loads of one step more, which come before them, or null where all are equal
 * @param first the loosening load, or null
 */
public record Loads(
    int count,
    int units,
    double product,
    double acid,
    @Nullable LargerLoads larger,
    @Nullable FirstLoad first) {

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

  /**
   * Loads of one step more.
   *
   * @param count how many
   * @param units steps of the measure in each
   * @param product grams of product in each
   * @param acid grams of acid dihydrate in each
   */
  public record LargerLoads(int count, int units, double product, double acid) {}

  private static final double ROUNDING = 1e-9;

  /**
   * Splits a dose into loads: the whole dose to the nearest step, a half downwards, and further
   * down where it would pass the label's limit; then as few loads as the tool's capacity allows.
   *
   * @param target grams of acid dihydrate wanted in the hive, above 0
   * @param mostAcid the label's limit in grams of acid dihydrate, infinite where it has none; a
   *     target that is over the limit anyway is rounded to the nearest
   * @param capacity grams of product in one load at the most
   */
  public static Loads of(
      double target, double mostAcid, double capacity, Strength strength, Measure measure) {
    double perStep = strength.acidIn(measure.step());
    int steps = (int) Math.ceil(strength.productFor(target) / measure.step() - 0.5 - ROUNDING);
    while (steps > 0 && target <= mostAcid + ROUNDING && steps * perStep > mostAcid + ROUNDING) {
      steps--;
    }
    return split(steps, capacity, perStep, measure);
  }

  private static Loads split(int steps, double capacity, double perStep, Measure measure) {
    int most = (int) Math.floor(capacity / measure.step() + ROUNDING);
    if (steps < 1 || most < 1) {
      return new Loads(1, 0, 0, 0, null, null);
    }
    int count = (steps + most - 1) / most;
    int units = steps / count;
    int larger = steps % count;
    return new Loads(
        count,
        units,
        units * measure.step(),
        units * perStep,
        larger == 0
            ? null
            : new LargerLoads(
                larger, units + 1, (units + 1) * measure.step(), (units + 1) * perStep),
        null);
  }

  /**
   * Splits a small first load off and the rest as {@link #of} does, within the same total. The
   * first is never more than was asked for it; where the measure is too coarse for one, or the dose
   * no larger, the whole is given at once.
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
    int units = (int) Math.floor(loosening / perStep + ROUNDING);
    FirstLoad first = new FirstLoad(units, units * measure.step(), units * perStep);
    double rest = target - first.acid();
    if (units == 0 || rest <= perStep / 2 || first.product() > capacity + ROUNDING) {
      return of(target, mostAcid, capacity, strength, measure);
    }
    Loads then = of(rest, mostAcid - first.acid(), capacity, strength, measure);
    return then.measurable()
        ? new Loads(
            then.count() + 1, then.units(), then.product(), then.acid(), then.larger(), first)
        : of(target, mostAcid, capacity, strength, measure);
  }

  /** All loads as they are measured: {@code 2.1 g}, {@code 0.5 g first, then 1.6 g}. */
  public Fact told(Measure measure) {
    Fact rest =
        larger == null
            ? Fact.of("loads.each")
            : larger.count() == 1
                ? Fact.of("loads.oneLarger").with("larger", measure.told(larger.units()))
                : Fact.of("loads.someLarger")
                    .figure("count", larger.count())
                    .with("larger", measure.told(larger.units()));
    Fact all = rest.with("each", measure.told(units));
    return first == null
        ? all
        : Fact.of("loads.loosening").with("first", measure.told(first.units())).fact("then", all);
  }

  /** Whether the measure is fine enough for this dose. */
  public boolean measurable() {
    return units > 0;
  }

  /** Grams of product in the largest load: what the tool has to take. */
  public double largestProduct() {
    return Math.max(
        larger == null ? product : larger.product(), first == null ? 0 : first.product());
  }

  /** Loads that are neither the loosening one nor of a step more. */
  private int plain() {
    return count - (first == null ? 0 : 1) - (larger == null ? 0 : larger.count());
  }

  /** Grams of product in all loads. */
  public double totalProduct() {
    return plain() * product
        + (first == null ? 0 : first.product())
        + (larger == null ? 0 : larger.count() * larger.product());
  }

  /** Grams of acid dihydrate in all loads. */
  public double totalAcid() {
    return plain() * acid
        + (first == null ? 0 : first.acid())
        + (larger == null ? 0 : larger.count() * larger.acid());
  }
}
