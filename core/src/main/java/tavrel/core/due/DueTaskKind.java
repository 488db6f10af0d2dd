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
  /** Days without capped brood that end soon. */
  WINDOW_CLOSES,
  /** Days without capped brood that begin soon. */
  WINDOW_OPENS,
  /** Drop boards that have lain long enough. */
  BOARDS_TO_READ,
  /** A wash that shows whether a series worked. */
  RECOUNT_DUE,
  /** An agreed round of one of the next days. */
  ROUND_AHEAD,
  /** The monthly count. */
  COUNT_DUE
}
