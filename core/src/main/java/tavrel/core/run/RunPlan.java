package tavrel.core.run;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a run starts from.
 *
 * @param hives in any order; kept in walking order
 * @param seal least time shut after the tool is out
 * @param longestShut longest advisable time shut
 * @param tools what it is done with, by number; the first is the one it was planned with
 * @param openFirstAfter how far over its time a hive may be before opening it comes before burning
 * @param pace how long it was reckoned to take, or null where that could not be told
 */
public record RunPlan(
    List<PlannedHive> hives,
    Duration seal,
    Duration longestShut,
    List<RunTool> tools,
    Duration openFirstAfter,
    @Nullable PlannedPace pace) {

  /** A hive more than three minutes over its time is opened first. */
  public static final Duration USUAL_OPEN_FIRST_AFTER = Duration.ofMinutes(3);

  /** Puts the hives into walking order. */
  public RunPlan {
    hives = hives.stream().sorted(Comparator.comparingInt(PlannedHive::place)).toList();
    tools = tools.stream().sorted(Comparator.comparingInt(RunTool::number)).toList();
    if (tools.isEmpty() || tools.get(0).number() != 1) {
      throw new IllegalArgumentException("a run has a first tool");
    }
  }

  /** A run with one tool, of which no pace was reckoned. */
  public static RunPlan plain(
      List<PlannedHive> hives, Duration seal, Duration longestShut, RunTool tool) {
    return new RunPlan(hives, seal, longestShut, List.of(tool), USUAL_OPEN_FIRST_AFTER, null);
  }

  /** The tool with this number; the first where none is named or the number is not known. */
  public RunTool tool(@Nullable Integer number) {
    if (number != null) {
      for (RunTool tool : tools) {
        if (tool.number() == number) {
          return tool;
        }
      }
    }
    return tools.get(0);
  }

  /** Numbers of the tools that must not touch a hive. */
  List<Integer> notFor(UUID hiveId) {
    List<Integer> notFor = List.of();
    for (RunTool tool : tools) {
      if (!tool.fits(hiveId)) {
        notFor = notFor.isEmpty() ? new ArrayList<>() : notFor;
        notFor.add(tool.number());
      }
    }
    return notFor;
  }
}
