package tavrel.core.count;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What samples say against the limit of the season.
 *
 * @param mites in all
 * @param bees in all
 * @param counts samples that it is made of
 * @param day of the latest
 * @param share mites a bee, a fraction
 * @param interval where the share truly lies, 95 %
 * @param standing against the limit
 * @param beesToSettle bees in all that would settle it; 0 where settled, null where too close
 * @param says all that in a sentence
 */
public record SampleReading(
    int mites,
    int bees,
    int counts,
    LocalDate day,
    double share,
    Interval interval,
    Standing standing,
    @Nullable Integer beesToSettle,
    String says) {

  /**
   * Reads a sample.
   *
   * @param limit a fraction
   */
  public static SampleReading of(Infestation found, double limit) {
    return new SampleReading(
        found.mites(),
        found.bees(),
        found.counts(),
        found.last(),
        found.share(),
        found.interval(),
        found.against(limit),
        found.beesToSettle(limit),
        found.says(limit));
  }
}
