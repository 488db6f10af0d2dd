package tavrel.core.dose;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.brood.BroodState;

/**
 * What is on record of one hive on the day of a round.
 *
 * @param last day of the latest vapour treatment, or null
 * @param thisYear how many vapour treatments in the calendar year of the round
 * @param roundOfSeries which round of its series this is, from 1, or null outside a series
 * @param brood what the brood clock says of that day, or null where nothing is on record
 * @param supersGoOn the day on which supers usually go on next there, or null
 */
public record OnRecord(
    @Nullable LocalDate last,
    int thisYear,
    @Nullable Integer roundOfSeries,
    @Nullable BroodState brood,
    @Nullable LocalDate supersGoOn) {

  /** A hive of which nothing is known. */
  public static final OnRecord NONE = new OnRecord(null, 0, null, null, null);
}
