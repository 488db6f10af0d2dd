package tavrel.core.ready;

/**
 * One thing to do at a hive before its burn.
 *
 * @param kind what sort of thing
 * @param words told to the one who does it
 */
public record Task(Kind kind, String words) {

  /**
   * Sorts of things to do, in the order in which they are done, with our own round figures for how
   * long each takes. What is done as the burn starts takes no time of its own.
   */
  public enum Kind {
    SUPERS(120),
    FLOOR(30),
    INNER_COVER(45),
    CRACKS(40),
    LIFT(90),
    MOVE_TO_PLAIN_FLOOR(300),
    NOZZLE(0),
    ENTRANCE(0);

    private final int seconds;

    Kind(int seconds) {
      this.seconds = seconds;
    }

    /** How long it usually takes, s. */
    public int seconds() {
      return seconds;
    }
  }
}
