package tavrel.core.stock;

/** What wears out or is used up beside the acid, by the piece. */
public enum SupplyKind {
  SEALS("seals for the tools"),
  FILTERS("respirator filters, pairs"),
  CAPS("caps"),
  CLOTHS("cloths");

  private final String words;

  SupplyKind(String words) {
    this.words = words;
  }

  /** How it is named on screen. */
  public String words() {
    return words;
  }
}
