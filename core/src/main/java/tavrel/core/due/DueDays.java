package tavrel.core.due;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.apiaryyear.SeasonDates;

/** From which day on something is named among what is due, and by which it should be done. */
public final class DueDays {

  /**
   * Rounds, and strips to take out, are named so many days ahead: time to charge packs and to look
   * at the weather.
   */
  static final int AHEAD = 3;

  /** Mites that were in the brood at the last round have hatched after so many days. */
  static final int RECOUNT_FROM = 14;

  /** After so many, those that have grown since hide what the series did. */
  static final int RECOUNT_TO = 28;

  /** Counts are monthly through the season. */
  static final int MONTH = 30;

  private DueDays() {}

  /**
   * How an agreed round that has not begun stands to today.
   *
   * @return late, due, to make ready on the eve, or ahead; empty while it is further than three
   *     days ahead
   */
  public static Optional<DueTaskKind> ofRound(LocalDate day, LocalDate today) {
    if (day.isBefore(today)) {
      return Optional.of(DueTaskKind.ROUND_LATE);
    }
    if (day.equals(today)) {
      return Optional.of(DueTaskKind.ROUND_DUE);
    }
    if (day.equals(today.plusDays(1))) {
      return Optional.of(DueTaskKind.MAKE_READY);
    }
    return day.isAfter(today.plusDays(AHEAD))
        ? Optional.empty()
        : Optional.of(DueTaskKind.ROUND_AHEAD);
  }

  /**
   * Whether the hours of a round's day are looked at by now: on the day itself and on its eve, when
   * the van is packed.
   */
  public static boolean hoursMatter(DueTaskKind ofRound) {
    return ofRound == DueTaskKind.ROUND_DUE || ofRound == DueTaskKind.MAKE_READY;
  }

  /** Whether strips, pads or trays are named by now that are to be out by a day. */
  public static boolean takeOutIsDue(LocalDate outBy, LocalDate today) {
    return !outBy.isAfter(today.plusDays(AHEAD));
  }

  /** The day supers go on is looked at so far ahead: time to plan other yards, or other means. */
  static final int SUPERS_AHEAD = 28;

  /**
   * The day on which supers would be there while honey waits by the label.
   *
   * @param waitsUntil the first day on which honey of a hive may be taken again
   * @return the day supers usually go on, today where they usually are on; empty where honey waits
   *     no more by then, or that is more than four weeks ahead, or no supers go on there
   */
  public static Optional<LocalDate> supersMeetWait(
      LocalDate waitsUntil, SeasonDates dates, LocalDate today) {
    DaySpan supers = dates.supersAfter(today);
    if (supers == null) {
      return Optional.empty();
    }
    LocalDate on = supers.from().isBefore(today) ? today : supers.from();
    boolean near = !on.isAfter(today.plusDays(SUPERS_AHEAD));
    return near && waitsUntil.isAfter(on) ? Optional.of(on) : Optional.empty();
  }

  /**
   * The first agreed round of a calendar year that its label leaves no room for.
   *
   * @param left rounds that the label leaves this year
   * @param agreed days of agreed rounds
   * @param given days of rounds that were given; an agreed round of such a day is that one
   * @param today the day there
   */
  public static Optional<LocalDate> beyondLabel(
      int left, Collection<LocalDate> agreed, Collection<LocalDate> given, LocalDate today) {
    return agreed.stream()
        .filter(day -> !day.isBefore(today) && day.getYear() == today.getYear())
        .filter(day -> !given.contains(day))
        .distinct()
        .sorted()
        .skip(left)
        .findFirst();
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

  /** Looks inside are named so many days ahead. */
  static final int LOOK_AHEAD = 2;

  /** Whether a look inside is to be named by now; in the pause in laying nobody opens hives. */
  public static boolean lookIsDue(LocalDate look, SeasonDates dates, LocalDate today) {
    return !look.isAfter(today.plusDays(LOOK_AHEAD)) && !dates.isPause(today);
  }

  /** Nothing counted, seen or treated for so long is long, days. */
  static final int LONG = 60;

  /** Mites of a colony that collapses are carried to the next ones for about so long, days. */
  static final int CARRIED = 14;

  /**
   * Whether nothing is known of a hive for long; not in the pause in laying, when nobody opens
   * hives.
   *
   * @param last day on which something was counted, seen or done there, or null
   */
  public static boolean isUnseen(@Nullable LocalDate last, SeasonDates dates, LocalDate today) {
    return (last == null || last.isBefore(today.minusDays(LONG))) && !dates.isPause(today);
  }

  /** A colony that collapsed longer ago presses its neighbours no more, days. */
  static final int CARRIED_ON = 28;

  /** Whether a collapse that was seen on a day still presses those beside it. */
  public static boolean stillPresses(LocalDate collapsed, LocalDate today) {
    return !collapsed.isBefore(collapsesSince(today));
  }

  /** Earlier collapses press nobody any more. */
  public static LocalDate collapsesSince(LocalDate today) {
    return today.minusDays(CARRIED_ON);
  }

  /**
   * The day by which those beside a colony that collapses are to be counted, unless they were
   * since.
   *
   * @param counted day of the count that showed it
   */
  public static LocalDate countNeighbours(LocalDate counted) {
    return counted.plusDays(CARRIED);
  }
}
