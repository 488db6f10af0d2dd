package tavrel.server.reporting.register;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.Worded;

/**
 * Which lines of the register are wanted.
 *
 * @param from first day
 * @param to last day
 * @param apiaryId of this apiary, or of all
 * @param hiveId of this hive, or of all
 * @param only of what kind
 */
record RegisterFilter(
    LocalDate from, LocalDate to, @Nullable UUID apiaryId, @Nullable UUID hiveId, Only only) {

  private static final int FIRST_YEAR = 1990;
  private static final int LAST_YEAR = 2200;

  /** Kinds of lines. */
  public enum Only implements Worded {
    ALL,
    OFF_LABEL,
    CORRECTED,
    TYPED
  }

  /** All days of a year, or of all years. */
  public static RegisterFilter of(
      @Nullable Integer year, @Nullable UUID apiaryId, @Nullable UUID hiveId, Only only) {
    return new RegisterFilter(
        LocalDate.of(year == null ? FIRST_YEAR : checked(year), 1, 1),
        LocalDate.of(year == null ? LAST_YEAR : checked(year), 12, 31),
        apiaryId,
        hiveId,
        only);
  }

  /** Year of the first day. */
  int fromYear() {
    return from.getYear();
  }

  /** Year of the last day. */
  int toYear() {
    return to.getYear();
  }

  /** Whether it holds all years. */
  boolean everyYear() {
    return from.getYear() != to.getYear();
  }

  private static int checked(int year) {
    return (int) InvalidValue.inRange("year", year, FIRST_YEAR, LAST_YEAR, "as a year");
  }
}
