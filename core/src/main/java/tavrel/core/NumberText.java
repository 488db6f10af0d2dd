package tavrel.core;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How figures are written in sentences: no exponent, no needless zeros, a point for decimals. */
public final class NumberText {

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private NumberText() {}

  /** Up to three decimals: {@code 2}, {@code 0.5}, {@code 2.997}. */
  public static String plain(double value) {
    if (!Double.isFinite(value)) {
      return "not a number";
    }
    BigDecimal rounded =
        BigDecimal.valueOf(value).setScale(3, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }

  /** Exactly two decimals, for grams set beside each other. */
  public static String grams(double value) {
    return BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP).toPlainString();
  }

  /** Exactly one decimal, as a pocket scale shows it. */
  public static String tenths(double value) {
    return BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP).toPlainString();
  }

  /** Minutes and seconds, {@code 4:05}; hours where there are any, {@code 1:02:05}. */
  public static String clock(Duration duration) {
    long seconds = Math.abs(duration.toSeconds());
    return seconds >= 3600
        ? String.format(
            Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60)
        : String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
  }

  /** A calendar day in a sentence, {@code 18 Aug}; the year is clear from the plan. */
  public static String day(LocalDate date) {
    return DAY.format(date);
  }
}
