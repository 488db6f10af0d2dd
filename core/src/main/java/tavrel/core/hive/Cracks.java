package tavrel.core.hive;

/** Gaps between and in the boxes, by eye; old unplugged ports among them. */
public enum Cracks {
  NONE("none"),
  A_FEW("a few"),
  MANY("many");

  private final String words;

  Cracks(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
