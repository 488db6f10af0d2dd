package tavrel.core.count;

/** What a keeper decides for a hive after a count. */
public enum Choice {
  TREAT,
  /** Left untreated, with a reason. */
  LEAVE,
  /** Count again before deciding. */
  WATCH
}
