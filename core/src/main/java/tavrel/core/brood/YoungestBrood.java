package tavrel.core.brood;

import tavrel.core.Worded;

/** The youngest brood that the queenless part of a split was left with. */
public enum YoungestBrood implements Worded {
  EGGS(0, 0),
  YOUNG_LARVAE(3, 3),
  CAPPED_ONLY(9, 10),
  NO_BROOD(24, 24);

  private final int workerAge;
  private final int droneAge;

  YoungestBrood(int workerAge, int droneAge) {
    this.workerAge = workerAge;
    this.droneAge = droneAge;
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
