package tavrel.server.reporting.yards;

import java.util.List;
import java.util.UUID;

/**
 * Yards to which every list can be narrowed.
 *
 * @param kind what makes them belong together
 * @param name of the group or of the crew; the person's own name where they are his
 * @param apiaryIds the yards, by their names
 */
record YardChoice(Kind kind, String name, List<UUID> apiaryIds) {

  /** What makes yards belong together. */
  enum Kind {
    /** The crews that the person who asks goes with go there. */
    OWN,
    /** A crew goes there. */
    CREW,
    /** The keeper says so. */
    GROUP
  }
}
