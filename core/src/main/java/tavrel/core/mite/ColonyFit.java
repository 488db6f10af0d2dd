package tavrel.core.mite;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import tavrel.core.InvalidValue;

/**
 * The model fitted to one colony's own drops and samples: mites on bees at the start, share of them
 * that a round kills, and mites that come in from outside. A model estimate.
 *
 * <p>Every combination on a grid is weighed by how well it foretells what was counted (samples
 * binomial; drops negative binomial, since boards scatter more than chance alone) and by what is
 * known beforehand: any number of mites is as likely as its double, the kill lies around what dose
 * and hive let expect, half of all colonies have no inflow and the others rather little, and a
 * board catches about four fifths of what falls. For one kill the model is linear in start and
 * inflow, so that two runs for each kill do for all.
 */
public final class ColonyFit {

  /** How much boards scatter beyond chance, as a share of what is expected; our estimate. */
  static final double SCATTER = 0.25;

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;
  private static final int STARTS = 50;
  private static final int KILLS = 33;
  private static final double LEAST_START = 0.5;
  private static final double LEAST_KILL = 0.02;
  private static final double MOST_KILL = 0.99;

  /**
   * Share of what falls that a board catches, with what is thought of each beforehand: 0.6 to 1.
   */
  private static final double[] CATCHES = {0.55, 0.65, 0.75, 0.85, 0.95};

  private static final double[] CATCH_WEIGHTS = {0.16, 0.22, 0.24, 0.22, 0.16};

  /** A kill whose band is wider than this is not told. */
  private static final double KILL_TOLD = 0.5;

  /** A number of mites whose upper edge is so many times its lower one is not told. */
  private static final double START_TOLD = 8;

  /** An inflow that may be none and may be more than this is not told, mites a day. */
  private static final double INFLOW_TOLD = 8;

  /**
   * A figure with the band in which it lies 80 times of 100.
   *
   * @param middle as likely too high as too low
   * @param low lower edge
   * @param high upper edge
   * @param tells whether the counts tell it: a band that is wide beyond use says "cannot tell"
   */
  public record Estimate(double middle, double low, double high, boolean tells) {}

  private final MiteModel closed;
  private final MiteModel open;
  private final MiteState unit;
  private final int days;
  private final Bees bees;
  private final double[] starts = new double[STARTS];
  private final double[] kills = new double[KILLS];
  private final double[][][] weights = new double[KILLS][STARTS][FitPriors.INFLOWS.length];

  /**
   * Fits the model.
   *
   * @param figures the model's figures; their own inflow is not used
   * @param colony its brood and bees from the first day on; as long as anything will be asked for
   * @param unit how one mite on bees divides on the eve, see {@link ColonyLoad#divided}
   * @param rounds days of the rounds that were done
   * @param expectedKill what dose and hive let expect, a fraction
   * @param seen drops and samples, one at least
   * @throws InvalidValue if nothing was seen
   */
  public ColonyFit(
      MiteParameters figures,
      ColonyDays colony,
      MiteState unit,
      int[] rounds,
      double expectedKill,
      List<Seen> seen) {
    if (seen.isEmpty()) {
      throw new InvalidValue(
          "seen", "emptyModelFittedCounts", "is empty; the model is fitted to counts");
    }
    this.closed = colony.model(figures.closed());
    this.open = colony.model(figures.withInflow(1));
    this.unit = unit;
    this.bees = colony.bees();
    this.days = colony.flow().days();
    double step = Math.log(0.6 * bees.seen() / LEAST_START) / (STARTS - 1);
    Arrays.setAll(starts, i -> LEAST_START * Math.exp(step * i));
    Arrays.setAll(kills, i -> LEAST_KILL + (MOST_KILL - LEAST_KILL) * i / (KILLS - 1));
    weigh(rounds, expectedKill, seen);
  }

  private void weigh(int[] rounds, double expectedKill, List<Seen> seen) {
    List<Seen.Sample> samples =
        seen.stream().filter(Seen.Sample.class::isInstance).map(Seen.Sample.class::cast).toList();
    List<Seen.Drop> drops =
        seen.stream().filter(Seen.Drop.class::isInstance).map(Seen.Drop.class::cast).toList();
    double most = Double.NEGATIVE_INFINITY;
    for (int k = 0; k < KILLS; k++) {
      Part part = new Part(kills[k], rounds);
      Falling[] falling = drops.stream().map(part::falling).toArray(Falling[]::new);
      double[] killed = new double[falling.length];
      double[] alone = new double[falling.length];
      for (int s = 0; s < STARTS; s++) {
        for (int f = 0; f < FitPriors.INFLOWS.length; f++) {
          double log = FitPriors.kill(kills[k], expectedKill) + FitPriors.inflow(f);
          for (Seen.Sample each : samples) {
            log += likelihood(each, part, starts[s], FitPriors.INFLOWS[f]);
          }
          for (int i = 0; i < falling.length; i++) {
            killed[i] = falling[i].killed(starts[s], FitPriors.INFLOWS[f]);
            alone[i] = falling[i].alone(starts[s], FitPriors.INFLOWS[f]);
          }
          log += onBoards(drops, killed, alone);
          weights[k][s][f] = log;
          most = Math.max(most, log);
        }
      }
    }
    for (double[][] ofKill : weights) {
      for (double[] ofStart : ofKill) {
        for (int f = 0; f < ofStart.length; f++) {
          ofStart[f] = Math.exp(ofStart[f] - most);
        }
      }
    }
  }

