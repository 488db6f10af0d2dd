package tavrel.core.weather;

/** At what warmth keepers like to treat. Common practice, not a rule. */
public enum TemperaturePreset {
  COOL_NARROW(new Warmth(Warmth.Kind.COOL, 4.0, 10.0)),
  COOL_BROAD(new Warmth(Warmth.Kind.COOL, 2.0, 15.0)),
  MILD(new Warmth(Warmth.Kind.MILD, 10.0, null)),
  EDGES_OF_DAY(new Warmth(Warmth.Kind.EDGES_OF_DAY, null, null));

  private final Warmth warmth;

  TemperaturePreset(Warmth warmth) {
    this.warmth = warmth;
  }

  /** What it asks for. */
  public Warmth warmth() {
    return warmth;
  }
}
