package tavrel.core.mite;

import tavrel.core.InvalidValue;

/**
 * Share of the exposed mites that a dose kills: E = E_max · (1 − exp(−D_eff ÷ D₀)), where D_eff is
 * the acid loaded, grams a box, times the share that the hive keeps. A model estimate, for bees at
 * home and a loose cluster.
 *
 * @param name what it is called on screen
 * @param most most that any dose kills, a fraction
 * @param scale D₀, grams a box
 */
public record KillCurve(String name, double most, double scale) {

  /** From treatments in the field; the one that is used unless the keeper chooses another. */
  public static final KillCurve FIELD = new KillCurve("field", 0.97, 0.80);

  /** From trials in small colonies without brood: optimistic. */
  public static final KillCurve TRIAL = new KillCurve("trial", 0.97, 0.31);

  /**
   * @throws InvalidValue if it is no curve
   */
  public KillCurve {
    InvalidValue.inRange("most", most, 0.1, 1, "of the exposed mites");
    InvalidValue.inRange("scale", scale, 0.05, 5, "g a box");
  }

  /**
   * Share of the exposed mites killed.
   *
   * @param gramsPerBox acid dihydrate loaded ÷ sum of box factors, g
   * @param kept share of it that the hive keeps, 0 to 1
   */
  public double kill(double gramsPerBox, double kept) {
    return most * (1 - Math.exp(-gramsPerBox * kept / scale));
  }

  /** The same curve with another D₀. */
  KillCurve withScale(double other) {
    return new KillCurve(name, most, other);
  }
}
