package tavrel.core.hive;

/** What is done with the entrance while the vapour is inside. */
public enum Shutting {
  WET_CLOTH("wet cloth in the entrance"),
  LEFT_OPEN("entrance left open");

  private final String words;

  Shutting(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
