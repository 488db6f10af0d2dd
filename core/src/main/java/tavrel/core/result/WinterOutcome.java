package tavrel.core.result;

/** How a hive came through a winter. */
public enum WinterOutcome {
  STRONG("alive, strong", true),
  WEAK("alive, weak", true),
  DEAD("dead", false),
  GONE("sold, given or united", false);

  private final String words;
  private final boolean survived;

  WinterOutcome(String words, boolean survived) {
    this.words = words;
    this.survived = survived;
  }

  /** How it is named on screen. */
  public String words() {
    return words;
  }

  /** Whether it lived. */
  public boolean survived() {
    return survived;
  }

  /** Whether it says anything of the winter: a hive that left before does not. */
  public boolean counts() {
    return this != GONE;
  }
}
