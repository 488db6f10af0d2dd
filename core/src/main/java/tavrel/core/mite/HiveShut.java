package tavrel.core.mite;

/**
 * How tight a hive holds its vapour: share of the acid that settles inside, for one deep opened
 * after ten minutes. A model estimate to compare set-ups by.
 */
public enum HiveShut {
  TIGHT("solid floor or tight tray, cloth in the entrance", 0.90),
  ENTRANCE_OPEN("solid floor, entrance left open", 0.68),
  LOOSE_TRAY("mesh floor, loose tray", 0.45),
  BARE_MESH("bare mesh floor", 0.20);

  private final String words;
  private final double kept;

  HiveShut(String words, double kept) {
    this.words = words;
    this.kept = kept;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** Share of the acid kept, a fraction. */
  public double kept() {
    return kept;
  }
}
