package tavrel.core.weather;

/** At what warmth keepers like to treat. Common practice, not a rule (handbook 1.4). */
public enum TemperatureSchool {
  COOL_NARROW("cool, 4 to 10 °C", 4, 10),
  COOL_BROAD("cool, 2 to 15 °C", 2, 15),
  MILD("mild, 10 °C and up", 10, Double.POSITIVE_INFINITY);

  private final String words;
  private final double from;
  private final double to;

  TemperatureSchool(String words, double from, double to) {
    this.words = words;
    this.from = from;
    this.to = to;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** How far outside its range a temperature lies, °C; 0 inside. */
  public double outside(double celsius) {
    return Math.max(0, Math.max(from - celsius, celsius - to));
  }
}
