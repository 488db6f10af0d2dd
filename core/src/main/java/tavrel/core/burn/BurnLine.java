package tavrel.core.burn;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * A fit as it is drawn.
 *
 * @param from times at no load
 * @param to times at a load somewhat above the largest tested
 * @param testedFrom smallest load near a tested one, g of product
 * @param testedTo largest load near a tested one, g of product
 * @param says the formula, and what it rests on
 */
public record BurnLine(End from, End to, double testedFrom, double testedTo, Fact says) {

  private static final double ABOVE_LARGEST = 1.35;

  /**
   * One end of the line.
   *
   * @param load grams of product
   * @param seconds fitted, s
   * @param planned with the margin on top, s
   */
  public record End(double load, double seconds, double planned) {

    private static End of(BurnFit fit, double load) {
      double seconds = fit.intercept() + fit.slope() * load;
      return new End(load, seconds, seconds * (1 + fit.marginPercent() / 100));
    }
  }

  /** Draws a fit; one without test burns has no line. */
  public static @Nullable BurnLine of(BurnFit fit) {
    if (fit.smallest() == null || fit.largest() == null) {
      return null;
    }
    return new BurnLine(
        End.of(fit, 0),
        End.of(fit, Math.ceil(ABOVE_LARGEST * fit.largest())),
        BurnFit.TESTED_BELOW * fit.smallest(),
        BurnFit.TESTED_ABOVE * fit.largest(),
        told(fit));
  }

  private static Fact told(BurnFit fit) {
    Fact line =
        fit.r2() != null
            ? Fact.of("burn.line").figure("r2", Math.round(100 * fit.r2()) / 100.0)
            : fit.basis() == BurnFit.Basis.ONE_LOAD
                ? Fact.of("burn.lineFromOneLoad")
                    .share("fixed", BurnFit.FIXED_SHARE)
                    .share("byGrams", 1 - BurnFit.FIXED_SHARE)
                : Fact.of("burn.lineAlone");
    return line.figure("seconds", Math.rint(fit.intercept()))
        .figure("perGram", Math.round(10 * fit.slope()) / 10.0);
  }
}