  /** Boards of one colony catch alike, whatever share that is: all shares are weighed. */
  private static double onBoards(List<Seen.Drop> drops, double[] killed, double[] alone) {
    if (drops.isEmpty()) {
      return 0;
    }
    double best = Double.NEGATIVE_INFINITY;
    double[] logs = new double[CATCHES.length];
    for (int c = 0; c < CATCHES.length; c++) {
      double log = Math.log(CATCH_WEIGHTS[c]);
      for (int i = 0; i < killed.length; i++) {
        log += likelihood(drops.get(i).mites(), CATCHES[c] * killed[i] + alone[i]);
      }
      logs[c] = log;
      best = Math.max(best, log);
    }
    double sum = 0;
    for (double log : logs) {
      sum += Math.exp(log - best);
    }
    return best + Math.log(sum);
  }

  /**
   * How the days run with one kill: what a mite at the start adds, and a mite a day from outside.
   */
  private final class Part {

    private final MiteRun ofStart;
    private final MiteRun ofInflow;

    Part(double kill, int[] rounds) {
      double[] byDay = Dose.byDay(kill, rounds, days);
      ofStart = closed.run(unit, byDay, 0, days);
      ofInflow = open.run(MiteState.onBees(0), byDay, 0, days);
    }

    Falling falling(Seen.Drop drop) {
      int then = Math.max(0, Math.min(days - 1, drop.to()));
      return new Falling(
          killed(ofStart, drop.from(), drop.to()),
          killed(ofInflow, drop.from(), drop.to()),
          ofStart.total(then) / unit.total(),
          ofInflow.total(then) / unit.total(),
          drop.natural());
    }

    private double killed(MiteRun run, int from, int to) {
      double sum = 0;
      for (int day = Math.max(0, from); day <= Math.min(days - 1, to); day++) {
        sum += run.killed(day);
      }
      return sum;
    }

    double exposed(int day, double start, double inflow) {
      return day < 0 ? start : start * ofStart.exposed(day) + inflow * ofInflow.exposed(day);
    }

    double total(int day, double start, double inflow) {
      return start * ofStart.total(day) + inflow * ofInflow.total(day);
    }
  }

  /**
   * What falls while a board lies, as a mite at the start and a mite a day from outside add to it.
   *
   * @param ofStart killed, for each mite on bees at the start
   * @param ofInflow killed, for each mite a day from outside
   * @param left mites in all then ÷ mites in all at the start, by those at the start
   * @param come mites in all from outside then ÷ mites in all at the start, for one on bees
   * @param natural would fall by themselves with as many mites as at the start
   */
  private record Falling(
      double ofStart, double ofInflow, double left, double come, double natural) {

    double killed(double start, double inflow) {
      return start * ofStart + inflow * ofInflow;
    }

    /** What falls by itself goes with the mites that are there; the board's catch is in it. */
    double alone(double start, double inflow) {
      return natural * (left + inflow * come / start);
    }
  }

  /** Negative binomial: chance and what else makes boards differ. */
  private static double likelihood(double mites, double fell) {
    double expected = Math.max(0.05, fell);
    double size = 1 / (SCATTER * SCATTER);
    return mites * Math.log(expected) - (mites + size) * Math.log(expected + size);
  }

  private double likelihood(Seen.Sample sample, Part part, double start, double inflow) {
    double share =
        part.exposed(sample.day(), start, inflow) / bees.on(sample.day()) * sample.recovery();
    double p = Math.max(1e-7, Math.min(0.999_999, share));
    return sample.mites() * Math.log(p) + (sample.bees() - sample.mites()) * Math.log1p(-p);
  }

  /** Mites on bees on the eve of the first day. */
  public Estimate exposed() {
    double[] sums = new double[STARTS];
    each((k, s, f) -> sums[s] += weights[k][s][f]);
    Estimate found = estimate(starts, sums);
    return told(found, found.high() <= START_TOLD * found.low());
  }

