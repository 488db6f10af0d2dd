package tavrel.server.apiaryyear;

import java.time.MonthDay;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.apiaryyear.SeasonLimits;

/**
 * An apiary's year as it is kept and sent. Days of the year are written {@code --09-05}.
 *
 * @param springFrom see {@link SeasonLimits}
 * @param spring percent of bees
 * @param lateSummerFrom see {@link SeasonLimits}
 * @param lateSummer percent of bees
 * @param winterFrom see {@link SeasonLimits}
 * @param winter percent of bees
 * @param layingStops see {@link SeasonDates}
 * @param layingStarts see {@link SeasonDates}
 * @param shiftDays see {@link SeasonDates}
 * @param supersOn see {@link SeasonDates}
 * @param supersOff see {@link SeasonDates}
 * @param winterBees see {@link SeasonDates}
 * @param rollRecovery share of the mites that a sugar roll finds; 1 unless the keeper knows better
 */
public record ApiarySeason(
    MonthDay springFrom,
    double spring,
    MonthDay lateSummerFrom,
    double lateSummer,
    MonthDay winterFrom,
    double winter,
    MonthDay layingStops,
    MonthDay layingStarts,
    int shiftDays,
    @Nullable MonthDay supersOn,
    @Nullable MonthDay supersOff,
    MonthDay winterBees,
    double rollRecovery) {

  /**
   * @throws InvalidValue if it is no year
   */
  public ApiarySeason {
    new SeasonLimits(springFrom, spring, lateSummerFrom, lateSummer, winterFrom, winter);
    new SeasonDates(layingStops, layingStarts, shiftDays, supersOn, supersOff, winterBees);
    InvalidValue.inRange("rollRecovery", rollRecovery, 0.2, 1, "of the mites");
  }

  /** What is usual on a side of the equator. */
  static ApiarySeason usual(boolean south) {
    SeasonLimits limits = SeasonLimits.usual(south);
    SeasonDates dates = SeasonDates.usual(south);
    return new ApiarySeason(
        limits.springFrom(),
        limits.spring(),
        limits.lateSummerFrom(),
        limits.lateSummer(),
        limits.winterFrom(),
        limits.winter(),
        dates.layingStops(),
        dates.layingStarts(),
        dates.shiftDays(),
        dates.supersOn(),
        dates.supersOff(),
        dates.winterBees(),
        1);
  }

  /** The same with other dates. */
  ApiarySeason with(SeasonDates dates) {
    return new ApiarySeason(
        springFrom,
        spring,
        lateSummerFrom,
        lateSummer,
        winterFrom,
        winter,
        dates.layingStops(),
        dates.layingStarts(),
        dates.shiftDays(),
        dates.supersOn(),
        dates.supersOff(),
        dates.winterBees(),
        rollRecovery);
  }

  /** The limits. */
  public SeasonLimits limits() {
    return new SeasonLimits(springFrom, spring, lateSummerFrom, lateSummer, winterFrom, winter);
  }

  /** The dates. */
  public SeasonDates dates() {
    return new SeasonDates(layingStops, layingStarts, shiftDays, supersOn, supersOff, winterBees);
  }
}
