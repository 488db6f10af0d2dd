package tavrel.core.hive;

/** The cover below the roof. */
public enum InnerCover {
  CLOSED("closed"),
  HOLE_OPEN("hole open");

  private final String words;

  InnerCover(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
