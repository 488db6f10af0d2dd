package tavrel.core.burn;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A fit as it is drawn.
 *
 * @param from times at no load
 * @param to times at a load somewhat above the largest tested
 * @param testedFrom smallest load near a tested one, g of product
 * @param testedTo largest load near a tested one, g of product
 * @param says the formula in words, and what it rests on
 */
public record BurnLine(End from, End to, double testedFrom, double testedTo, String says) {

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
        words(fit));
  }

  private static String words(BurnFit fit) {
    String formula =
        String.format(Locale.ROOT, "%.0f s + %.1f s × grams", fit.intercept(), fit.slope());
    if (fit.r2() != null) {
      return formula + String.format(Locale.ROOT, ", R² %.2f", fit.r2());
    }
    return fit.basis() == BurnFit.Basis.ONE_LOAD
        ? formula
            + String.format(
                Locale.ROOT,
                ", scaled from one load: %.1f of it fixed, %.1f by the grams",
                BurnFit.FIXED_SHARE,
                1 - BurnFit.FIXED_SHARE)
        : formula;
  }
}
