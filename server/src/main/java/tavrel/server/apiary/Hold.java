package tavrel.server.apiary;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An order of the authority or a ban on movement that a yard is under.
 *
 * @param id key
 * @param apiaryId the yard
 * @param from first day
 * @param why what was ordered, and by whom
 * @param until first day on which it no longer held, or null while it does
 * @param saidBy who wrote it down
 */
public record Hold(
    UUID id, UUID apiaryId, LocalDate from, String why, @Nullable LocalDate until, String saidBy) {

  /** Whether the yard was held on a day; on the day on which it is lifted it is no longer. */
  public boolean isOn(LocalDate day) {
    return !day.isBefore(from) && (until == null || day.isBefore(until));
  }
}
