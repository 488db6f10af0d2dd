package tavrel.core.spacing;

import java.time.LocalDate;

/** How a round of a series stands. */
public enum RoundState {
  DONE,
  /** Planned or being run. */
  OPEN,
  /** Its day is today. */
  DUE,
  /** Its day has passed. */
  LATE,
  AHEAD,
  LEFT_OUT;

  /** How a round stands that nobody has planned yet. */
  public static RoundState unplanned(LocalDate day, boolean leftOut, LocalDate today) {
    if (leftOut) {
      return LEFT_OUT;
    }
    int to = day.compareTo(today);
    return to < 0 ? LATE : to == 0 ? DUE : AHEAD;
  }

  /** Whether its day can still be chosen. */
  public boolean isToCome() {
    return switch (this) {
      case DUE, LATE, AHEAD -> true;
      case DONE, OPEN, LEFT_OUT -> false;
    };
  }

  /** Whether somebody still has to go for it, planned or not. */
  public boolean isAwaited() {
    return isToCome() || this == OPEN;
  }

  /** Whether acid was or is being given: nothing can be placed before it any more. */
  public boolean isUnderWayOrDone() {
    return this == DONE || this == OPEN;
  }
}
