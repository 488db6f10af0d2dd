package tavrel.server.hive;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiary;

/**
 * A hive and where it stands, or stood last.
 *
 * @param hive the hive
 * @param apiary its apiary
 * @param endedOn first day on which it was no more, or null while it lives
 */
public record HiveAt(Hive hive, Apiary apiary, @Nullable LocalDate endedOn) {

  /**
   * Refuses a day on which it did not live: before it stood here, or after it had ended.
   *
   * @param field what the day was given as
   * @throws InvalidValue naming what is known
   */
  public void refuseOutside(String field, LocalDate day) {
    hive.refuseBefore(field, day);
    refuseAfterEnd(field, day);
  }

  /**
   * Refuses a day after its end, whose day is its last.
   *
   * @param field what the day was given as
   * @throws InvalidValue naming the day on which it ended
   */
  public void refuseAfterEnd(String field, LocalDate day) {
    if (endedOn != null && day.isAfter(endedOn)) {
      throw new InvalidValue(
          field,
          "tooLateHasEnded",
          "{day} is too late: {hive} ended on {ended}",
          day,
          hive.name(),
          endedOn);
    }
  }
}
