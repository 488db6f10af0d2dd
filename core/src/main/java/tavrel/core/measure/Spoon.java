package tavrel.core.measure;

import tavrel.core.Worded;

/** Kitchen spoons, level, by volume. */
public enum Spoon implements Worded {
  QUARTER_TSP_US(4.929 / 4),
  HALF_TSP_US(4.929 / 2),
  TSP_US(4.929),
  QUARTER_TSP_METRIC(5.0 / 4),
  HALF_TSP_METRIC(5.0 / 2),
  TSP_METRIC(5.0),
  QUARTER_TBSP_US(3 * 4.929 / 4),
  TBSP_US(3 * 4.929),
  TBSP_METRIC(15.0),
  TBSP_AUSTRALIAN(20.0);

  /** Bulk density of the crystals where nobody has weighed them, g/mL. */
  public static final double USUAL_DENSITY = 0.81;

  private final double millilitres;

  Spoon(double millilitres) {
    this.millilitres = millilitres;
  }

  /** Volume of the level spoon, mL. */
  public double millilitres() {
    return millilitres;
  }

  /** Product in one level spoon at the usual density, g. An estimate until weighed. */
  public double usualGrams() {
    return millilitres * USUAL_DENSITY;
  }
}
