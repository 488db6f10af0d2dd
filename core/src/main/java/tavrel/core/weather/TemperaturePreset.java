package tavrel.core.weather;

/** At what warmth keepers like to treat. Common practice, not a rule. */
public enum TemperaturePreset {
  COOL_NARROW(new Warmth("cool, 4 to 10 °C", 4, 10, false)),
  COOL_BROAD(new Warmth("cool, 2 to 15 °C", 2, 15, false)),
  MILD(new Warmth("mild, 10 °C and up", 10, Double.POSITIVE_INFINITY, false)),
  EDGES_OF_DAY(
      new Warmth(
          "any warmth, at first light or after dusk",
          Double.NEGATIVE_INFINITY,
          Double.POSITIVE_INFINITY,
          true));

  private final Warmth warmth;

  TemperaturePreset(Warmth warmth) {
    this.warmth = warmth;
  }

  /** What it asks for. */
  public Warmth warmth() {
    return warmth;
  }
}
