package tavrel.core.register;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * When supers for honey may go back on a hive, by the waiting periods of the rule sheets it was
 * treated by.
 *
 * @param from first day on which they may, or null where no sheet names a waiting period
 * @param silent whether a sheet of the treatments looked at names none, so that the label has to be
 *     read
 */
public record HoneyWait(@Nullable LocalDate from, boolean silent) {

  /**
   * A treatment.
   *
   * @param day its day
   * @param waitingDays what its sheet says, or null where that is silent
   */
  public record Given(LocalDate day, @Nullable Integer waitingDays) {}

  /** Reads it from treatments in any order: the longest wait holds, however old. */
  public static HoneyWait after(List<Given> given) {
    LocalDate from =
        given.stream()
            .filter(each -> each.waitingDays() != null)
            .map(each -> each.day().plusDays(Objects.requireNonNull(each.waitingDays())))
            .max(LocalDate::compareTo)
            .orElse(null);
    return new HoneyWait(from, given.stream().anyMatch(each -> each.waitingDays() == null));
  }

  /** Whether supers have to stay off on a day. */
  public boolean waits(LocalDate day) {
    return from != null && day.isBefore(from);
  }
}
