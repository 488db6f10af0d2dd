package tavrel.core.hive;

/** What the boxes are made of. */
public enum Material {
  WOOD("wood"),
  PLASTIC("plastic"),
  FOAM("foam");

  private final String words;

  Material(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** Whether a hot pan may lie in it; on plastic and foam never. */
  public boolean bearsHotPan() {
    return this == WOOD;
  }
}
