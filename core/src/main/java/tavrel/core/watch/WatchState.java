package tavrel.core.watch;

/** What a heated bowl is doing. */
public enum WatchState {
  /** Not hot enough yet: no acid. */
  PREHEATING("heating up"),
  /** At its set temperature: the acid may go in. */
  READY("ready"),
  /** The acid is in: the bowl is being cooled by it. */
  CHARGED("acid in"),
  /** Most of the acid is gone: the bowl warms again. */
  RECOVERING("recovering"),
  /** The load is gone. */
  DONE("load gone");

  private final String words;

  WatchState(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** Whether acid is in the bowl. */
  public boolean isBurning() {
    return this == CHARGED || this == RECOVERING;
  }
}
