package tavrel.core.measure;

/** Kitchen spoons, level, by volume. */
public enum Spoon {
  QUARTER_TSP_US("¼ teaspoon (US)", 4.929 / 4),
  HALF_TSP_US("½ teaspoon (US)", 4.929 / 2),
  TSP_US("1 teaspoon (US)", 4.929),
  QUARTER_TSP_METRIC("¼ teaspoon (metric)", 5.0 / 4),
  HALF_TSP_METRIC("½ teaspoon (metric)", 5.0 / 2),
  TSP_METRIC("1 teaspoon (metric)", 5.0),
  QUARTER_TBSP_US("¼ tablespoon (US)", 3 * 4.929 / 4),
  TBSP_US("1 tablespoon (US)", 3 * 4.929),
  TBSP_METRIC("1 tablespoon (metric)", 15.0),
  TBSP_AUSTRALIAN("1 tablespoon (Australian)", 20.0);

  /** Bulk density of the crystals where nobody has weighed them, g/mL. */
  public static final double USUAL_DENSITY = 0.81;

  private final String words;
  private final double millilitres;

  Spoon(String words, double millilitres) {
    this.words = words;
    this.millilitres = millilitres;
  }

  /** Name on screen. */
  public String words() {
    return words;
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
