package tavrel.core.brood;

/** Capped brood as a look inside finds it. */
public enum Capped {
  NONE("nothing capped"),
  FEW_CELLS("a few cells capped"),
  FRAMES("frames capped");

  private final String words;

  Capped(String words) {
    this.words = words;
  }

  /** How it is marked on screen. */
  public String words() {
    return words;
  }
}
