package tavrel.core.run;

/** What can happen in a run: to a hive, in the order in which a treatment goes, and to the crew. */
public enum EventKind {
  /** One point of making a hive ready is done; which one stands as the reason. */
  CHECKED,
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
  /** A full pack was put on a tool. */
  PACK_SWAPPED,
  /** Nothing more is burned for now, with a reason; openings go on. */
  PAUSED,
  /** The pause is over. */
  WENT_ON,
  /** What remains waits for another day, with a reason. */
  PUT_OFF,
  /** Somebody breathed in or was touched by acid; what was done stands with it. */
  EXPOSURE,
  /** Somebody was hurt, or something burned; what was done stands with it. */
  ACCIDENT,
  /** An earlier event was a mistake. */
  UNDONE;

  /** Whether it moves the hive on, rather than only marking something seen. */
  public boolean isStep() {
    return switch (this) {
      case PREPARED, LOADED, BURN_STARTED, BURN_ENDED, REMOVED, SEALED, OPENED, SKIPPED, ABORTED ->
          true;
      case CHECKED,
          RELEASED,
          LEAK_SEEN,
          RESIDUE,
          NOTE,
          PACK_SWAPPED,
          PAUSED,
          WENT_ON,
          PUT_OFF,
          EXPOSURE,
          ACCIDENT,
          UNDONE ->
          false;
    };
  }

  /** Whether it concerns the crew or a tool, and no hive. */
  public boolean isOfCrew() {
    return switch (this) {
      case PACK_SWAPPED, PAUSED, WENT_ON, PUT_OFF, EXPOSURE, ACCIDENT -> true;
      default -> false;
    };
  }
}
