package tavrel.core.yardrun;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;

/**
 * What a run starts from.
 *
 * @param hives in any order; kept in walking order
 * @param seal least time shut after the tool is out
 * @param longestShut longest advisable time shut
 * @param tool what it is done with
 * @param openFirstAfter how far over its time a hive may be before opening it comes before burning
 */
public record RunPlan(
    List<PlannedHive> hives,
    Duration seal,
    Duration longestShut,
    RunTool tool,
    Duration openFirstAfter) {

  /** A hive more than three minutes over its time is opened first (handbook 2.9). */
  public static final Duration USUAL_OPEN_FIRST_AFTER = Duration.ofMinutes(3);

  /** Puts the hives into walking order. */
  public RunPlan {
    hives = hives.stream().sorted(Comparator.comparingInt(PlannedHive::place)).toList();
  }
}
