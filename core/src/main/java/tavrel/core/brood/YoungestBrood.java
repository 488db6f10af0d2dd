package tavrel.core.brood;

/** The youngest brood that the queenless part of a split was left with. */
public enum YoungestBrood {
  EGGS("eggs", 0, 0),
  YOUNG_LARVAE("young larvae", 3, 3),
  CAPPED_ONLY("capped brood only", 9, 10),
  NO_BROOD("no brood", 24, 24);

  private final String words;
  private final int workerAge;
  private final int droneAge;

  YoungestBrood(String words, int workerAge, int droneAge) {
    this.words = words;
    this.workerAge = workerAge;
    this.droneAge = droneAge;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** Whether no queen can be raised from it any more. */
  boolean tooOldForAQueen() {
    return this == CAPPED_ONLY || this == NO_BROOD;
  }

  /** Days since the youngest worker brood was laid, at least. */
  int workerAge() {
    return workerAge;
  }

  /** Days since the youngest drone brood was laid, at least. */
  int droneAge() {
    return droneAge;
  }
}
