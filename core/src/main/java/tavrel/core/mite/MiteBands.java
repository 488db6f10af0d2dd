package tavrel.core.mite;

import java.util.Arrays;

/**
 * Where 80 of 100 courses lie when the count and the kill are as unsure as they are, by {@link
 * MiteDraws}.
 */
public final class MiteBands {

  private static final int DRAWS = MiteDraws.NUMBER;

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  private final double[] low;
  private final double[] high;
  private final double[][] kills;
  private final double[] exposedAtEnd;

  private MiteBands(double[] low, double[] high, double[][] kills, double[] exposedAtEnd) {
    this.low = low;
    this.high = high;
    this.kills = kills;
    this.exposedAtEnd = exposedAtEnd;
  }

  /**
   * Draws the bands.
   *
   * @param model the colony from today on
   * @param unit how one mite on bees today divides, see {@link ColonyLoad#divided}
   * @param load the count
   * @param figures the model's figures
   * @param dose what each round gives
   * @param rounds days of the rounds, ascending
   * @param days how many days to run
   */
  public static MiteBands of(
      MiteModel model,
      MiteState unit,
      ColonyLoad load,
      MiteParameters figures,
      Dose dose,
      int[] rounds,
      int days) {
    MiteDraws draws = MiteDraws.of(load, dose);
    double[][] totals = new double[days][DRAWS];
    double[][] kills = new double[rounds.length][DRAWS];
    double[] atEnd = new double[DRAWS];
    double bees = load.bees(figures);
    for (int draw = 0; draw < DRAWS; draw++) {
      double exposed = draws.share(draw) * bees;
      double kill = draws.kill(draw);
      MiteRun run = model.run(unit.times(exposed), Dose.byDay(kill, rounds, days), 0, days);
      for (int day = 0; day < days; day++) {
        totals[day][draw] = run.total(day);
      }
      for (int i = 0; i < rounds.length; i++) {
        kills[i][draw] = rounds[i] < days ? run.killed(rounds[i]) : 0;
      }
      atEnd[draw] = run.exposed(days - 1);
    }
    double[] low = new double[days];
    double[] high = new double[days];
    for (int day = 0; day < days; day++) {
      Arrays.sort(totals[day]);
      low[day] = at(totals[day], LOW);
      high[day] = at(totals[day], HIGH);
    }
    for (double[] kill : kills) {
      Arrays.sort(kill);
    }
    Arrays.sort(atEnd);
    return new MiteBands(low, high, kills, atEnd);
  }

  /** All mites at the end of a day, lower edge. */
  public double low(int day) {
    return low[day];
  }

  /** All mites at the end of a day, upper edge. */
  public double high(int day) {
    return high[day];
  }

  /** Mites killed by a round, lower edge. */
  public double killLow(int round) {
    return at(kills[round], LOW);
  }

  /** Mites killed by a round, upper edge. */
  public double killHigh(int round) {
    return at(kills[round], HIGH);
  }

  /** Mites on bees at the end of the last day, lower edge. */
  public double exposedLow() {
    return at(exposedAtEnd, LOW);
  }

  /** Mites on bees at the end of the last day, upper edge. */
  public double exposedHigh() {
    return at(exposedAtEnd, HIGH);
  }

  private static double at(double[] sorted, double share) {
    return sorted[(int) Math.round(share * (sorted.length - 1))];
  }
}
