package tavrel.core.count;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * What the samples of several hives say of the yard they stand in. Hives differ, so that many bees
 * from few hives say less of the yard than as many from many.
 *
 * @param hives counted
 * @param bees in all
 * @param share mean of the hives' shares, a fraction
 * @param interval where the yard's mean truly lies, 95 %
 * @param standing of the mean against the limit
 * @param spread how much hives differ
 * @param says all that, told
 */
public record YardReading(
    int hives,
    int bees,
    double share,
    Interval interval,
    InfestationStatus standing,
    HiveSpread spread,
    Fact says) {

  /** One or two hives tell of themselves, not of a yard. */
  public static final int LEAST_HIVES = 3;

  /** Samples that tell of a yard now: those of the last {@value Infestation#POOLED_DAYS} days. */
  public static List<Infestation> lately(Collection<Infestation> samples, LocalDate today) {
    LocalDate from = today.minusDays(Infestation.POOLED_DAYS);
    return samples.stream().filter(each -> !each.last().isBefore(from)).toList();
  }

  /**
   * Reads the samples of a yard.
   *
   * @param samples one of each hive
   * @param limit a fraction
   * @return null for fewer than {@value #LEAST_HIVES} hives
   */
  public static @Nullable YardReading of(
      List<Infestation> samples, double limit, HiveSpread spread) {
    if (samples.size() < LEAST_HIVES) {
      return null;
    }
    int bees = samples.stream().mapToInt(Infestation::bees).sum();
    double share = samples.stream().mapToDouble(HiveSpread::share).average().orElseThrow();
    double seen = samples.stream().mapToDouble(HiveSpread::seen).sum();
    Interval interval = Interval.ofHives(share, samples.size(), seen, spread.k());
    InfestationStatus standing =
        interval.low() > limit
            ? InfestationStatus.ABOVE
            : interval.high() < limit ? InfestationStatus.BELOW : InfestationStatus.CANNOT_TELL;
    return new YardReading(
        samples.size(),
        bees,
        share,
        interval,
        standing,
        spread,
        Fact.of("count.yard")
            .share("share", share)
            .count("hives", samples.size(), "hive")
            .share("low", interval.low())
            .share("high", interval.high())
            .share("limit", limit)
            .word("status", standing)
            .fact("spread", spread.told()));
  }
}
