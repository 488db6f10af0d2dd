package tavrel.core;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * Days in a row, both ends included.
 *
 * @param from first day
 * @param to last day, not before the first
 */
public record DaySpan(LocalDate from, LocalDate to) {

  /**
   * @throws IllegalArgumentException if it ends before it begins
   */
  public DaySpan {
    if (to.isBefore(from)) {
      throw new IllegalArgumentException("a span from " + from + " cannot end on " + to);
    }
  }

  /** Number of days in it. */
  public int days() {
    return (int) ChronoUnit.DAYS.between(from, to) + 1;
  }

  /** Whether a day lies in it. */
  public boolean contains(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }

  /** Whether the two share a day. */
  public boolean meets(DaySpan other) {
    return !to.isBefore(other.from) && !other.to.isBefore(from);
  }
}
