package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.Verdict;

/**
 * Every even series there is: gaps of 3 to 14 days, 1 to 8 rounds, 14 start days.
 *
 * @param options all of them
 * @param front those that no other beats in both visits and mites left, fewest visits first
 */
public record SpacingSearch(List<EvenSeries> options, List<EvenSeries> front) {

  /** Smallest gap looked at, days. */
  public static final int FIRST_GAP = 3;

  /** Largest gap looked at, days. */
  public static final int LAST_GAP = 14;

  /** Most rounds looked at. */
  public static final int ROUNDS = 8;

  /** Start days looked at. */
  public static final int STARTS = 14;

  /**
   * One series.
   *
   * @param start first day
   * @param rounds how many
   * @param gap days between; of no meaning for one round
   * @param left mites in all at the common date
   * @param after mites in all 24 days after the last round
   * @param wash mites a bee that a wash would find at the common date, a fraction
   * @param settled whether the last round lies two weeks before the common date, so that it is fair
   *     to compare
   * @param verdict what the rule sheet says, or null without one
   */
  public record EvenSeries(
      LocalDate start,
      int rounds,
      int gap,
      double left,
      double after,
      double wash,
      boolean settled,
      @Nullable Verdict verdict) {

    /** Its days. */
    public Schedule schedule() {
      return Schedule.every(start, rounds, gap);
    }

    /** Whether the rule sheet lets it be, as far as it speaks of days. */
    public boolean onLabel() {
      return verdict != Verdict.NOT_ON_LABEL;
    }
  }

  /** Looks at all of them. */
  public static SpacingSearch of(Colony colony) {
    return of(colony, 1, ROUNDS, STARTS);
  }

  /** Looks at those with a number of rounds. */
  static SpacingSearch of(Colony colony, int fewest, int most, int starts) {
    int horizon = colony.horizon();
    int days = Math.max(horizon, starts + (most - 1) * LAST_GAP + Colony.AFTER) + 1;
    MiteModel model = colony.model(days);
    MiteState begin = colony.start();
    double kill = colony.dose().kill();
    double[] kills = new double[days];
    double[] left = new double[3];
    List<EvenSeries> options = new ArrayList<>();
    for (int start = 0; start < starts; start++) {
      for (int rounds = fewest; rounds <= most; rounds++) {
        for (int gap = FIRST_GAP; gap <= (rounds == 1 ? FIRST_GAP : LAST_GAP); gap++) {
          int last = start + (rounds - 1) * gap;
          for (int i = 0; i < rounds; i++) {
            kills[start + i * gap] = kill;
          }
          model.left(begin, kills, last + Colony.AFTER, horizon, left);
          for (int i = 0; i < rounds; i++) {
            kills[start + i * gap] = 0;
          }
          LocalDate first = colony.today().plusDays(start);
          Judgement judgement = colony.judge(Schedule.every(first, rounds, gap));
          options.add(
              new EvenSeries(
                  first,
                  rounds,
                  gap,
                  MiteForecast.tenths(left[1]),
                  MiteForecast.tenths(left[0]),
                  left[2] / model.bees().on(horizon),
                  last <= horizon - Colony.SETTLED,
                  judgement == null ? null : judgement.verdict()));
        }
      }
    }
    return new SpacingSearch(List.copyOf(options), front(options));
  }

  private static List<EvenSeries> front(List<EvenSeries> options) {
    List<EvenSeries> front = new ArrayList<>();
    double best = Double.POSITIVE_INFINITY;
    for (int rounds = 1; rounds <= ROUNDS; rounds++) {
      int wanted = rounds;
      EvenSeries fewest =
          options.stream()
              .filter(option -> option.rounds == wanted && option.settled)
              .min(Comparator.comparingDouble(EvenSeries::left))
              .orElse(null);
      if (fewest != null && fewest.left < best) {
        best = fewest.left;
        front.add(fewest);
      }
    }
    return List.copyOf(front);
  }

  /** The options that begin on a day: what each further round and each day of gap buys. */
  public List<EvenSeries> startingOn(LocalDate day) {
    return options.stream().filter(option -> option.start.equals(day)).toList();
  }

  /**
   * The least work that reaches a target and is on the label: fewest visits, then soonest, since
   * mites do harm meanwhile, then fewest mites.
   *
   * @return null where none does
   */
  public @Nullable EvenSeries leastWork(double target) {
    return options.stream()
        .filter(option -> option.settled && option.onLabel() && option.wash <= target)
        .min(
            Comparator.comparingInt(EvenSeries::rounds)
                .thenComparing(EvenSeries::start)
                .thenComparingDouble(EvenSeries::left))
        .orElse(null);
  }

  /** The on-label option that leaves the fewest mites, or null where none is on the label. */
  public @Nullable EvenSeries bestOnLabel() {
    return options.stream()
        .filter(option -> option.settled && option.onLabel())
        .min(Comparator.comparingDouble(EvenSeries::left))
        .orElse(null);
  }

  /** Kept for callers that need the dose's kill by day. */
  static double[] kills(Colony colony, Schedule schedule, int days) {
    return Dose.byDay(colony.dose().kill(), schedule.indexesFrom(colony.today()), days);
  }
}
