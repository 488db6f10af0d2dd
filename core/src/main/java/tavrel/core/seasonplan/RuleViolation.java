package tavrel.core.seasonplan;

import java.util.UUID;
import tavrel.core.Fact;

/**
 * A rule that bent or broke at a visit.
 *
 * @param seriesId the series
 * @param number which of its rounds
 * @param kind which rule
 * @param broken whether this must not be, or is only not as it was wished
 * @param says what is not as it should be, and why
 */
public record RuleViolation(UUID seriesId, int number, Kind kind, boolean broken, Fact says) {

  /** As grave as its rule is. */
  RuleViolation(UUID seriesId, int number, Kind kind, Fact says) {
    this(seriesId, number, kind, kind.isBroken(), says);
  }

  /** Rules, gravest first. */
  public enum Kind {
    /** It has no place in the plan. */
    MISSED(true),
    GAP_TOO_SHORT(true),
    GAP_TOO_LONG(true),
    CLOSED_DAY(true),
    OUTSIDE_HOURS(true),
    CREW_HOURS(true),
    CREW_BLOCKED(true),
    LABEL_YEAR(true),
    GAP_OFF(false),
    LATE(false),
    BESIDE_BEST(false),
    FAIR_HOURS(false),
    NO_RESERVE(false),
    MOVED(false);

    private final boolean broken;

    Kind(boolean broken) {
      this.broken = broken;
    }

    /** Whether this must not be, or is only not as it was wished. */
    public boolean isBroken() {
      return broken;
    }
  }
}
