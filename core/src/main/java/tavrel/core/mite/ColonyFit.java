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
 * and hive let expect, and inflow is rather small than large. For one kill the model is linear in
 * the other two, so that two runs for each kill do for all.
 */
public final class ColonyFit {

  /** How much boards scatter beyond chance, as a share of what is expected; our estimate. */
  static final double SCATTER = 0.25;

  /** Spread of the kill beforehand, on the logit scale; our estimate. */
  static final double KILL_SPREAD = 0.9;

  /** Half of all colonies have less inflow than this beforehand, mites a day; our estimate. */
  static final double USUAL_INFLOW = 3;

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;
  private static final int STARTS = 90;
  private static final int KILLS = 45;
  private static final double LEAST_START = 0.5;
  private static final double LEAST_KILL = 0.02;
  private static final double MOST_KILL = 0.99;
  private static final double[] INFLOWS = {
    0, 0.5, 1, 1.5, 2, 3, 4, 5, 6.5, 8, 10, 12.5, 15, 18, 22, 27, 33, 40, 50, 62, 78, 100
  };

  /**
   * A figure with the band in which it lies 80 times of 100.
   *
   * @param middle as likely too high as too low
   * @param low lower edge
   * @param high upper edge
   */
  public record Estimate(double middle, double low, double high) {}

  private final MiteModel closed;
  private final MiteModel open;
  private final MiteState unit;
  private final int days;
  private final double bees;
  private final double[] starts = new double[STARTS];
  private final double[] kills = new double[KILLS];
  private final double[][][] weights = new double[KILLS][STARTS][INFLOWS.length];

  /**
   * Fits the model.
   *
   * @param figures the model's figures; their own inflow is not used
   * @param bees adult bees
   * @param unit how one mite on bees divides on the eve, see {@link ColonyLoad#divided}
   * @param flow cells capped from the first day on; as long as anything will be asked for
   * @param rounds days of the rounds that were done
   * @param expectedKill what dose and hive let expect, a fraction
   * @param seen drops and samples, one at least
   * @throws InvalidValue if nothing was seen
   */
  public ColonyFit(
      MiteParameters figures,
      double bees,
      MiteState unit,
      CellFlow flow,
      int[] rounds,
      double expectedKill,
      List<Seen> seen) {
    if (seen.isEmpty()) {
      throw new InvalidValue("seen", "is empty; the model is fitted to counts");
    }
    this.closed = new MiteModel(figures.closed(), bees, flow);
    this.open = new MiteModel(figures.withInflow(1), bees, flow);
    this.unit = unit;
    this.bees = bees;
    this.days = flow.days();
    double step = Math.log(0.6 * bees / LEAST_START) / (STARTS - 1);
    Arrays.setAll(starts, i -> LEAST_START * Math.exp(step * i));
    Arrays.setAll(kills, i -> LEAST_KILL + (MOST_KILL - LEAST_KILL) * i / (KILLS - 1));
    weigh(rounds, expectedKill, seen);
  }

  private void weigh(int[] rounds, double expectedKill, List<Seen> seen) {
    double most = Double.NEGATIVE_INFINITY;
    for (int k = 0; k < KILLS; k++) {
      Part part = new Part(kills[k], rounds);
      for (int s = 0; s < STARTS; s++) {
        for (int f = 0; f < INFLOWS.length; f++) {
          double log = priorKill(kills[k], expectedKill) + priorInflow(f);
          for (Seen each : seen) {
            log += likelihood(each, part, starts[s], INFLOWS[f]);
          }
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

    double killed(int from, int to, double start, double inflow) {
      double sum = 0;
      for (int day = Math.max(0, from); day <= Math.min(days - 1, to); day++) {
        sum += start * ofStart.killed(day) + inflow * ofInflow.killed(day);
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

  private double likelihood(Seen seen, Part part, double start, double inflow) {
    if (seen instanceof Seen.Drop drop) {
      double expected = Math.max(0.05, part.killed(drop.from(), drop.to(), start, inflow));
      double size = 1 / (SCATTER * SCATTER);
      return drop.mites() * Math.log(expected) - (drop.mites() + size) * Math.log(expected + size);
    }
    Seen.Sample sample = (Seen.Sample) seen;
    double share = part.exposed(sample.day(), start, inflow) / bees * sample.recovery();
    double p = Math.max(1e-7, Math.min(0.999_999, share));
    return sample.mites() * Math.log(p) + (sample.bees() - sample.mites()) * Math.log1p(-p);
  }

  private static double priorKill(double kill, double expected) {
    double off = (logit(kill) - logit(Math.max(0.05, Math.min(0.95, expected)))) / KILL_SPREAD;
    return -off * off / 2 - Math.log(kill * (1 - kill));
  }

  /**
   * Much inflow is rare, but not so rare that counts could not show it. Inflows stand closer
   * together where they are small; each counts for the stretch it has.
   */
  private static double priorInflow(int f) {
    double from = f == 0 ? 0 : INFLOWS[f - 1];
    double to = f == INFLOWS.length - 1 ? INFLOWS[f] : INFLOWS[f + 1];
    double scaled = INFLOWS[f] / USUAL_INFLOW;
    return Math.log((to - from) / 2) - Math.log1p(scaled * scaled);
  }

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  /** Mites on bees on the eve of the first day. */
  public Estimate exposed() {
    double[] sums = new double[STARTS];
    each((k, s, f) -> sums[s] += weights[k][s][f]);
    return estimate(starts, sums);
  }

  /** Share of the exposed mites that a round killed. */
  public Estimate kill() {
    double[] sums = new double[KILLS];
    each((k, s, f) -> sums[k] += weights[k][s][f]);
    return estimate(kills, sums);
  }

  /** Mites a day from outside. */
  public Estimate inflow() {
    double[] sums = new double[INFLOWS.length];
    each((k, s, f) -> sums[f] += weights[k][s][f]);
    return estimate(INFLOWS, sums);
  }

  /** Mites in all at the end of a day, with these rounds. */
  public Estimate left(int[] rounds, int day) {
    return over(rounds, (part, start, inflow) -> part.total(day, start, inflow));
  }

  /** Mites a bee that a sample would find at the end of a day, with these rounds, a fraction. */
  public Estimate wash(int[] rounds, int day) {
    return over(rounds, (part, start, inflow) -> part.exposed(day, start, inflow) / bees);
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
          inflow[k] += weight * INFLOWS[f];
        });
    double sum = 0;
    for (int k = 0; k < KILLS; k++) {
      if (all[k] > 1e-9) {
        sum += new Part(kills[k], rounds).exposed(day, start[k], inflow[k]);
      }
    }
    return sum / bees / Arrays.stream(all).sum();
  }

  /** Mites that rounds bring down from one day to another, both included. */
  public Estimate drop(int[] rounds, int from, int to) {
    return over(rounds, (part, start, inflow) -> part.killed(from, to, start, inflow));
  }

  private interface Told {
    double of(Part part, double start, double inflow);
  }

  private Estimate over(int[] rounds, Told told) {
    List<double[]> found = new ArrayList<>();
    for (int k = 0; k < KILLS; k++) {
      Part part = new Part(kills[k], rounds);
      for (int s = 0; s < STARTS; s++) {
        for (int f = 0; f < INFLOWS.length; f++) {
          if (weights[k][s][f] > 1e-9) {
            found.add(new double[] {told.of(part, starts[s], INFLOWS[f]), weights[k][s][f]});
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
        for (int f = 0; f < INFLOWS.length; f++) {
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
    return new Estimate(at.applyAsDouble(0.5), at.applyAsDouble(LOW), at.applyAsDouble(HIGH));
  }
}
