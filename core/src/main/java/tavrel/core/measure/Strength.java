package tavrel.core.measure;

import tavrel.core.InvalidValue;

/**
 * How much of a product is oxalic acid dihydrate.
 *
 * @param assay mass fraction, above 0 and at most 1
 */
public record Strength(double assay) {

  /** Pure crystals, taken as 100 %. */
  public static final Strength PURE = new Strength(1);

  /**
   * @throws InvalidValue if the assay is not a fraction
   */
  public Strength {
    if (!(assay > 0 && assay <= 1)) {
      throw new InvalidValue(
          "strength",
          "mustAboveAtMost",
          "must be above 0 and at most 100 %; pure crystals are 99.6 % and up");
    }
  }

  /** Grams of product that hold {@code acid} grams of dihydrate. */
  public double productFor(double acid) {
    return acid / assay;
  }

  /** Grams of dihydrate in {@code product} grams. */
  public double acidIn(double product) {
    return product * assay;
  }
}
