package tavrel.core.due;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.apiaryyear.SeasonDates;

/** From which day on something is named among what is due, and by which it should be done. */
public final class DueDays {

  /** Rounds are named so many days ahead: time to charge packs and to look at the weather. */
  private static final int AHEAD = 3;

  /** Mites that were in the brood at the last round have hatched after so many days. */
  private static final int RECOUNT_FROM = 14;

  /** After so many, those that have grown since hide what the series did. */
  private static final int RECOUNT_TO = 28;

  /** Counts are monthly through the season. */
  private static final int MONTH = 30;

  private DueDays() {}

  /**
   * How an agreed round that has not begun stands to today.
   *
   * @return late, due or ahead; empty while it is further than three days ahead
   */
  public static Optional<DueTaskKind> ofRound(LocalDate day, LocalDate today) {
    if (day.isBefore(today)) {
      return Optional.of(DueTaskKind.ROUND_LATE);
    }
    if (day.equals(today)) {
      return Optional.of(DueTaskKind.ROUND_DUE);
    }
    return day.isAfter(today.plusDays(AHEAD))
        ? Optional.empty()
        : Optional.of(DueTaskKind.ROUND_AHEAD);
  }

  /** Days on which a wash tells whether a series worked: 14 to 28 after its last round. */
  public static DaySpan recount(LocalDate lastRound) {
    return new DaySpan(lastRound.plusDays(RECOUNT_FROM), lastRound.plusDays(RECOUNT_TO));
  }

  /** The day by which an apiary is to be counted again. */
  public static LocalDate nextCount(LocalDate last) {
    return last.plusDays(MONTH);
  }

  /**
   * Whether an apiary's monthly count is due: not in the pause in laying, when nobody opens hives.
   *
   * @param last day of its latest count, or null where none is on record
   */
  public static boolean countIsDue(@Nullable LocalDate last, SeasonDates dates, LocalDate today) {
    boolean lately = last != null && today.isBefore(nextCount(last));
    return !lately && !dates.isPause(today);
  }
}
