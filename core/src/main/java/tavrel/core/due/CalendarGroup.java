package tavrel.core.due;

import java.time.Duration;
import java.util.Optional;

/** Groups of what needs somebody, as a calendar parts and rings them. */
public enum CalendarGroup {
  /** Rounds that are agreed. */
  ROUNDS,
  /** Last days to begin, series that fall short, and what the label sets against a plan. */
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
          case FALLS_SHORT, BEGIN_BY, OVER_LABEL, HONEY_WAIT -> LATEST_STARTS;
          case WINDOW_CLOSES, WINDOW_OPENS, LOOK_DUE -> WINDOWS;
          case BOARDS_TO_READ, RECOUNT_DUE, COUNT_DUE, NEIGHBOUR, TAKE_OUT -> COUNTS;
          case DANGER, ABOVE_UNPLANNED, OUT_OF_REACH, UNSEEN -> null;
        });
  }

  /** Rounds ring on the eve at six in the evening: trays, entrances, packs. */
  private static final Duration ON_THE_EVE = Duration.ofHours(-6);

  /** All else, and a round that is late, rings on its day at seven in the morning. */
  private static final Duration IN_THE_MORNING = Duration.ofHours(7);

  /**
   * When an entry of the group rings.
   *
   * @param isLate whether its own day has passed and it stands on today
   * @return from the beginning of the day on which it stands, by the clock of who reads
   */
  public Duration rings(boolean isLate) {
    return this == ROUNDS && !isLate ? ON_THE_EVE : IN_THE_MORNING;
  }

  /** Whether it is the keeper's to decide, and no work at a yard. */
  public boolean isKeepers() {
    return this == LATEST_STARTS;
  }
}
