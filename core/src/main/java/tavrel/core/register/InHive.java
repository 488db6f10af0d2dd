package tavrel.core.register;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What stays in a hive for a time: strips, pads, trays.
 *
 * @param in day on which it was put in
 * @param outBy the last day on which it may be there, by its label
 * @param outOn day on which it was taken out, or null while it is there
 */
public record InHive(LocalDate in, LocalDate outBy, @Nullable LocalDate outOn) {

  /** Nothing stays in longer; a round figure of our own, days. */
  private static final int MOST_DAYS = 180;

  /**
   * @throws InvalidValue at {@code outBy} or {@code outOn} if it comes out before it was in, or
   *     stays for longer than anything does
   */
  public InHive {
    if (!outBy.isAfter(in)) {
      throw new InvalidValue(
          "outBy", "outBeforeIn", "comes out before it was in; name a day after {day}", in);
    }
    if (outBy.isAfter(in.plusDays(MOST_DAYS))) {
      throw new InvalidValue(
          "outBy", "staysInTooLong", "nothing stays in for more than {days} days", MOST_DAYS);
    }
    if (outOn != null && outOn.isBefore(in)) {
      throw new InvalidValue(
          "outOn", "outBeforeIn", "comes out before it was in; name a day after {day}", in);
    }
  }

  /**
   * The same, taken out.
   *
   * @param today the day there
   * @throws InvalidValue if that day has not come, or it was not in yet
   */
  public InHive takenOut(LocalDate on, LocalDate today) {
    if (on.isAfter(today)) {
      throw new InvalidValue(
          "outOn",
          "liesFutureRegisterTells",
          "lies in the future; the register tells what was done");
    }
    return new InHive(in, outBy, on);
  }
}
