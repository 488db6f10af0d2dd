package tavrel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A run held against its plan: an estimate, which takes the rest to go as reckoned.
 *
 * @param outByNow hives that should have had their acid by now
 * @param out hives that had it; those left out count in neither
 * @param behind how late the run is, s; below 0 where it is early
 * @param endsAt when everything should be cleared away
 * @param workableTo end of the workable hours that it is in, or null where it is in none
 * @param endsInside whether it should end within them
 */
public record PaceNow(
    int outByNow,
    int out,
    long behind,
    Instant endsAt,
    @Nullable Instant workableTo,
    boolean endsInside) {

  /**
   * Where a run stands. After a night in between only what was left then counts.
   *
   * @param putOff when the rest was put off, or null
   * @return null where no pace was reckoned, or nothing has begun
   */
  static @Nullable PaceNow of(
      RunPlan plan,
      Map<UUID, HiveState> states,
      @Nullable Instant putOff,
      Instant now,
      @Nullable Instant workableTo) {
    if (plan.pace() == null) {
      return null;
    }
    List<PlannedPace.Line> left = new ArrayList<>();
    Instant begun = null;
    for (PlannedPace.Line line : plan.pace().lines()) {
      HiveState state = states.get(line.hiveId());
      if (state == null
          || state.stage() == Stage.SKIPPED
          || (putOff != null && isOver(state, putOff))) {
        continue;
      }
      left.add(line);
      Instant first = begun(state);
      if (first != null && (begun == null || first.isBefore(begun))) {
        begun = first;
      }
    }
    if (begun == null || left.isEmpty()) {
      return null;
    }
    int firstShut = left.stream().mapToInt(PlannedPace.Line::shut).min().orElse(0);
    long elapsed = Duration.between(begun, now).toSeconds();
    int[] outs = left.stream().mapToInt(line -> line.out() - firstShut).sorted().toArray();
    int[] opens = left.stream().mapToInt(line -> line.opened() - firstShut).sorted().toArray();
    int out = 0;
    int open = 0;
    int byNow = 0;
    for (int i = 0; i < outs.length; i++) {
      HiveState state = Objects.requireNonNull(states.get(left.get(i).hiveId()));
      boolean done = state.stage().isDone();
      out += done || state.stage() == Stage.SEALED || state.stage() == Stage.STOPPED ? 1 : 0;
      open += done ? 1 : 0;
      byNow += outs[i] <= elapsed ? 1 : 0;
    }
    long behind = out < outs.length ? lag(outs, out, elapsed) : lag(opens, open, elapsed);
    int lastOpened = opens[opens.length - 1];
    Instant endsAt = begun.plusSeconds(lastOpened + plan.pace().clearAway() + behind);
    boolean inside = workableTo != null && !endsAt.isAfter(workableTo);
    return new PaceNow(byNow, out, behind, endsAt, workableTo, inside);
  }

  /** How far off a row of planned moments one is, of which so many are reached. */
  private static long lag(int[] planned, int reached, long elapsed) {
    if (reached < planned.length && elapsed > planned[reached]) {
      return elapsed - planned[reached];
    }
    return reached > 0 && elapsed < planned[reached - 1] ? elapsed - planned[reached - 1] : 0;
  }

  private static boolean isOver(HiveState state, Instant putOff) {
    return !state.steps().isEmpty()
        && state.stage().isDone()
        && !state.steps().get(state.steps().size() - 1).at().isAfter(putOff);
  }

  private static @Nullable Instant begun(HiveState state) {
    return state.steps().isEmpty() ? null : state.steps().get(0).at();
  }
}
