package tavrel.core.apiaryyear;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import tavrel.core.DaySpan;
import tavrel.core.InvalidValue;
import tavrel.core.NumberText;
import tavrel.core.Worded;

/**
 * A stretch of an apiary's year beside its dates.
 *
 * @param id key
 * @param kind what it is
 * @param name what the keeper calls it
 * @param from first day
 * @param to last day
 * @param yearly whether it comes again every year
 */
public record YearBand(
    UUID id, Kind kind, String name, LocalDate from, LocalDate to, boolean yearly) {

  /** What a stretch of the year can be. */
  public enum Kind implements Worded {
    FLOW,
    SUPERS,
    OFF
  }

  private static final int LONGEST = 366;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public YearBand {
    name = InvalidValue.text("name", name, 60);
    if (to.isBefore(from)) {
      throw new InvalidValue(
          "to", "liesBeforeFirstDay", "lies before {from}, the first day", NumberText.day(from));
    }
    if (ChronoUnit.DAYS.between(from, to) >= LONGEST) {
      throw new InvalidValue("to", "moreThanYearAfter", "is more than a year after the first day");
    }
  }

  /** Its days that meet a span, year by year, oldest first. */
  public List<DaySpan> in(DaySpan span) {
    List<DaySpan> found = new ArrayList<>();
    int first = yearly ? span.from().getYear() - from.getYear() - 1 : 0;
    int last = yearly ? span.to().getYear() - from.getYear() : 0;
    for (int years = first; years <= last; years++) {
      DaySpan days = new DaySpan(from.plusYears(years), to.plusYears(years));
      if (days.meets(span)) {
        found.add(days);
      }
    }
    return List.copyOf(found);
  }

  /** The same so many days later. */
  public YearBand later(UUID newId, int days) {
    return new YearBand(newId, kind, name, from.plusDays(days), to.plusDays(days), yearly);
  }

  /**
   * Refuses further supers that meet others, or those of the year's dates: a hive has supers on or
   * off, and two entries for one time would hide when they really come off.
   *
   * @throws InvalidValue at the first day
   */
  public void refuseOverlap(List<YearBand> others, SeasonDates dates) {
    if (kind != Kind.SUPERS) {
      return;
    }
    DaySpan days = new DaySpan(from, to);
    for (YearBand other : others) {
      if (other.kind == Kind.SUPERS && !other.id.equals(id) && !other.in(days).isEmpty()) {
        throw new InvalidValue(
            "from",
            "meetsOtherSupersAt",
            "meets \"{other}\", other supers at the same time; change one",
            other.name);
      }
    }
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      if (dates.supersOn(day)) {
        throw new InvalidValue(
            "from",
            "meetsUsualSupersWhich",
            "meets the usual supers, which are on, on {day}; change one of the two",
            NumberText.day(day));
      }
    }
  }
}
