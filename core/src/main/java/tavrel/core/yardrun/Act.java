package tavrel.core.yardrun;

import java.util.List;

/** What a person at the row can do next, each one press of a thumb. */
public enum Act {
  START_BURN(Stage.BURNING, EventKind.BURN_STARTED),
  /** A load has ended and another follows; the tool stays in. */
  END_LOAD(Stage.BURNT, EventKind.BURN_ENDED),
  /** The last load has ended, and the tool comes out in the same move. */
  END_BURN(Stage.SEALED, EventKind.BURN_ENDED, EventKind.REMOVED),
  TAKE_OUT(Stage.SEALED, EventKind.REMOVED),
  OPEN(Stage.OPEN, EventKind.OPENED);

  private final Stage leadsTo;
  private final List<EventKind> events;

  Act(Stage leadsTo, EventKind... events) {
    this.leadsTo = leadsTo;
    this.events = List.of(events);
  }

  /** The stage that the hive is in afterwards. */
  public Stage leadsTo() {
    return leadsTo;
  }

  /** The events it puts into the log, all at the same moment. */
  public List<EventKind> events() {
    return events;
  }
}
