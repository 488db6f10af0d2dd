package tavrel.core.run;

/** Where a hive stands in a run. */
public enum Stage {
  /** Nothing has happened yet. */
  WAITING,
  /** Shut and ready for the tool. */
  PREPARED,
  /** The pan is loaded, cold, and ready to slide in. */
  LOADED,
  /** A load is burning in it. */
  BURNING,
  /** A load has burned; the tool is still in. */
  BURNT,
  /** Pan out to cool and be loaded again, hive shut: another load is to come. */
  RELOADING,
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
        || this == RELOADING
        || this == SEALED
        || this == STOPPED;
  }

  /** Whether the tool is in it, or belongs to it until its last load is done. */
  public boolean hasTool() {
    return this == LOADED || this == BURNING || this == BURNT || this == RELOADING;
  }

  /** Whether nothing is left to do. */
  public boolean isDone() {
    return this == OPEN || this == SKIPPED;
  }
}
