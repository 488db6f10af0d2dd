package tavrel.core.brood;

import tavrel.core.Worded;

/** The brood on a frame that was given to a colony, by what was oldest on it. */
public enum GivenBrood implements Worded {
  CAPPED(9, 9, 10, 10),
  LARVAE(3, 8, 3, 9),
  EGGS(0, 3, 0, 3);

  private final int workersFrom;
  private final int workersTo;
  private final int dronesFrom;
  private final int dronesTo;

  GivenBrood(int workersFrom, int workersTo, int dronesFrom, int dronesTo) {
    this.workersFrom = workersFrom;
    this.workersTo = workersTo;
    this.dronesFrom = dronesFrom;
    this.dronesTo = dronesTo;
  }

  /**
   * Days on which its workers can have been laid, if it was given on this epoch day; of capped
   * brood the youngest, which emerges last.
   */
  LaidDays.Span workers(long day) {
    return new LaidDays.Span(day - workersTo, day - workersFrom);
  }

  /** Days on which its drones can have been laid. */
  LaidDays.Span drones(long day) {
    return new LaidDays.Span(day - dronesTo, day - dronesFrom);
  }
}
