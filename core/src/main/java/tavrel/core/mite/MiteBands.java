package tavrel.core.mite;

import java.util.Arrays;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ChengBetaSampler;
import org.apache.commons.rng.sampling.distribution.ContinuousSampler;
import org.apache.commons.rng.sampling.distribution.LogNormalSampler;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * Where 80 of 100 courses lie when the count and the kill are as unsure as they are: infestation
 * drawn from Beta(m + ½, n − m + ½), D₀ lognormal with σ 0.3, one draw of each a run. Drawn from a
 * seed: the same question has the same answer.
 */
public final class MiteBands {

  /** Runs that a band is made of. */
  public static final int DRAWS = 400;

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;
  private static final double SPREAD = 0.3;
  private static final long SEED = 20_260_511L;

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
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(SEED);
    ContinuousSampler share =
        ChengBetaSampler.of(random, load.mites() + 0.5, load.sampleBees() - load.mites() + 0.5);
    ContinuousSampler scale =
        LogNormalSampler.of(
            ZigguratSampler.NormalizedGaussian.of(random), Math.log(dose.curve().scale()), SPREAD);
    double[][] totals = new double[days][DRAWS];
    double[][] kills = new double[rounds.length][DRAWS];
    double[] atEnd = new double[DRAWS];
    double bees = load.bees(figures);
    for (int draw = 0; draw < DRAWS; draw++) {
      double exposed = Math.min(1, share.sample() / load.recovery()) * bees;
      double kill = dose.killWith(scale.sample());
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
