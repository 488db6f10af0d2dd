package tavrel.core.dose;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
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

  /**
   * What the days of a hive's treatments come to on a day.
   *
   * @param treated days on which it was treated with oxalic acid, in any order
   * @param day the day of the round; its calendar year is the one that counts
   */
  public static OnRecord of(
      List<LocalDate> treated,
      LocalDate day,
      @Nullable Integer roundOfSeries,
      @Nullable BroodState brood,
      @Nullable LocalDate supersGoOn) {
    return new OnRecord(
        treated.stream().max(Comparator.naturalOrder()).orElse(null),
        (int) treated.stream().filter(each -> each.getYear() == day.getYear()).count(),
        roundOfSeries,
        brood,
        supersGoOn);
  }
}
