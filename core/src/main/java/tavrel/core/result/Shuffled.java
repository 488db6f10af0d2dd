package tavrel.core.result;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.apache.commons.statistics.distribution.TDistribution;
import org.jspecify.annotations.Nullable;

/**
 * Whether two ways differ by more than chance, by dealing the ways out anew: within each block any
 * arrangement is as likely as the one that was, if the ways do the same. All arrangements where
 * they are few, else drawn from a seed, so that the same counts have the same answer.
 *
 * @param difference weighted mean of one way less the other's within blocks
 * @param low lower end of its 95 % interval, or null where nothing tells how much values scatter
 * @param high upper end, or null likewise
 * @param chance share of arrangements that differ at least as much
 * @param leastChance the same of the most extreme arrangement: what the counts can show at best
 */
record Shuffled(
    double difference,
    @Nullable Double low,
    @Nullable Double high,
    double chance,
    double leastChance) {

  private static final int ALL = 20_000;
  private static final int LEAST_DRAWS = 1_999;
  private static final int MOST_DRAWS = 9_999;
  private static final long WORK = 4_000_000;
  private static final long SEED = 20_261_129;
  private static final double UPPER = 0.975;
  private static final double SAME = 1e-9;

  /** Values of both ways that may change places. */
  static final class Block {

    private final double[] one;
    private final double[] other;

    /**
     * @param one of the one way, at least one
     * @param other of the other, at least one
     */
    Block(double[] one, double[] other) {
      this.one = one.clone();
      this.other = other.clone();
    }

    int size() {
      return one.length + other.length;
    }

    /** How much it tells: nothing without both ways. */
    double weight() {
      return (double) one.length * other.length / size();
    }

    double[] all() {
      double[] all = Arrays.copyOf(one, size());
      System.arraycopy(other, 0, all, one.length, other.length);
      return all;
    }

    /** The difference of means where the one way has this sum of {@code total}. */
    double difference(double sumOfOne, double total) {
      return sumOfOne / one.length - (total - sumOfOne) / other.length;
    }
  }

  /** Deals out; there is at least one block. */
  static Shuffled of(List<Block> blocks) {
    double weights = blocks.stream().mapToDouble(Block::weight).sum();
    double found = 0;
    for (Block block : blocks) {
      found +=
          block.weight()
              / weights
              * block.difference(Arrays.stream(block.one).sum(), sum(block.all()));
    }
    double[] dealt = arrangements(blocks) <= ALL ? all(blocks, weights) : drawn(blocks, weights);
    boolean complete = arrangements(blocks) <= ALL;
    double most = Arrays.stream(dealt).map(Math::abs).max().orElse(0);
    double half = half(blocks, weights);
    return new Shuffled(
        found,
        Double.isNaN(half) ? null : found - half,
        Double.isNaN(half) ? null : found + half,
        share(dealt, Math.abs(found), complete),
        complete ? share(dealt, most, true) : 1.0 / (dealt.length + 1));
  }

  private static double share(double[] dealt, double least, boolean complete) {
    long as = Arrays.stream(dealt).filter(each -> Math.abs(each) >= least - SAME).count();
    return complete ? (double) as / dealt.length : (as + 1.0) / (dealt.length + 1);
  }

  private static double arrangements(List<Block> blocks) {
    double product = 1;
    for (Block block : blocks) {
      double choose = 1;
      for (int i = 1; i <= block.one.length; i++) {
        choose *= (double) (block.size() - block.one.length + i) / i;
      }
      product *= choose;
      if (product > ALL) {
        return Double.POSITIVE_INFINITY;
      }
    }
    return Math.rint(product);
  }

  private static double[] all(List<Block> blocks, double weights) {
    double[] sums = {0};
    for (Block block : blocks) {
      double[] all = block.all();
      double total = sum(all);
      double[] own =
          chosen(all, block.one.length, 0, 0)
              .map(sum -> block.weight() / weights * block.difference(sum, total))
              .toArray();
      double[] next = new double[sums.length * own.length];
      int at = 0;
      for (double before : sums) {
        for (double each : own) {
          next[at++] = before + each;
        }
      }
      sums = next;
    }
    return sums;
  }

  /** Sums of every choice of {@code take} values from {@code from} on. */
  private static DoubleStream chosen(double[] values, int take, int from, double sum) {
    if (take == 0) {
      return DoubleStream.of(sum);
    }
    return IntStream.rangeClosed(from, values.length - take)
        .boxed()
        .flatMapToDouble(i -> chosen(values, take - 1, i + 1, sum + values[i]));
  }

  private static double[] drawn(List<Block> blocks, double weights) {
    int hives = blocks.stream().mapToInt(Block::size).sum();
    int draws = (int) Math.max(LEAST_DRAWS, Math.min(MOST_DRAWS, WORK / hives));
    SplittableRandom random = new SplittableRandom(SEED);
    double[] dealt = new double[draws];
    for (Block block : blocks) {
      double[] all = block.all();
      double total = sum(all);
      double scale = block.weight() / weights;
      for (int draw = 0; draw < draws; draw++) {
        double sum = 0;
        for (int i = 0; i < block.one.length; i++) {
          int other = random.nextInt(i, all.length);
          double taken = all[other];
          all[other] = all[i];
          all[i] = taken;
          sum += taken;
        }
        dealt[draw] += scale * block.difference(sum, total);
      }
    }
    return dealt;
  }

  /** Half the width of the interval, from how values scatter within a block and way. */
  private static double half(List<Block> blocks, double weights) {
    double squares = 0;
    double variance = 0;
    int free = 0;
    for (Block block : blocks) {
      squares += scatter(block.one) + scatter(block.other);
      free += block.size() - 2;
      double share = block.weight() / weights;
      variance += share * share * (1.0 / block.one.length + 1.0 / block.other.length);
    }
    return free < 1
        ? Double.NaN
        : TDistribution.of(free).inverseCumulativeProbability(UPPER)
            * Math.sqrt(variance * squares / free);
  }

  private static double scatter(double[] values) {
    double mean = sum(values) / values.length;
    return Arrays.stream(values).map(value -> (value - mean) * (value - mean)).sum();
  }

  private static double sum(double[] values) {
    return Arrays.stream(values).sum();
  }
}
