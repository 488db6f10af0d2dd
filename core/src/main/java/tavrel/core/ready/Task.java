package tavrel.core.ready;

/**
 * One thing to do at a hive before its burn.
 *
 * @param kind what sort of thing
 * @param words told to the one who does it
 */
public record Task(Kind kind, String words) {

  /** Sorts of things to do, in the order in which they are done. */
  public enum Kind {
    SUPERS,
    FLOOR,
    INNER_COVER,
    CRACKS,
    LIFT,
    MOVE_TO_PLAIN_FLOOR,
    NOZZLE,
    ENTRANCE
  }
}
