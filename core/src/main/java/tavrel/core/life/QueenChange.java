package tavrel.core.life;

import tavrel.core.Worded;

/** What happened to a hive's queen. */
public enum QueenChange implements Worded {
  /** A queen was given, or the one that is there was written down. */
  GIVEN,
  /** The bees raised a new one. */
  RAISED,
  /** She was lost. */
  LOST,
  /** The hive was found without one. */
  FOUND_WITHOUT
}
