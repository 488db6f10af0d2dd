package tavrel.core.count;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.apache.commons.statistics.distribution.TDistribution;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * Mites of a board of which only some squares were counted, drawn at random within each strip: the
 * total is Σ N·x̄, its variance Σ N²·(1 − n ÷ N)·s² ÷ n (stratified sampling without replacement:
 * Cochran, Sampling Techniques, 3rd edition 1977, chapter 5), with Student's t at Σ(n − 1) degrees.
 * The interval never begins below the mites seen, and is never narrower than Poisson's on them.
 *
 * @param strips at least one
 */
public record SquaresCounted(List<Strip> strips) {

  private static final double UPPER = 0.975;
  private static final int MOST_SQUARES = 2_000;
  private static final int MOST_MITES = 5_000;

  /**
   * A strip of the board.
   *
   * @param squares how many it has
   * @param mites on each square that was counted, two at least
   */
  public record Strip(int squares, List<Integer> mites) {

    /**
     * @throws InvalidValue if fewer than two squares were counted, or more than there are
     */
    public Strip {
      mites = List.copyOf(mites);
      InvalidValue.inRange("squares", squares, 2, MOST_SQUARES, "squares in a strip");
      if (mites.size() > squares) {
        throw new InvalidValue(
            "mites",
            "squaresBeyondBoard",
            "are of {counted} squares; the strip has {squares}",
            mites.size(),
            squares);
      }
      if (mites.size() < 2) {
        throw new InvalidValue(
            "mites", "countTwoSquares", "count at least two squares of each strip");
      }
      mites.forEach(each -> InvalidValue.inRange("mites", each, 0, MOST_MITES, "mites"));
    }

    private double mean() {
      return mites.stream().mapToInt(each -> each).average().orElse(0);
    }

    private double variance() {
      double mean = mean();
      return mites.stream().mapToDouble(each -> (each - mean) * (each - mean)).sum()
          / (mites.size() - 1);
    }

    private double varianceOfTotal(int counted) {
      return (double) squares * squares * (1 - (double) counted / squares) * variance() / counted;
    }
  }

  /**
   * What it comes to.
   *
   * @param total mites on the whole board, an estimate
   * @param low lower end of its 95 % interval
   * @param high upper end
   * @param seen mites on the squares counted
   * @param counted squares counted
   * @param squares on the whole board
   * @param toHalve squares to count in all for an interval half as wide; all where fewer do not do
   * @param says that, told
   */
  public record BoardTotal(
      double total,
      double low,
      double high,
      int seen,
      int counted,
      int squares,
      int toHalve,
      Fact says) {}

  /**
   * @throws InvalidValue if there is no strip
   */
  public SquaresCounted {
    strips = List.copyOf(strips);
    InvalidValue.inRange("strips", strips.size(), 1, 40, "strips");
  }

  /** In one line, as {@code 20:3,5,0|20:1,2}: squares of each strip, and mites on those counted. */
  public String written() {
    return strips.stream()
        .map(
            strip ->
                strip.squares
                    + ":"
                    + strip.mites.stream().map(String::valueOf).collect(Collectors.joining(",")))
        .collect(Collectors.joining("|"));
  }

  /** Reads such a line. */
  public static SquaresCounted of(String line) {
    return new SquaresCounted(
        Arrays.stream(line.split("\\|", -1))
            .map(strip -> strip.split("[:,]", -1))
            .map(
                figures ->
                    new Strip(
                        Integer.parseInt(figures[0]),
                        Arrays.stream(figures).skip(1).map(Integer::valueOf).toList()))
            .toList());
  }

  /** Mites on the whole board, the nearest whole number. */
  public int mites() {
    return (int) Math.rint(read().total());
  }

  /** Reads it. */
  public BoardTotal read() {
    int squares = strips.stream().mapToInt(Strip::squares).sum();
    int counted = strips.stream().mapToInt(strip -> strip.mites.size()).sum();
    int seen = strips.stream().flatMap(strip -> strip.mites.stream()).mapToInt(each -> each).sum();
    double total = strips.stream().mapToDouble(strip -> strip.squares * strip.mean()).sum();
    double[] ends = ends(total, seen, counted, squares);
    int toHalve = toHalve(counted, squares, ends[1] - ends[0]);
    Fact says =
        (toHalve >= squares && counted < squares
                ? Fact.of("sampling.squaresAll")
                : Fact.of("sampling.squares").figure("toHalve", toHalve))
            .figure("total", Math.rint(total))
            .figure("low", Math.rint(ends[0]))
            .figure("high", Math.rint(ends[1]))
            .count("seen", seen, "mite")
            .figure("counted", counted)
            .figure("squares", squares);
    return new BoardTotal(total, ends[0], ends[1], seen, counted, squares, toHalve, says);
  }

  private double[] ends(double total, int seen, int counted, int squares) {
    if (counted == squares) {
      return new double[] {total, total};
    }
    int free = counted - strips.size();
    double variance =
        strips.stream().mapToDouble(strip -> strip.varianceOfTotal(strip.mites.size())).sum();
    double half = TDistribution.of(free).inverseCumulativeProbability(UPPER) * Math.sqrt(variance);
    double rest = 1 - (double) counted / squares;
    double unseen = total - seen;
    double least =
        seen == 0 ? 0 : GammaDistribution.of(seen, 1).inverseCumulativeProbability(0.025);
    double most = GammaDistribution.of(seen + 1.0, 1).inverseCumulativeProbability(UPPER);
    // Poisson's interval on what was seen, for the part that was not: what was seen is no guess.
    double scale = rest * squares / counted;
    double low = Math.min(total - half, seen + Math.min(unseen, scale * least));
    double high = Math.max(total + half, seen + scale * most);
    return new double[] {Math.max(seen, low), high};
  }

  /** Squares in all for half the width, as many more in each strip: they run out. */
  private int toHalve(int counted, int squares, double width) {
    double now = scatter(counted, counted);
    if (counted == squares || width == 0) {
      return counted;
    }
    for (int wanted = counted; wanted < squares; wanted++) {
      if (now > 0 && scatter(counted, wanted) <= now / 2) {
        return wanted;
      }
      double rest = (1 - (double) wanted / squares) / (1 - (double) counted / squares);
      if (now == 0 && Math.sqrt(rest * counted / wanted) <= 0.5) {
        return wanted;
      }
    }
    return squares;
  }

  /** Standard deviation of the total if squares were counted in the same parts. */
  private double scatter(int counted, int wanted) {
    return Math.sqrt(
        strips.stream()
            .mapToDouble(
                strip ->
                    strip.varianceOfTotal(
                        Math.min(
                            strip.squares,
                            (int) Math.round((double) strip.mites.size() * wanted / counted))))
            .sum());
  }
}
