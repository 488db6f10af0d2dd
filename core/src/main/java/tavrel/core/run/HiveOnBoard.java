package tavrel.core.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One hive on the run's board.
 *
 * @param hiveId the hive
 * @param stage where it stands
 * @param since when it came to this stage, or null if nothing has happened
 * @param loadsEnded loads burned
 * @param loads loads planned
 * @param clockTo when the burn, or a pan's cooling, should be over by its tool's figures; or null
 * @param openFrom when it may be opened, or null
 * @param shutSince when it was shut, or null
 * @param alarmAt when it has been shut too long for the day's warmth, or null
 * @param ahead what is left to do, in order
 * @param reason the latest reason given
 * @param marks what else was seen
 * @param tool number of the tool that is or was in it, or null where none was named
 * @param ready points of making ready that are done, each with the events that say so
 * @param notFor numbers of tools that must not touch it
 * @param latest events of its latest step: what takes that back undoes them all
 * @param leftOpen whether its entrance stays open: vapour comes out of the front
 */
public record HiveOnBoard(
    UUID hiveId,
    Stage stage,
    @Nullable Instant since,
    int loadsEnded,
    int loads,
    @Nullable Instant clockTo,
    @Nullable Instant openFrom,
    @Nullable Instant shutSince,
    @Nullable Instant alarmAt,
    List<NextAct> ahead,
    @Nullable String reason,
    List<Mark> marks,
    @Nullable Integer tool,
    Map<ReadyPoint, List<UUID>> ready,
    List<Integer> notFor,
    List<UUID> latest,
    boolean leftOpen) {

  static HiveOnBoard of(PlannedHive hive, HiveState state, RunPlan plan, Part part) {
    List<RunEvent> steps = state.steps();
    Instant since = steps.isEmpty() ? null : steps.get(steps.size() - 1).at();
    Stage stage = state.stageIn(hive, plan);
    int ended = state.loadsEnded().isEmpty() ? 0 : state.loadsEnded().last();
    Instant shut = hive.leftOpen() ? null : state.shutSince();
    Integer clock = NextAct.clockIn(stage, hive, plan.tool(state.tool()), ended);
    return new HiveOnBoard(
        hive.hiveId(),
        stage,
        since,
        state.loadsEnded().size(),
        hive.loads(),
        since == null || clock == null ? null : since.plusSeconds(clock),
        stage == Stage.RELOADING || hive.leftOpen() ? null : state.openFrom(plan.seal()),
        shut,
        shut == null ? null : shut.plus(plan.longestShut()),
        NextAct.ahead(state, hive, plan, part),
        state.reason(),
        state.marks(),
        state.tool(),
        state.ready(),
        plan.notFor(hive.hiveId()),
        latest(steps),
        hive.leftOpen());
  }

  private static List<UUID> latest(List<RunEvent> steps) {
    if (steps.isEmpty()) {
      return List.of();
    }
    int from = steps.size() - 1;
    Instant last = steps.get(from).at();
    while (from > 0 && steps.get(from - 1).at().equals(last)) {
      from--;
    }
    List<UUID> latest = new ArrayList<>(steps.size() - from);
    for (RunEvent step : steps.subList(from, steps.size())) {
      latest.add(step.id());
    }
    return latest;
  }
}
