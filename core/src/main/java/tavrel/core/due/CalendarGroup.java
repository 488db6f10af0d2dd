package tavrel.core.due;

import java.util.Optional;

/** Groups of what needs somebody, as a calendar parts and rings them. */
public enum CalendarGroup {
  /** Rounds that are agreed. */
  ROUNDS,
  /** Last days to begin, and series that fall short. */
  LATEST_STARTS,
  /** Days without capped brood, and looks inside. */
  WINDOWS,
  /** Boards to read, counts to make, strips to take out. */
  COUNTS;

  /** The group of a kind; empty for what is told at once and not in a calendar. */
  public static Optional<CalendarGroup> of(DueTaskKind kind) {
    return Optional.ofNullable(
        switch (kind) {
          case ROUND_LATE, ROUND_DUE, ROUND_AHEAD, MAKE_READY, HOURS_GONE -> ROUNDS;
          case FALLS_SHORT, BEGIN_BY -> LATEST_STARTS;
          case WINDOW_CLOSES, WINDOW_OPENS, LOOK_DUE -> WINDOWS;
          case BOARDS_TO_READ, RECOUNT_DUE, COUNT_DUE, NEIGHBOUR, TAKE_OUT -> COUNTS;
          case DANGER, ABOVE_UNPLANNED, OUT_OF_REACH, UNSEEN -> null;
        });
  }

  /** Whether it is the keeper's to decide, and no work at a yard. */
  public boolean isKeepers() {
    return this == LATEST_STARTS;
  }
}
