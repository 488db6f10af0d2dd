package tavrel.core.brood;

/** The brood on a frame that was given to a colony, by what was oldest on it. */
public enum GivenBrood {
  CAPPED("capped brood", 9, 9, 10, 10),
  LARVAE("larvae", 3, 8, 3, 9),
  EGGS("eggs", 0, 3, 0, 3);

  private final String words;
  private final int workersFrom;
  private final int workersTo;
  private final int dronesFrom;
  private final int dronesTo;

  GivenBrood(String words, int workersFrom, int workersTo, int dronesFrom, int dronesTo) {
    this.words = words;
    this.workersFrom = workersFrom;
    this.workersTo = workersTo;
    this.dronesFrom = dronesFrom;
    this.dronesTo = dronesTo;
  }

  /** Its name on screen. */
  public String words() {
    return words;
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
