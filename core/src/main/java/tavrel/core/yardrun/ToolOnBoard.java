package tavrel.core.yardrun;

import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.burn.ToolFamily;

/**
 * One of a run's tools on its board.
 *
 * @param number from 1
 * @param name what the keeper calls it
 * @param family pan or bowl
 * @param in the hive that it is in or belongs to, or null
 * @param burns loads that it has burned in this run
 * @param packBurnsLeft burns that its pack should still give, an estimate by its own figure; null
 *     where that is not known
 */
public record ToolOnBoard(
    int number,
    String name,
    ToolFamily family,
    @Nullable UUID in,
    int burns,
    @Nullable Integer packBurnsLeft) {

  static ToolOnBoard of(
      RunTool tool, RunPlan plan, Map<UUID, HiveState> states, Collection<RunEvent> crewEvents) {
    Set<UUID> undone = HiveState.undone(crewEvents);
    Instant swapped = Instant.MIN;
    for (RunEvent event : crewEvents) {
      if (event.kind() == EventKind.PACK_SWAPPED
          && plan.tool(event.tool()).number() == tool.number()
          && !undone.contains(event.id())
          && event.at().isAfter(swapped)) {
        swapped = event.at();
      }
    }
    UUID in = null;
    int burns = 0;
    int sinceSwap = 0;
    for (Map.Entry<UUID, HiveState> hive : states.entrySet()) {
      HiveState state = hive.getValue();
      if (state.steps().isEmpty() || plan.tool(state.tool()).number() != tool.number()) {
        continue;
      }
      if (in == null && state.stage().hasTool()) {
        in = hive.getKey();
      }
      for (RunEvent step : state.steps()) {
        if (step.kind() == EventKind.BURN_STARTED) {
          burns++;
          sinceSwap += step.at().isAfter(swapped) ? 1 : 0;
        }
      }
    }
    Integer left =
        tool.burnsPerPack() == null ? null : Math.max(0, tool.burnsPerPack() - sinceSwap);
    return new ToolOnBoard(tool.number(), tool.name(), tool.family(), in, burns, left);
  }
}
