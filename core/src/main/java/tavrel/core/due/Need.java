package tavrel.core.due;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.spacing.LatestStart;

/**
 * What a colony's outlook asks somebody to do.
 *
 * @param kind what
 * @param by the last day on which it still does what it should; today where it is late already
 * @param act the series to begin, or null where nothing is on the label
 * @param costs mites more at the deadline if it is done a week later
 */
public record Need(DueTaskKind kind, LocalDate by, LatestStart.@Nullable Begun act, double costs) {

  /** A last day is named so many days ahead: time to plan and to look at the weather. */
  public static final int NAMED_AHEAD = 28;

  /**
   * What an outlook asks for by now. What cannot be begun before long is not asked for yet: later
   * counts will know better.
   *
   * @param deadline the one that it was held against; while winter bees are raised, and from then
   *     on until brood has ended, nothing waits for the last day
   * @return empty where it asks for nothing, or not yet
   */
  public static Optional<Need> of(LatestStart outlook, Deadline deadline, LocalDate today) {
    LocalDate named = today.plusDays(NAMED_AHEAD);
    return ahead(outlook, deadline, today)
        .filter(need -> need.kind == DueTaskKind.FALLS_SHORT || !need.by.isAfter(named));
  }

  /**
   * The same, however far ahead its day is: for whoever plans a season.
   *
   * @return empty where it asks for nothing
   */
  public static Optional<Need> ahead(LatestStart outlook, Deadline deadline, LocalDate today) {
    if (!outlook.asksForWork()) {
      return Optional.empty();
    }
    LatestStart.Begun last = outlook.last();
    LatestStart.Begun act = outlook.act();
    boolean waits = deadline.occasion().waits();
    LocalDate by = act == null ? today : last != null && waits ? last.start() : act.start();
    double costs = outlook.waitingCosts();
    if (outlook.planned() != null) {
      return Optional.of(new Need(DueTaskKind.FALLS_SHORT, by, act, costs));
    }
    if (last == null) {
      return Optional.of(new Need(DueTaskKind.OUT_OF_REACH, by, act, costs));
    }
    return Optional.of(new Need(DueTaskKind.BEGIN_BY, by, act, costs));
  }
}
