package tavrel.core.result;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;

/**
 * A colony mite by mite, whose truth is known: each mite emerges, is killed, dies, enters a cell by
 * chance of its own; boards catch some of what falls. It shares no code with the model that is
 * fitted to its counts.
 */
final class TrueColony {

  private final SplittableRandom random;
  private final IntToDoubleFunction workerCells;
  private final double droneCells;
  private final Deque<Integer> inWorkers = new ArrayDeque<>();
  private final Deque<Integer> inDrones = new ArrayDeque<>();
  private final List<Integer> treatedDrop = new ArrayList<>();
  private final List<Integer> naturalDrop = new ArrayList<>();
  private final List<Double> washShare = new ArrayList<>();
  private double bees;
  private final double beeLife;
  private int mites;

  /**
   * A colony that has lived with its mites for a while.
   *
   * @param workerCells capped a day, by day from −120 on
   */
  TrueColony(
      int mites,
      double bees,
      IntToDoubleFunction workerCells,
      double droneCells,
      SplittableRandom random) {
    this.random = random;
    this.workerCells = workerCells;
    this.droneCells = droneCells;
    this.bees = bees;
    this.beeLife = Math.max(20, Math.min(45, bees / (0.95 * workerCells.applyAsDouble(0))));
    for (int i = 0; i < 12; i++) {
      inWorkers.addLast(0);
    }
    for (int i = 0; i < 14; i++) {
      inDrones.addLast(0);
    }
    this.mites = mites;
  }

  /** Two months untreated, with as many bees as there are: mites find their places. */
  void settle() {
    double standing = bees;
    for (int day = -60; day < 0; day++) {
      pass(day, 0, 0, true);
      bees = standing;
    }
    treatedDrop.clear();
    naturalDrop.clear();
    washShare.clear();
  }

  /**
   * A day passes.
   *
   * @param kill share of the mites on bees that a round kills today; 0 for no round
   * @param inflow mites a day from outside, on the mean
   */
  void pass(int day, double kill, double inflow, boolean quiet) {
    washShare.add(mites / bees);
    int fromWorkers = inWorkers.removeLast();
    int fromDrones = inDrones.removeLast();
    mites += binomial(fromWorkers + fromDrones, 0.8);
    mites += poisson(0.6 * fromWorkers) + poisson(1.4 * fromDrones);
    mites += poisson(inflow);
    int killed = kill > 0 ? binomial(mites, kill) : 0;
    mites -= killed;
    int died = binomial(mites, 0.006);
    mites -= died;
    double gone = 1 - Math.exp(-1 / beeLife);
    bees += 0.95 * workerCells.applyAsDouble(day - 12) * beeLife * gone - bees * gone;
    double worker = 0.56 * workerCells.applyAsDouble(day);
    double drone = 6.49 * droneCells;
    int entering = binomial(mites, 1 - Math.exp(-(worker + drone) / (0.125 * bees)));
    mites -= entering;
    int toWorkers = worker + drone == 0 ? 0 : binomial(entering, worker / (worker + drone));
    inWorkers.addFirst(toWorkers);
    inDrones.addFirst(entering - toWorkers);
    treatedDrop.add(killed);
    naturalDrop.add(died + (quiet ? 0 : binomial(fromWorkers, 0.1)));
  }

  /** Mites killed on the days from one on, before another. */
  int killed(int from, int before) {
    return sum(treatedDrop, from, before);
  }

  /** Mites that died by themselves on these days. */
  int died(int from, int before) {
    return sum(naturalDrop, from, before);
  }

  /** Mites a bee on the morning of a day. */
  double share(int day) {
    return washShare.get(day);
  }

  int onBees() {
    return mites;
  }

  private static int sum(List<Integer> drops, int from, int before) {
    int sum = 0;
    for (int day = Math.max(0, from); day < Math.min(before, drops.size()); day++) {
      sum += drops.get(day);
    }
    return sum;
  }

  int binomial(int n, double p) {
    if (n > 400) {
      double mean = n * p;
      double drawn = mean + Math.sqrt(mean * (1 - p)) * random.nextGaussian();
      return (int) Math.max(0, Math.min(n, Math.round(drawn)));
    }
    int found = 0;
    for (int i = 0; i < n; i++) {
      found += random.nextDouble() < p ? 1 : 0;
    }
    return found;
  }

  int poisson(double mean) {
    if (mean > 200) {
      return (int) Math.max(0, Math.round(mean + Math.sqrt(mean) * random.nextGaussian()));
    }
    double limit = Math.exp(-mean);
    double product = random.nextDouble();
    int found = 0;
    while (product > limit) {
      product *= random.nextDouble();
      found++;
    }
    return found;
  }
}
