package tavrel.core.seal;

import tavrel.core.InvalidValue;

/**
 * How a hive's acid comes into its air: equal loads, each over its burn, one after the other.
 *
 * @param loads number of loads
 * @param burnSeconds burn of each, seconds
 * @param gapSeconds from the end of one to the start of the next, seconds
 */
public record Release(int loads, double burnSeconds, double gapSeconds) {

  /** One load over half a minute, where no tool is chosen. */
  public static final Release USUAL = new Release(1, 30, 45);

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Release {
    InvalidValue.inRange("loads", loads, 1, 99, "loads");
    InvalidValue.inRange("burnSeconds", burnSeconds, 1, 1_800, "s");
    InvalidValue.inRange("gapSeconds", gapSeconds, 0, 3_600, "s");
  }

  /** From the first burn's start to the last burn's end, seconds. */
  public double seconds() {
    return loads * burnSeconds + (loads - 1) * gapSeconds;
  }

  /** Share of the acid that is in the air or has left it by then. */
  double released(double second) {
    double sum = 0;
    for (int load = 0; load < loads; load++) {
      double since = second - load * (burnSeconds + gapSeconds);
      sum += Math.max(0, Math.min(1, since / burnSeconds));
    }
    return sum / loads;
  }

  /** Share of the acid in the air, where it leaves the air at {@code rate} a second. */
  double inAir(double second, double rate) {
    double sum = 0;
    for (int load = 0; load < loads; load++) {
      double since = second - load * (burnSeconds + gapSeconds);
      if (since > 0) {
        double burnt = Math.min(since, burnSeconds);
        sum +=
            -Math.expm1(-rate * burnt) / (rate * burnSeconds) * Math.exp(-rate * (since - burnt));
      }
    }
    return sum / loads;
  }
}
