package tavrel.core.count;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;

/** How a colony's latest count presses for something to be done. */
public enum Urgency {
  /** Above the danger figure, whatever the season. */
  DANGER,
  /** Surely above the limit of its season. */
  ABOVE;

  /** An older count tells little of today, days. */
  public static final int RECENT_DAYS = 60;

  /**
   * What a count asks for; nothing where it is old, low, or a treatment followed it.
   *
   * @param sample the latest count
   * @param danger from when on a colony is in danger
   * @param limit of the season there today, a fraction
   * @param treated days on which the colony was treated by any means
   * @param today the day there
   */
  public static Optional<Urgency> of(
      Infestation sample,
      Danger danger,
      double limit,
      Collection<LocalDate> treated,
      LocalDate today) {
    boolean old = sample.last().isBefore(today.minusDays(RECENT_DAYS));
    if (old || treated.stream().anyMatch(done -> !done.isBefore(sample.last()))) {
      return Optional.empty();
    }
    if (danger.isIn(sample)) {
      return Optional.of(DANGER);
    }
    return sample.against(limit) == InfestationStatus.ABOVE ? Optional.of(ABOVE) : Optional.empty();
  }
}
