package tavrel.core.burn;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * How long a load burns in one tool, from its test burns. One load tested: scaled, t = t₁·(0.6 +
 * 0.4·g/g₁). Two or more: least squares, t = a + b·g with neither below 0.
 *
 * @param basis what the figure rests on
 * @param intercept a, seconds
 * @param slope b, seconds a gram of product
 * @param r2 coefficient of determination of a line, or null where it says nothing
 * @param smallest smallest load tested, g, or null
 * @param largest largest load tested, g, or null
 * @param points the burns with what the fit makes of them
 * @param marginPercent put on top, %
 */
public record BurnFit(
    Basis basis,
    double intercept,
    double slope,
    @Nullable Double r2,
    @Nullable Double smallest,
    @Nullable Double largest,
    List<BurnPoint> points,
    double marginPercent) {

  /** Of the time of the one load tested so much is taken as fixed. */
  static final double FIXED_SHARE = 0.6;

  /** Down to this share of the smallest load tested a burn time is foretold. */
  static final double TESTED_BELOW = 0.75;

  /** Up to this share of the largest. */
  static final double TESTED_ABOVE = 1.25;

  /** What a burn time rests on. */
  public enum Basis {
    /** Nothing at all. */
    NOTHING,
    /** The keeper's or maker's single figure. */
    OWN_FIGURE,
    /** Test burns of one load. */
    ONE_LOAD,
    /** A line through test burns of two loads or more. */
    LINE
  }

  /**
   * One test burn beside the fit.
   *
   * @param load grams of product
   * @param seconds measured, s
   * @param residual measured less fitted, s
   */
  public record BurnPoint(double load, double seconds, double residual) {}

  /** Fits a tool's burn time to its test burns; without any, to its own figure. */
  public static BurnFit of(Tool tool, List<TestBurn> burns) {
    double margin = tool.marginPercent();
    if (burns.isEmpty()) {
      Integer own = tool.burnSeconds();
      return new BurnFit(
          own == null ? Basis.NOTHING : Basis.OWN_FIGURE,
          own == null ? 0 : own,
          0,
          null,
          null,
          null,
          List.of(),
          margin);
    }
    double smallest = burns.stream().mapToDouble(TestBurn::load).min().orElseThrow();
    double largest = burns.stream().mapToDouble(TestBurn::load).max().orElseThrow();
    double meanSeconds = burns.stream().mapToDouble(TestBurn::seconds).average().orElseThrow();
    if (largest - smallest < 0.05) {
      double load = burns.stream().mapToDouble(TestBurn::load).average().orElseThrow();
      return fitted(
          Basis.ONE_LOAD,
          FIXED_SHARE * meanSeconds,
          (1 - FIXED_SHARE) * meanSeconds / load,
          smallest,
          largest,
          burns,
          margin);
    }
    double meanLoad = burns.stream().mapToDouble(TestBurn::load).average().orElseThrow();
    double xx = 0;
    double xy = 0;
    double squares = 0;
    double products = 0;
    for (TestBurn burn : burns) {
      double dx = burn.load() - meanLoad;
      xx += dx * dx;
      xy += dx * (burn.seconds() - meanSeconds);
      squares += burn.load() * burn.load();
      products += burn.load() * burn.seconds();
    }
    double slope = Math.max(0, xy / xx);
    double intercept = meanSeconds - slope * meanLoad;
    if (intercept < 0) {
      intercept = 0;
      slope = products / squares;
    }
    return fitted(Basis.LINE, intercept, slope, smallest, largest, burns, margin);
  }

  /**
   * Time to plan for one load.
   *
   * @param load grams of product
   * @return null where nothing is known of the tool
   */
  public @Nullable BurnTime time(double load) {
    if (basis == Basis.NOTHING) {
      return null;
    }
    double plain = intercept + slope * load;
    if (basis == Basis.OWN_FIGURE) {
      return BurnTime.of(plain, 0, basis, true, Fact.of("burn.ownFigure"));
    }
    boolean below = smallest != null && load < TESTED_BELOW * smallest;
    boolean above = largest != null && load > TESTED_ABOVE * largest;
    Fact from =
        below
            ? Fact.of("burn.noneSoSmall")
            : above ? Fact.of("burn.noneSoLarge") : Fact.of("burn.fromTests");
    return BurnTime.of(
        plain,
        marginPercent,
        basis,
        below || above,
        from.count("tests", points.size(), "testBurn"));
  }

  private static BurnFit fitted(
      Basis basis,
      double intercept,
      double slope,
      double smallest,
      double largest,
      List<TestBurn> burns,
      double margin) {
    double mean = burns.stream().mapToDouble(TestBurn::seconds).average().orElseThrow();
    List<BurnPoint> points = new ArrayList<>();
    double residuals = 0;
    double total = 0;
    for (TestBurn burn : burns) {
      double residual = burn.seconds() - intercept - slope * burn.load();
      points.add(new BurnPoint(burn.load(), burn.seconds(), residual));
      residuals += residual * residual;
      total += (burn.seconds() - mean) * (burn.seconds() - mean);
    }
    return new BurnFit(
        basis,
        intercept,
        slope,
        basis == Basis.LINE && total > 0 ? 1 - residuals / total : null,
        smallest,
        largest,
        List.copyOf(points),
        margin);
  }
}
