package tavrel.core.due;

/** Kinds of tasks, most pressing first: colonies in danger, then what has a day, then habits. */
public enum DueTaskKind {
  /** Counts beyond which a colony may not live, whatever is planned. */
  DANGER,
  /** Counts above the limit, and nothing planned. */
  ABOVE_UNPLANNED,
  /** An agreed round whose day has gone by. */
  ROUND_LATE,
  /** An agreed round of today. */
  ROUND_DUE,
  /**
   * The day of an agreed round, today's or tomorrow's, has no hour left that is worth working in.
   */
  HOURS_GONE,
  /** Strips, pads or trays whose time in the hive is over. */
  TAKE_OUT,
  /** More rounds of this year are agreed than the label leaves. */
  OVER_LABEL,
  /** Honey that waits by the label when supers usually go on. */
  HONEY_WAIT,
  /** Days without capped brood that end soon. */
  WINDOW_CLOSES,
  /** Agreed rounds that do not bring a colony to its target. */
  FALLS_SHORT,
  /** The last day on which a series can begin that does. */
  BEGIN_BY,
  /** Beside a colony that collapses: its mites are carried to the next. */
  NEIGHBOUR,
  /** No series on the label brings a colony to its target; the best that there is. */
  OUT_OF_REACH,
  /** A round of tomorrow: trays, entrances and packs on the eve. */
  MAKE_READY,
  /** Days without capped brood that begin soon. */
  WINDOW_OPENS,
  /** A look inside that settles what can only be expected. */
  LOOK_DUE,
  /** Drop boards that have lain long enough. */
  BOARDS_TO_READ,
  /** A wash that shows whether a series worked. */
  RECOUNT_DUE,
  /** An agreed round of one of the next days. */
  ROUND_AHEAD,
  /** The monthly count. */
  COUNT_DUE,
  /** Hives of which nothing is known for long. */
  UNSEEN;

  /** Whether it comes before everything that has a day. */
  public boolean cannotWait() {
    return this == DANGER || this == ABOVE_UNPLANNED;
  }
}
