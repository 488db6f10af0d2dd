package tavrel.core.apiaryyear;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import tavrel.core.InvalidValue;

/**
 * From which infestation on a keeper treats, through the year of one apiary. Common practice is 2 %
 * in spring, 2 to 3 % in late summer, 1 % for the winter cluster.
 *
 * @param springFrom day on which spring begins
 * @param spring limit from then, percent of bees
 * @param lateSummerFrom day on which late summer begins
 * @param lateSummer limit from then, percent of bees
 * @param winterFrom day on which the winter cluster begins
 * @param winter limit from then, percent of bees
 */
public record SeasonLimits(
    MonthDay springFrom,
    double spring,
    MonthDay lateSummerFrom,
    double lateSummer,
    MonthDay winterFrom,
    double winter) {

  /**
   * A limit with the name of its season.
   *
   * @param season stretch of the year
   * @param percent mites on 100 bees
   */
  public record SeasonLimit(Season season, double percent) {

    /** The limit as a fraction. */
    public double share() {
      return percent / 100;
    }
  }

  /**
   * @throws InvalidValue if a limit is no sensible share, or the seasons do not follow each other
   */
  public SeasonLimits {
    InvalidValue.inRange("spring", spring, 0.1, 20, "% of bees");
    InvalidValue.inRange("lateSummer", lateSummer, 0.1, 20, "% of bees");
    InvalidValue.inRange("winter", winter, 0.1, 20, "% of bees");
    int turns =
        (springFrom.isAfter(lateSummerFrom) ? 1 : 0)
            + (lateSummerFrom.isAfter(winterFrom) ? 1 : 0)
            + (winterFrom.isAfter(springFrom) ? 1 : 0);
    boolean twice =
        springFrom.equals(lateSummerFrom)
            || lateSummerFrom.equals(winterFrom)
            || winterFrom.equals(springFrom);
    if (turns != 1 || twice) {
      throw new InvalidValue(
          "lateSummerFrom",
          "mustComeAfterSpring",
          "must come after spring begins and before winter begins");
    }
  }

  /** What is usual on a side of the equator. */
  public static SeasonLimits usual(boolean south) {
    return south
        ? new SeasonLimits(
            MonthDay.of(Month.SEPTEMBER, 1),
            2,
            MonthDay.of(Month.JANUARY, 10),
            2,
            MonthDay.of(Month.MAY, 1),
            1)
        : new SeasonLimits(
            MonthDay.of(Month.MARCH, 1),
            2,
            MonthDay.of(Month.JULY, 10),
            2,
            MonthDay.of(Month.NOVEMBER, 1),
            1);
  }

  /** The limit that holds on a day. */
  public SeasonLimit on(LocalDate day) {
    MonthDay now = MonthDay.from(day);
    if (within(now, springFrom, lateSummerFrom)) {
      return new SeasonLimit(Season.SPRING, spring);
    }
    return within(now, lateSummerFrom, winterFrom)
        ? new SeasonLimit(Season.LATE_SUMMER, lateSummer)
        : new SeasonLimit(Season.WINTER, winter);
  }

  private static boolean within(MonthDay day, MonthDay from, MonthDay before) {
    boolean afterStart = !day.isBefore(from);
    boolean beforeEnd = day.isBefore(before);
    return from.isBefore(before) ? afterStart && beforeEnd : afterStart || beforeEnd;
  }
}
