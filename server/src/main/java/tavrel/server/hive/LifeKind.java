package tavrel.server.hive;

import tavrel.core.Worded;

/** What happens to a hive after it has begun. */
public enum LifeKind implements Worded {
  /** It stands in another apiary. */
  MOVED,
  /** It is called otherwise. */
  RENAMED,
  /** Something happened to its queen. */
  QUEEN,
  /** Its bees were put into another hive. */
  UNITED,
  /** It left the outfit. */
  ENDED,
  /** Boxes or supers were put on, taken off or brought from another hive. */
  SET_UP
}
