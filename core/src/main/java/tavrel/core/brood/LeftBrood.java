package tavrel.core.brood;

import tavrel.core.Worded;

/** What stays behind when frames of capped brood are taken out. */
public enum LeftBrood implements Worded {
  OPEN_LARVAE(8, 9),
  EGGS_ONLY(3, 3),
  NOTHING(0, 0);

  private final int oldestWorker;
  private final int oldestDrone;

  LeftBrood(int oldestWorker, int oldestDrone) {
    this.oldestWorker = oldestWorker;
    this.oldestDrone = oldestDrone;
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
