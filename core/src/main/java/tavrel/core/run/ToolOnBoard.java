package tavrel.core.run;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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

  /** All tools of a run, by number. */
  static List<ToolOnBoard> all(
      RunPlan plan, Map<UUID, HiveState> states, Collection<RunEvent> crewEvents) {
    Map<Integer, Count> counts = new HashMap<>();
    for (RunTool tool : plan.tools()) {
      counts.put(tool.number(), new Count());
    }
    Set<UUID> undone = HiveState.undone(crewEvents);
    for (RunEvent event : crewEvents) {
      if (event.kind() == EventKind.PACK_SWAPPED && !undone.contains(event.id())) {
        Objects.requireNonNull(counts.get(plan.tool(event.tool()).number())).swap(event.at());
      }
    }
    for (Map.Entry<UUID, HiveState> hive : states.entrySet()) {
      HiveState state = hive.getValue();
      if (!state.steps().isEmpty()) {
        Objects.requireNonNull(counts.get(plan.tool(state.tool()).number()))
            .take(hive.getKey(), state);
      }
    }
    return plan.tools().stream()
        .map(tool -> Objects.requireNonNull(counts.get(tool.number())).of(tool))
        .toList();
  }

  /** What one tool did, while the hives are gone through. */
  private static final class Count {

    private Instant swapped = Instant.MIN;
    private @Nullable UUID in;
    private int burns;
    private int sinceSwap;

    void swap(Instant at) {
      swapped = at.isAfter(swapped) ? at : swapped;
    }

    void take(UUID hiveId, HiveState state) {
      if (in == null && state.stage().hasTool()) {
        in = hiveId;
      }
      state.steps().forEach(this::takeStep);
    }

    private void takeStep(RunEvent step) {
      if (step.kind() == EventKind.BURN_STARTED) {
        burns++;
        sinceSwap += step.at().isAfter(swapped) ? 1 : 0;
      }
    }

    ToolOnBoard of(RunTool tool) {
      Integer left =
          tool.burnsPerPack() == null ? null : Math.max(0, tool.burnsPerPack() - sinceSwap);
      return new ToolOnBoard(tool.number(), tool.name(), tool.family(), in, burns, left);
    }
  }
}
