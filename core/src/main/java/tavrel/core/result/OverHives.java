package tavrel.core.result;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.apache.commons.statistics.distribution.TDistribution;
import org.jspecify.annotations.Nullable;

/**
 * What was taken away over several hives. Hives differ, so the interval comes from leaving one hive
 * out at a time (Tukey's jackknife, on the logarithm of the ratio, with Student's t), not from the
 * mites counted.
 */
public final class OverHives {

  /** With fewer, each hive tells of itself alone. */
  public static final int LEAST_HIVES = 4;

  private static final double UPPER = 0.975;

  /** Stands for no mites in all hives together, in the logarithm, and only there. */
  private static final double NONE = 0.5;

  private OverHives() {}

  /**
   * A hive counted before and after.
   *
   * @param before sample before
   * @param after sample after
   */
  public record Counted(Efficacy.Found before, Efficacy.Found after) {}

  /** A logarithm with its jackknife variance. */
  private record Log(double value, double variance, int free) {}

  /**
   * One less the ratio of the hives' mean shares, after to before.
   *
   * @return null for fewer than {@value #LEAST_HIVES} hives
   */
  public static @Nullable Efficacy reduction(List<Counted> hives) {
    if (hives.size() < LEAST_HIVES) {
      return null;
    }
    Log log = jackknife(hives);
    return Efficacy.ofLog(log.value(), half(log.variance(), log.free()), false);
  }

  /**
   * The same against hives left untreated (Henderson and Tilton), each side left out hive by hive;
   * degrees of freedom after Welch and Satterthwaite.
   *
   * @return null where either side has fewer than {@value #LEAST_HIVES} hives
   */
  public static @Nullable Efficacy againstControls(List<Counted> treated, List<Counted> controls) {
    if (treated.size() < LEAST_HIVES || controls.size() < LEAST_HIVES) {
      return null;
    }
    Log done = jackknife(treated);
    Log left = jackknife(controls);
    double variance = done.variance() + left.variance();
    double free =
        variance == 0
            ? Math.min(done.free(), left.free())
            : variance
                * variance
                / (done.variance() * done.variance() / done.free()
                    + left.variance() * left.variance() / left.free());
    return Efficacy.ofLog(done.value() - left.value(), half(variance, free), true);
  }

  private static double half(double variance, double free) {
    return TDistribution.of(free).inverseCumulativeProbability(UPPER) * Math.sqrt(variance);
  }

  private static Log jackknife(List<Counted> hives) {
    int count = hives.size();
    double[] without = new double[count];
    double mean = 0;
    for (int i = 0; i < count; i++) {
      List<Counted> rest = new ArrayList<>(hives);
      rest.remove(i);
      without[i] = logRatio(rest);
      mean += without[i] / count;
    }
    double sum = 0;
    for (double each : without) {
      sum += (each - mean) * (each - mean);
    }
    return new Log(logRatio(hives), sum * (count - 1) / count, count - 1);
  }

  private static double logRatio(List<Counted> hives) {
    return Math.log(meanShare(hives, Counted::after) / meanShare(hives, Counted::before));
  }

  private static double meanShare(List<Counted> hives, Function<Counted, Efficacy.Found> which) {
    ToDoubleFunction<Counted> share = each -> which.apply(each).share();
    double mean = hives.stream().mapToDouble(share).average().orElseThrow();
    double seen = hives.stream().mapToDouble(each -> which.apply(each).seen()).sum();
    return mean > 0 ? mean : NONE / seen;
  }
}
