package tavrel.core.hive;

/** How the bees come and go. */
public enum Entrance {
  FULL("full width"),
  REDUCED("reduced"),
  LOW("full width, too low for a pan"),
  ROUND_HOLE("round hole");

  private final String words;

  Entrance(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
