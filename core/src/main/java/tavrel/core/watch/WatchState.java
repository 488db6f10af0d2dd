package tavrel.core.watch;

/** What a heated bowl is doing. */
public enum WatchState {
  /** Not hot enough yet: no acid. */
  PREHEATING,
  /** At its set temperature: the acid may go in. */
  READY,
  /** The acid is in: the bowl is being cooled by it. */
  CHARGED,
  /** Most of the acid is gone: the bowl warms again. */
  RECOVERING,
  /** The load is gone. */
  DONE;

  /** Whether acid is in the bowl. */
  public boolean isBurning() {
    return this == CHARGED || this == RECOVERING;
  }
}
