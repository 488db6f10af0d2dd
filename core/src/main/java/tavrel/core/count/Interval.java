package tavrel.core.count;

/**
 * Where a share truly lies, as far as the sample tells.
 *
 * @param low lower end, a fraction
 * @param high upper end, a fraction
 */
public record Interval(double low, double high) {

  /** Two-sided 95 % of the normal distribution. */
  public static final double Z = 1.959_963_984_540_054;

  /**
   * Wilson's 95 % score interval of a share (Wilson 1927, Journal of the American Statistical
   * Association 22).
   *
   * @param share the sample's share, 0 to 1
   * @param n size of the sample, above 0
   */
  public static Interval wilson(double share, double n) {
    double z2 = Z * Z;
    double middle = share + z2 / (2 * n);
    double half = Z * Math.sqrt(share * (1 - share) / n + z2 / (4 * n * n));
    double scale = 1 + z2 / n;
    return new Interval(Math.max(0, (middle - half) / scale), Math.min(1, (middle + half) / scale));
  }

  /**
   * 95 % interval of the mean share of several hives that differ among themselves: the two roots μ
   * of (x̄ − μ)² = 1.96² · (μ² ÷ (k·m) + μ ÷ n), with n bees in all. The upper end is 1 where so
   * few hives leave it open.
   *
   * @param share mean of the hives' shares, x̄
   * @param hives how many, m
   * @param bees seen in all, n, above 0
   * @param k how little the hives differ, see {@link HiveSpread}
   */
  public static Interval ofHives(double share, int hives, double bees, double k) {
    return ofHives(share, hives, bees, k, Z);
  }

  /**
   * The same for another sureness.
   *
   * @param z two-sided quantile of the normal distribution, {@link #Z} for 95 %
   */
  static Interval ofHives(double share, int hives, double bees, double k, double z) {
    double z2 = z * z;
    double a = 1 - z2 / (k * hives);
    double half = share + z2 / (2 * bees);
    double root = Math.sqrt(Math.max(0, half * half - a * share * share));
    double low = share * share / (half + root);
    double high = a <= 0 ? 1 : (half + root) / a;
    return new Interval(Math.max(0, low), Math.min(1, high));
  }

  /**
   * The smallest sample whose interval leaves a threshold out, if its share stayed the same.
   *
   * @param share the sample's share
   * @param threshold the limit, a fraction
   * @param from smallest size to look at
   * @param most largest size to look at
   * @return 0 where even the largest does not
   */
  static int sizeThatSettles(double share, double threshold, int from, int most) {
    for (int n = from; n <= most; n++) {
      Interval interval = wilson(share, n);
      if (interval.low > threshold || interval.high < threshold) {
        return n;
      }
    }
    return 0;
  }
}
