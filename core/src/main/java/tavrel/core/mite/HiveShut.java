package tavrel.core.mite;

/**
 * How tight a hive holds its vapour: share of the acid that settles inside, for one deep opened
 * after ten minutes. A model estimate to compare set-ups by.
 */
public enum HiveShut {
  TIGHT(0.90),
  ENTRANCE_OPEN(0.68),
  LOOSE_TRAY(0.45),
  BARE_MESH(0.20);

  private final double kept;

  HiveShut(double kept) {
    this.kept = kept;
  }

  /** Share of the acid kept, a fraction. */
  public double kept() {
    return kept;
  }
}
