package tavrel.core.mite;

import tavrel.core.InvalidValue;

/**
 * What each round of a series gives, as far as its kill depends on it.
 *
 * @param gramsPerBox acid dihydrate ÷ sum of box factors, g
 * @param kept share of the acid that the hive keeps, 0.05 to 1
 * @param curve from dose to kill
 */
public record Dose(double gramsPerBox, double kept, KillCurve curve) {

  /** Least share that is reckoned with; a hive that keeps less is as good as open. */
  public static final double LEAST_KEPT = 0.02;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Dose {
    InvalidValue.inRange("gramsPerBox", gramsPerBox, 0.1, 10, "g a box");
    InvalidValue.inRange("kept", kept, LEAST_KEPT, 1, "of the acid");
  }

  /** Share of the exposed mites that a round kills at a good hour. */
  public double kill() {
    return curve.kill(gramsPerBox, kept);
  }

  double killWith(double scale) {
    return curve.withScale(Math.max(0.05, Math.min(5, scale))).kill(gramsPerBox, kept);
  }

  /**
   * The kill by day.
   *
   * @param rounds days of the rounds
   * @param days length of the answer; rounds beyond it are left out
   */
  public static double[] byDay(double kill, int[] rounds, int days) {
    double[] byDay = new double[days];
    for (int round : rounds) {
      if (round >= 0 && round < days) {
        byDay[round] = kill;
      }
    }
    return byDay;
  }
}
