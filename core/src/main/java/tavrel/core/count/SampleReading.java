package tavrel.core.count;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

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
 * @param says all that, told
 */
public record SampleReading(
    int mites,
    int bees,
    int counts,
    LocalDate day,
    double share,
    Interval interval,
    InfestationStatus standing,
    @Nullable Integer beesToSettle,
    Fact says) {

  /**
   * Reads a sample.
   *
   * @param limit a fraction
   */
  public static SampleReading of(Infestation found, double limit) {
    return of(found, limit, Danger.USUAL);
  }

  /**
   * Reads a sample.
   *
   * @param limit a fraction
   * @param danger from which load on the colony is in danger
   */
  public static SampleReading of(Infestation found, double limit, Danger danger) {
    boolean inDanger = danger.isIn(found);
    return new SampleReading(
        found.mites(),
        found.bees(),
        found.counts(),
        found.last(),
        found.share(),
        found.interval(),
        inDanger ? InfestationStatus.DANGER : found.against(limit),
        inDanger ? Integer.valueOf(0) : found.beesToSettle(limit),
        inDanger
            ? Fact.of("count.inDanger")
                .fact("reading", found.told(limit))
                .share("danger", danger.share())
            : found.told(limit));
  }
}
