package tavrel.core.brood;

/** What stays behind when frames of capped brood are taken out. */
public enum LeftBrood {
  OPEN_LARVAE("open larvae left", 8, 9),
  EGGS_ONLY("only eggs left", 3, 3),
  NOTHING("no brood left", 0, 0);

  private final String words;
  private final int oldestWorker;
  private final int oldestDrone;

  LeftBrood(String words, int oldestWorker, int oldestDrone) {
    this.words = words;
    this.oldestWorker = oldestWorker;
    this.oldestDrone = oldestDrone;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** Days since the oldest worker brood that stays was laid, at most. */
  int oldestWorker() {
    return oldestWorker;
  }

  /** Days since the oldest drone brood that stays was laid, at most. */
  int oldestDrone() {
    return oldestDrone;
  }
}