  /** Share of the exposed mites that a round killed. */
  public Estimate kill() {
    Estimate found = estimate(kills, killSums());
    return told(found, found.high() - found.low() <= KILL_TOLD);
  }

  /** Mites a day from outside. */
  public Estimate inflow() {
    Estimate found = estimate(FitPriors.INFLOWS, inflowSums());
    return told(found, found.low() > 0 || found.high() <= INFLOW_TOLD);
  }

  /** How sure it is that a round killed less than a share of the exposed mites, 0 to 1. */
  public double sureKillBelow(double share) {
    return below(kills, killSums(), share);
  }

  /** How sure it is that more mites come in than so many a day, 0 to 1. */
  public double sureInflowAbove(double mitesADay) {
    return 1 - below(FitPriors.INFLOWS, inflowSums(), mitesADay);
  }

  private double[] killSums() {
    double[] sums = new double[KILLS];
    each((k, s, f) -> sums[k] += weights[k][s][f]);
    return sums;
  }

  private double[] inflowSums() {
    double[] sums = new double[FitPriors.INFLOWS.length];
    each((k, s, f) -> sums[f] += weights[k][s][f]);
    return sums;
  }

  private static double below(double[] values, double[] sums, double limit) {
    double below = 0;
    for (int i = 0; i < values.length; i++) {
      below += values[i] <= limit ? sums[i] : 0;
    }
    return below / Arrays.stream(sums).sum();
  }

  private static Estimate told(Estimate found, boolean tells) {
    return new Estimate(found.middle(), found.low(), found.high(), tells);
  }

  /** Mites in all at the end of a day, with these rounds. */
  public Estimate left(int[] rounds, int day) {
    return over(rounds, (part, start, inflow) -> part.total(day, start, inflow));
  }

  /** Mites a bee that a sample would find at the end of a day, with these rounds, a fraction. */
  public Estimate wash(int[] rounds, int day) {
    return over(rounds, (part, start, inflow) -> part.exposed(day, start, inflow) / bees.on(day));
  }

  /**
   * The mean of {@link #wash} without its band: a hundredth of the work, for going through many
   * plans.
   */
  public double meanWash(int[] rounds, int day) {
    double[] all = new double[KILLS];
    double[] start = new double[KILLS];
    double[] inflow = new double[KILLS];
    each(
        (k, s, f) -> {
          double weight = weights[k][s][f];
          all[k] += weight;
          start[k] += weight * starts[s];
          inflow[k] += weight * FitPriors.INFLOWS[f];
        });
    double sum = 0;
    for (int k = 0; k < KILLS; k++) {
      if (all[k] > 1e-9) {
        sum += new Part(kills[k], rounds).exposed(day, start[k], inflow[k]);
      }
    }
    return sum / bees.on(day) / Arrays.stream(all).sum();
  }

  private interface Told {
    double of(Part part, double start, double inflow);
  }

  private Estimate over(int[] rounds, Told told) {
    List<double[]> found = new ArrayList<>();
    for (int k = 0; k < KILLS; k++) {
      Part part = new Part(kills[k], rounds);
      for (int s = 0; s < STARTS; s++) {
        for (int f = 0; f < FitPriors.INFLOWS.length; f++) {
          if (weights[k][s][f] > 1e-9) {
            found.add(
                new double[] {told.of(part, starts[s], FitPriors.INFLOWS[f]), weights[k][s][f]});
          }
        }
      }
    }
    found.sort((one, other) -> Double.compare(one[0], other[0]));
    return estimate(
        found.stream().mapToDouble(each -> each[0]).toArray(),
        found.stream().mapToDouble(each -> each[1]).toArray());
  }

  private interface Cell {
    void at(int k, int s, int f);
  }

  private static void each(Cell cell) {
    for (int k = 0; k < KILLS; k++) {
      for (int s = 0; s < STARTS; s++) {
        for (int f = 0; f < FitPriors.INFLOWS.length; f++) {
          cell.at(k, s, f);
        }
      }
    }
  }

  /** Middle and edges of values that ascend, each with its weight. */
  private static Estimate estimate(double[] values, double[] sums) {
    double all = Arrays.stream(sums).sum();
    ToDoubleFunction<Double> at =
        share -> {
          double sum = 0;
          for (int i = 0; i < values.length; i++) {
            sum += sums[i];
            if (sum >= share * all) {
              return values[i];
            }
          }
          return values[values.length - 1];
        };
    return new Estimate(at.applyAsDouble(0.5), at.applyAsDouble(LOW), at.applyAsDouble(HIGH), true);
  }
}
