package tavrel.core.due;

import java.util.Collection;
import tavrel.core.Worded;
import tavrel.core.spacing.LatestStart;

/** How a yard stands in one word, worst first. */
public enum YardState implements Worded {
  /** A colony is expected above the danger figure. */
  DANGER,
  /** Its colonies are on average expected above the limit of the season. */
  ABOVE,
  /** A colony does not reach its target as things are planned. */
  NEEDS,
  /** So few colonies were counted lately that nobody can say. */
  UNKNOWN,
  /** Nothing presses. */
  HOLDS;

  /** Of so few of a hundred hives a count says nothing of the yard. */
  private static final double LEAST_KNOWN = 0.1;

  /**
   * Reads the outlooks of a yard.
   *
   * @param readings of those colonies of which something is known
   * @param hives that stand there
   * @param danger mites a bee above which a colony is in danger, a fraction
   * @param limit of the season, a fraction
   */
  public static YardState of(
      Collection<LatestStart> readings, int hives, double danger, double limit) {
    if (readings.stream().anyMatch(each -> each.expected() > danger)) {
      return DANGER;
    }
    if (readings.isEmpty() || readings.size() < LEAST_KNOWN * hives) {
      return UNKNOWN;
    }
    double mean = readings.stream().mapToDouble(LatestStart::expected).average().orElse(0);
    if (mean > limit) {
      return ABOVE;
    }
    return readings.stream().anyMatch(LatestStart::asksForWork) ? NEEDS : HOLDS;
  }
}
