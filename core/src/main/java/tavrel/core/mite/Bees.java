package tavrel.core.mite;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.BitSet;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;

/**
 * Adult bees of a colony from day to day, either held as they were seen or following the brood:
 * they emerge 12 days after their cells were capped and die at a steady rate, in winter slowly. A
 * model estimate.
 */
public final class Bees {

  private final double seen;
  private final double[] onDay;
  private final boolean drifts;

  private Bees(double seen, double[] onDay, boolean drifts) {
    InvalidValue.inRange("bees", seen, 100, 200_000, "bees in the colony");
    this.seen = seen;
    this.onDay = onDay;
    this.drifts = drifts;
  }

  /** As many on every day. */
  public static Bees held(double bees, int days) {
    double[] onDay = new double[days];
    Arrays.fill(onDay, bees);
    return new Bees(bees, onDay, false);
  }

  /**
   * When bees emerge as winter bees.
   *
   * @param on whether, by day
   * @param share of the bees at the start that are winter bees, 0 to 1
   */
  public record Winter(BitSet on, double share) {

    /** A place or time without any. */
    public static Winter none(int days) {
      return new Winter(new BitSet(days), 0);
    }

    /** By the dates of an apiary's year. */
    public static Winter of(SeasonDates dates, LocalDate from, int days, BeeLife life) {
      BitSet on = new BitSet(days);
      for (int day = 0; day < days; day++) {
        on.set(day, dates.winterBeesSince(from.plusDays(day)) != null);
      }
      LocalDate since = dates.winterBeesSince(from);
      long raised = since == null ? 0 : from.toEpochDay() - since.toEpochDay();
      return new Winter(on, since == null ? 0 : Math.min(1, raised / life.raising()));
    }
  }

  /**
   * Bees that follow the brood.
   *
   * @param seen adult bees on the eve of the first day
   * @param capped worker cells capped each day, from {@value MiteState#WORKER_DAYS} days before the
   *     first day on
   * @param clearedOn day on which capped frames are taken out, or -1
   */
  public static Bees following(
      double seen, double[] capped, int clearedOn, Winter winter, BeeLife life) {
    int before = MiteState.WORKER_DAYS;
    int days = capped.length - before;
    double first = days > 0 ? capped[before] : 0;
    double balance = first == 0 ? life.unseen() : seen / (life.emerging() * first);
    double mean = Math.max(life.shortest(), Math.min(life.longest(), balance));
    double staysSummer = Math.exp(-1 / mean);
    double staysWinter = Math.exp(-1 / life.winterDays());
    double winterBees = seen * winter.share();
    double summerBees = seen - winterBees;
    double[] onDay = new double[days];
    for (int day = 0; day < days; day++) {
      boolean taken = clearedOn >= 0 && day >= clearedOn && day - before < clearedOn;
      double emerging = taken ? 0 : life.emerging() * capped[day];
      boolean inWinter = winter.on().get(day);
      summerBees *= staysSummer;
      winterBees *= inWinter ? staysWinter : staysSummer;
      if (inWinter) {
        winterBees += emerging;
      } else {
        summerBees += emerging * mean * (1 - staysSummer);
      }
      onDay[day] = summerBees + winterBees;
    }
    return new Bees(seen, onDay, first > 0 && mean != balance);
  }

  /** Bees at the end of a day; those seen for any day before the first. */
  public double on(int day) {
    return day < 0 ? seen : onDay[day];
  }

  /** Bees on the eve of the first day. */
  public double seen() {
    return seen;
  }

  /** Number of days. */
  public int days() {
    return onDay.length;
  }

  /**
   * Whether bees and brood as they were seen do not keep each other in balance, so that the number
   * drifts even while laying goes on as it is.
   */
  public boolean drifts() {
    return drifts;
  }
}
