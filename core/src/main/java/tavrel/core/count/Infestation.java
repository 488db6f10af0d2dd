package tavrel.core.count;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * Share of bees with a mite, from one count or several close together.
 *
 * @param mites in all
 * @param bees in all
 * @param recovery share of the mites on the bees that the method finds, above 0 to 1
 * @param counts how many counts it is made of
 * @param last day of the latest of them
 */
public record Infestation(int mites, int bees, double recovery, int counts, LocalDate last) {

  /** Counts this close together are taken as one sample, days. */
  public static final int POOLED_DAYS = 7;

  /** Above this many bees in all, more washing settles nothing that is worth the bees. */
  static final int TOO_CLOSE = 2_000;

  /**
   * @throws InvalidValue if the recovery is no share
   */
  public Infestation {
    InvalidValue.inRange("recovery", recovery, 0.2, 1, "of the mites");
  }

  /**
   * Pools the latest count with those of the same kind in the week before it. A treatment between
   * them parts them: what was counted before it says nothing of now.
   *
   * @param washes in any order
   * @param treated days on which the hive was treated
   * @param rollRecovery share of the mites that a sugar roll finds; 1 unless the keeper knows
   *     better
   * @return the latest sample, or null where nothing was counted
   */
  public static @Nullable Infestation latest(
      List<Wash> washes, List<LocalDate> treated, double rollRecovery) {
    if (washes.isEmpty()) {
      return null;
    }
    List<Wash> newestFirst = new ArrayList<>(washes);
    newestFirst.sort(Comparator.comparing(Wash::day).reversed());
    Wash newest = newestFirst.get(0);
    int mites = 0;
    int bees = 0;
    int counts = 0;
    for (Wash wash : newestFirst) {
      boolean near = ChronoUnit.DAYS.between(wash.day(), newest.day()) <= POOLED_DAYS;
      boolean parted =
          treated.stream().anyMatch(day -> !day.isBefore(wash.day()) && day.isBefore(newest.day()));
      if (wash.kind() == newest.kind() && near && !parted) {
        mites += wash.mites();
        bees += wash.bees();
        counts++;
      }
    }
    double recovery = newest.kind() == WashKind.SUGAR_ROLL ? rollRecovery : 1;
    return new Infestation(mites, bees, recovery, counts, newest.day());
  }

  /** Mites a bee, a fraction; what the method misses is added. */
  public double share() {
    return Math.min(1, (double) mites / bees / recovery);
  }

  /** Where the share truly lies, 95 %. */
  public Interval interval() {
    Interval found = Interval.wilson((double) mites / bees, bees);
    return new Interval(Math.min(1, found.low() / recovery), Math.min(1, found.high() / recovery));
  }

  /**
   * How it stands to a threshold.
   *
   * @param threshold a fraction
   */
  public InfestationStatus against(double threshold) {
    return against(interval(), threshold);
  }

  private static InfestationStatus against(Interval interval, double threshold) {
    return interval.low() > threshold
        ? InfestationStatus.ABOVE
        : interval.high() < threshold ? InfestationStatus.BELOW : InfestationStatus.CANNOT_TELL;
  }

  /**
   * Bees in all, those washed included, that would settle it if the share stayed the same.
   *
   * @return 0 where it is settled; null where it would take more than 2,000: too close to tell
   */
  public @Nullable Integer beesToSettle(double threshold) {
    if (against(threshold) != InfestationStatus.CANNOT_TELL) {
      return 0;
    }
    int size =
        Interval.sizeThatSettles(
            (double) mites / bees, threshold * recovery, bees, Math.max(bees, TOO_CLOSE));
    return size == 0 || size > TOO_CLOSE ? null : size;
  }

  /** The verdict, with how many more bees to wash. */
  public Fact told(double threshold) {
    Interval interval = interval();
    Integer enough = beesToSettle(threshold);
    Fact reading =
        enough == null
            ? Fact.of("count.tooClose")
            : enough == 0
                ? Fact.of("count.settled")
                : Fact.of("count.washMore").figure("more", enough - bees);
    return reading
        .share("share", share())
        .share("low", interval.low())
        .share("high", interval.high())
        .share("limit", threshold)
        .word("status", against(threshold));
  }

  /**
   * Whether it tells of the colony that is in the hive now, and not of one that was there before.
   *
   * @param foundedOn since when this colony is in the hive, or null where nobody knows
   */
  public boolean isOfColonySince(@Nullable LocalDate foundedOn) {
    return foundedOn == null || !last.isBefore(foundedOn);
  }
}
