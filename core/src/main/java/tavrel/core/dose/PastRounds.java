package tavrel.core.dose;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Vapour treatments of one hive on record.
 *
 * @param last day of the latest, or null
 * @param thisYear how many in the calendar year of the round
 */
public record PastRounds(@Nullable LocalDate last, int thisYear) {

  /** A hive never treated. */
  public static final PastRounds NONE = new PastRounds(null, 0);
}
