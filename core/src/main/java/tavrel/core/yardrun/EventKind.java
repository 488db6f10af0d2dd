package tavrel.core.yardrun;

/** What can happen to a hive in a run, in the order in which a treatment goes. */
public enum EventKind {
  /** Shut, tray in, entrance reduced. */
  PREPARED,
  /** A pan was loaded cold, before it goes in. */
  LOADED,
  /** A load's burn has begun. */
  BURN_STARTED,
  /** The acid was let onto the bowl. */
  RELEASED,
  /** The load is gone. */
  BURN_ENDED,
  /** Nozzle or pan is out and the hole shut: the seal period begins. */
  REMOVED,
  /** Entrance shut again, where that is a step of its own. */
  SEALED,
  /** Open again. */
  OPENED,
  /** Left out of this round, with a reason. */
  SKIPPED,
  /** A burn was stopped before its end, with a reason. */
  ABORTED,
  /** Vapour was seen leaving. */
  LEAK_SEEN,
  /** Acid or dirt was left in the tool. */
  RESIDUE,
  /** Anything worth writing down. */
  NOTE,
  /** An earlier event was a mistake. */
  UNDONE;

  /** Whether it moves the hive on, rather than only marking something seen. */
  public boolean isStep() {
    return switch (this) {
      case PREPARED, LOADED, BURN_STARTED, BURN_ENDED, REMOVED, SEALED, OPENED, SKIPPED, ABORTED ->
          true;
      case RELEASED, LEAK_SEEN, RESIDUE, NOTE, UNDONE -> false;
    };
  }
}
