package tavrel.core.burn;

/** The two families of tools, each with its own order of steps. */
public enum ToolFamily {
  /** Loaded cold, slid in through the entrance, heated in the hive, left in to cool. */
  PAN_WAND("pan wand"),
  /** Heated first; the acid is let onto the hot bowl once the nozzle is in. */
  HEATED_BOWL("heated bowl");

  private final String words;

  ToolFamily(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
