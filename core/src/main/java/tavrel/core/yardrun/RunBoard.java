package tavrel.core.yardrun;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A run at one moment: every hive in walking order, the one to act on, the one to open next.
 *
 * @param now the moment
 * @param hives in walking order
 * @param actOn the hive to act on now, or null if there is nothing left to do
 * @param nextToOpen the shut hive that comes due first, or null
 * @param lastStep what "undo" takes back, or null
 * @param stillShut hives that are shut
 * @param treated hives that got acid
 * @param skipped hives left out
 * @param acidUsed grams of acid dihydrate in all loads that burned to their end
 * @param sealSeconds seal period, seconds
 * @param finished every hive is open again or left out
 */
public record RunBoard(
    Instant now,
    List<HiveOnBoard> hives,
    @Nullable UUID actOn,
    @Nullable UUID nextToOpen,
    @Nullable LastStep lastStep,
    int stillShut,
    int treated,
    int skipped,
    double acidUsed,
    long sealSeconds,
    boolean finished) {

  /**
   * Folds a run's log.
   *
   * @param events in any order, with repeats; events of hives that are not in the plan are left out
   */
  public static RunBoard of(RunPlan plan, Collection<RunEvent> events, Instant now) {
    Map<UUID, HiveState> states = states(plan, events);
    List<HiveOnBoard> hives =
        plan.hives().stream()
            .map(hive -> HiveOnBoard.of(hive, states.get(hive.hiveId()), plan))
            .toList();
    double acid =
        plan.hives().stream()
            .mapToDouble(hive -> hive.acidIn(states.get(hive.hiveId()).loadsEnded()))
            .sum();
    return new RunBoard(
        now,
        hives,
        actOn(hives, now, plan.openFirstAfter()).map(HiveOnBoard::hiveId).orElse(null),
        nextToOpen(hives).map(HiveOnBoard::hiveId).orElse(null),
        lastStep(states.values()),
        count(hives, hive -> hive.shutSince() != null),
        (int) states.values().stream().filter(HiveState::treated).count(),
        count(hives, hive -> hive.stage() == Stage.SKIPPED),
        acid,
        plan.seal().toSeconds(),
        hives.stream().allMatch(hive -> hive.stage().isDone()));
  }

  /** The same board with only these hives on it: what a device needs that has just moved them. */
  public RunBoard only(Set<UUID> hiveIds) {
    return new RunBoard(
        now,
        hives.stream().filter(hive -> hiveIds.contains(hive.hiveId())).toList(),
        actOn,
        nextToOpen,
        lastStep,
        stillShut,
        treated,
        skipped,
        acidUsed,
        sealSeconds,
        finished);
  }

  /** The state of every planned hive, in walking order. */
  public static Map<UUID, HiveState> states(RunPlan plan, Collection<RunEvent> events) {
    Map<UUID, List<RunEvent>> byHive =
        events.stream()
            .collect(Collectors.groupingBy(RunEvent::hiveId, HashMap::new, Collectors.toList()));
    return plan.hives().stream()
        .collect(
            Collectors.toMap(
                PlannedHive::hiveId,
                hive -> HiveState.of(byHive.getOrDefault(hive.hiveId(), List.of())),
                (first, second) -> first,
                LinkedHashMap::new));
  }

  /**
   * Burn on, but a hive well over its time comes first: the hive that has the tool, then hives
   * overdue by more than the margin, then the next to burn, then the next to open (handbook 2.9).
   */
  private static Optional<HiveOnBoard> actOn(
      List<HiveOnBoard> hives, Instant now, Duration openFirstAfter) {
    Instant wellOver = now.minus(openFirstAfter);
    Function<Predicate<HiveOnBoard>, Optional<HiveOnBoard>> first =
        test -> hives.stream().filter(test).findFirst();
    return first
        .apply(hive -> hive.stage().hasTool())
        .or(
            () ->
                nextToOpen(hives)
                    .filter(hive -> hive.openFrom() != null && hive.openFrom().isBefore(wellOver)))
        .or(
            () ->
                first.apply(
                    hive -> hive.stage() == Stage.WAITING || hive.stage() == Stage.PREPARED))
        .or(() -> nextToOpen(hives));
  }

  private static Optional<HiveOnBoard> nextToOpen(List<HiveOnBoard> hives) {
    return hives.stream()
        .filter(hive -> hive.openFrom() != null)
        .min(Comparator.comparing(HiveOnBoard::openFrom));
  }

  private static @Nullable LastStep lastStep(Collection<HiveState> states) {
    RunEvent last = null;
    for (HiveState state : states) {
      for (RunEvent step : state.steps()) {
        if (last == null || RunEvent.BY_TIME.compare(step, last) > 0) {
          last = step;
        }
      }
    }
    if (last == null) {
      return null;
    }
    List<RunEvent> together = new ArrayList<>();
    for (HiveState state : states) {
      for (RunEvent step : state.steps()) {
        if (step.hiveId().equals(last.hiveId()) && step.at().equals(last.at())) {
          together.add(step);
        }
      }
    }
    return new LastStep(
        last.hiveId(),
        together.get(0).kind(),
        last.at(),
        last.by(),
        together.stream().map(RunEvent::id).toList());
  }

  private static int count(List<HiveOnBoard> hives, Predicate<HiveOnBoard> test) {
    return (int) hives.stream().filter(test).count();
  }
}
