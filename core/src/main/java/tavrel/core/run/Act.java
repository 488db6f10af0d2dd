package tavrel.core.run;

import java.util.List;

/** What a person at the row can do next, each one press of a thumb. */
public enum Act {
  /** The hive is shut ahead of the tool. */
  SHUT(Stage.PREPARED, EventKind.PREPARED),
  /** A pan wand's first move: the acid goes onto the cold pan. */
  LOAD_COLD(Stage.LOADED, EventKind.LOADED),
  /** The pan is in, the entrance shut round it, and the current on. */
  CONNECT(Stage.BURNING, EventKind.BURN_STARTED),
  /** The current is off; the pan stays in to cool and finish. */
  DISCONNECT(Stage.BURNT, EventKind.BURN_ENDED),
  /** The pan is out and the entrance shut again, but another load follows. */
  OUT_TO_RELOAD(Stage.RELOADING, EventKind.REMOVED),
  /** The pan is out and the entrance shut again: the seal period begins. */
  OUT_AND_SHUT(Stage.SEALED, EventKind.REMOVED),
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
