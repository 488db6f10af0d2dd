package tavrel.core.due;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.apiaryyear.SeasonLimits;

/**
 * The date by which a colony's mites should be down next, and how far, where the keeper has set
 * nothing else.
 *
 * @param date the day
 * @param target mites a bee that a wash should not find more of then, a fraction
 * @param occasion why then
 */
public record Deadline(LocalDate date, double target, Occasion occasion) {

  /** Why by then. */
  public enum Occasion {
    /** Before the winter bees are raised. */
    WINTER_BEES,
    /** While they are being raised: each day counts, so a round is due at once. */
    RAISING,
    /** Before the queens begin to lay again: the winter round. */
    LAYING_STARTS,
    /** None of them is near enough to reckon with: a few weeks ahead. */
    AHEAD;

    /**
     * Whether what is to be done may wait for the last day that still does: not while winter bees
     * are raised, nor while brood ends and its mites come out onto fewer bees.
     */
    public boolean waits() {
      return this == WINTER_BEES || this == AHEAD;
    }
  }

  /** A date nearer than this leaves no time for a round and a fair wash after it, days. */
  private static final int NEAR = 20;

  /** A date further than this is not reckoned with yet, days. */
  private static final int FAR = 180;

  /** Winter bees are raised for so long from their date on, days. */
  private static final int RAISED = 40;

  /** Some weeks ahead, days. */
  private static final int WEEKS_AHEAD = 45;

  /**
   * The next one.
   *
   * @param today the day there
   * @param dates of the apiary's year
   * @param limits of its seasons
   */
  public static Deadline of(LocalDate today, SeasonDates dates, SeasonLimits limits) {
    double winter = limits.winter() / 100;
    LocalDate winterBees = dates.winterBeesAfter(today);
    long until = ChronoUnit.DAYS.between(today, winterBees);
    LocalDate before = dates.winterBeesAfter(today.minusDays(RAISED));
    if (until < NEAR || !before.isAfter(today)) {
      return ahead(today, limits, Occasion.RAISING);
    }
    if (until <= FAR) {
      return new Deadline(winterBees, winter, Occasion.WINTER_BEES);
    }
    LocalDate laying = dates.layingStartsAfter(today);
    long untilLaying = ChronoUnit.DAYS.between(today, laying);
    if (untilLaying >= NEAR && untilLaying <= FAR) {
      return new Deadline(laying, winter, Occasion.LAYING_STARTS);
    }
    return ahead(today, limits, Occasion.AHEAD);
  }

  private static Deadline ahead(LocalDate today, SeasonLimits limits, Occasion occasion) {
    LocalDate date = today.plusDays(WEEKS_AHEAD);
    return new Deadline(date, limits.on(date).share(), occasion);
  }
}
