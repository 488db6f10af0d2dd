package tavrel.core.apiaryyear;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.InvalidValue;

/**
 * The dates of an apiary's year, as the keeper knows them.
 *
 * @param layingStops day on which queens here usually stop laying
 * @param layingStarts day on which they usually begin again
 * @param shiftDays how far this winter is off the usual, days; positive is later
 * @param supersOn day on which supers usually go on, or null with the next
 * @param supersOff day on which they are usually off, or null
 * @param winterBees day by which mites should be down, before the winter bees are raised
 */
public record SeasonDates(
    MonthDay layingStops,
    MonthDay layingStarts,
    int shiftDays,
    @Nullable MonthDay supersOn,
    @Nullable MonthDay supersOff,
    MonthDay winterBees) {

  /** The last worker emerges so many days after the last egg. */
  private static final int LAST_EMERGES = 21;

  /** A worker's cell is still open so many days after the first egg. */
  private static final int STILL_OPEN = 8;

  /**
   * @throws InvalidValue if a date is alone where two are needed, or the shift is no season's
   */
  public SeasonDates {
    InvalidValue.inRange("shiftDays", shiftDays, -60, 60, "days");
    if ((supersOn == null) != (supersOff == null)) {
      throw new InvalidValue(
          supersOn == null ? "supersOn" : "supersOff",
          "missingGiveBothOr",
          "is missing; give both or neither");
    }
    if (layingStops.equals(layingStarts)) {
      throw new InvalidValue(
          "layingStarts", "dayOnWhichLaying", "is the day on which laying stops");
    }
  }

  /** What is usual at middle latitudes on a side of the equator; a keeper knows better. */
  public static SeasonDates usual(boolean south) {
    return south
        ? new SeasonDates(
            MonthDay.of(Month.MAY, 10),
            MonthDay.of(Month.JULY, 25),
            0,
            null,
            null,
            MonthDay.of(Month.MARCH, 5))
        : new SeasonDates(
            MonthDay.of(Month.NOVEMBER, 10),
            MonthDay.of(Month.JANUARY, 25),
            0,
            null,
            null,
            MonthDay.of(Month.SEPTEMBER, 5));
  }

  /**
   * The pause in laying that is expected to begin in a year: from the day laying stops to the day
   * before it starts again, shifted.
   */
  public DaySpan pauseOf(int year) {
    LocalDate stops = layingStops.atYear(year);
    LocalDate starts = layingStarts.atYear(layingStarts.isAfter(layingStops) ? year : year + 1);
    // 28 and 29 February are one day in a common year; a pause is a day at least.
    LocalDate begins = starts.isAfter(stops) ? starts : stops.plusDays(1);
    return new DaySpan(stops.plusDays(shiftDays), begins.plusDays(shiftDays - 1L));
  }

  /** Whether a day is expected to lie in the pause in laying. */
  public boolean isPause(LocalDate day) {
    return pauseOf(day.getYear()).contains(day) || pauseOf(day.getYear() - 1).contains(day);
  }

  /**
   * Days on which no worker brood is expected to be capped that a day lies in or that come next:
   * from 21 days after laying stops until 8 days after it starts again. Null where the pause is too
   * short for that. An expectation: a look confirms it.
   */
  public @Nullable DaySpan broodlessAfter(LocalDate day) {
    for (int year = day.getYear() - 2; year <= day.getYear() + 1; year++) {
      DaySpan pause = pauseOf(year);
      LocalDate from = pause.from().plusDays(LAST_EMERGES);
      LocalDate to = pause.to().plusDays(1L + STILL_OPEN);
      if (!to.isBefore(day) && !to.isBefore(from)) {
        return new DaySpan(from, to);
      }
    }
    return null;
  }

  /** Whether supers are usually on that day. */
  public boolean supersOn(LocalDate day) {
    if (supersOn == null || supersOff == null) {
      return false;
    }
    MonthDay now = MonthDay.from(day);
    boolean after = !now.isBefore(supersOn);
    boolean before = now.isBefore(supersOff);
    return supersOn.isBefore(supersOff) ? after && before : after || before;
  }

  /** The days with supers that a day lies in or that come next, or null where none go on. */
  public @Nullable DaySpan supersAfter(LocalDate day) {
    if (supersOn == null || supersOff == null) {
      return null;
    }
    for (int year = day.getYear() - 1; ; year++) {
      LocalDate on = supersOn.atYear(year);
      LocalDate off = supersOff.atYear(supersOff.isAfter(supersOn) ? year : year + 1);
      if (off.isAfter(day)) {
        return new DaySpan(on, off.isAfter(on) ? off.minusDays(1) : on);
      }
    }
  }

  /** The day on which supers usually go on next after a day, or null where none do. */
  public @Nullable LocalDate supersGoOnAfter(LocalDate day) {
    DaySpan with = supersAfter(day);
    return with == null ? null : with.from().isAfter(day) ? with.from() : with.from().plusYears(1);
  }

  /** Bees that emerge so long after laying starts again still are winter bees, days. */
  private static final int WINTER_BEES_AFTER_START = 20;

  /**
   * The beginning of the time in which winter bees emerge, if a day lies in it: from the winter-bee
   * date, that day included, to 20 days after the next start of laying. Null on other days.
   */
  public @Nullable LocalDate winterBeesSince(LocalDate day) {
    for (int year = day.getYear(); year >= day.getYear() - 1; year--) {
      LocalDate since = winterBees.atYear(year);
      if (!since.isAfter(day)) {
        LocalDate starts = layingStarts.atYear(year);
        LocalDate next = starts.isAfter(since) ? starts : layingStarts.atYear(year + 1);
        LocalDate until = next.plusDays(shiftDays + (long) WINTER_BEES_AFTER_START);
        return until.isBefore(day) ? null : since;
      }
    }
    return null;
  }

  /** Dates further apart than this say nothing of how laying falls, days. */
  private static final int FALLS_WITHIN = 150;

  /** Queens that still lay then lay this much at least. */
  private static final double LEAST_LAID = 0.1;

  /**
   * How much a queen that lays is expected to lay on a day, against an ordinary time: laying falls
   * from midsummer on, is half at the winter-bee date, and next to nothing when it stops. A model
   * estimate of our own: a half cosine that begins as long before the winter-bee date as laying
   * stops after it. How it rises in spring is left out.
   *
   * @return 0.1 to 1; 1 all year where laying stops before the winter-bee date, or more than 150
   *     days after it
   */
  public double layingShareOn(LocalDate day) {
    LocalDate half = winterBeesAfter(day.minusDays(FALLS_WITHIN));
    long falls = ChronoUnit.DAYS.between(half, pauseOf(half.getYear()).from());
    if (falls <= 0 || falls > FALLS_WITHIN) {
      return 1;
    }
    if (isPause(day)) {
      return LEAST_LAID;
    }
    double part = (ChronoUnit.DAYS.between(half, day) + falls) / (2.0 * falls);
    return part <= 0 || part >= 1 ? 1 : Math.max(LEAST_LAID, 0.5 + 0.5 * Math.cos(Math.PI * part));
  }

  /** The winter-bee date on or after a day. */
  public LocalDate winterBeesAfter(LocalDate day) {
    LocalDate here = winterBees.atYear(day.getYear());
    return here.isBefore(day) ? winterBees.atYear(day.getYear() + 1) : here;
  }

  /** The day on which laying is expected to start again, on or after a day. */
  public LocalDate layingStartsAfter(LocalDate day) {
    for (int year = day.getYear() - 2; ; year++) {
      LocalDate starts = pauseOf(year).to().plusDays(1);
      if (!starts.isBefore(day)) {
        return starts;
      }
    }
  }
}
