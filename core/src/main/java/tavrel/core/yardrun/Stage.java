package tavrel.core.yardrun;

/** Where a hive stands in a run. */
public enum Stage {
  /** Nothing has happened yet. */
  WAITING,
  /** Shut and ready for the tool. */
  PREPARED,
  /** A load is burning in it. */
  BURNING,
  /** A load has burned; the tool is still in. */
  BURNT,
  /** Tool out, hive shut, the seal period runs. */
  SEALED,
  /** A burn was stopped before its end; the hive is still shut. */
  STOPPED,
  /** Open again: done. */
  OPEN,
  /** Left out with a reason: done. */
  SKIPPED;

  /** Whether the bees are shut in by the treatment. */
  public boolean isShut() {
    return this == PREPARED
        || this == BURNING
        || this == BURNT
        || this == SEALED
        || this == STOPPED;
  }

  /** Whether nothing is left to do. */
  public boolean isDone() {
    return this == OPEN || this == SKIPPED;
  }
}
