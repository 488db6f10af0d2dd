package tavrel.core.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A run at one moment: every hive in walking order, the one to act on, the one to open next.
 *
 * @param now the moment
 * @param hives in walking order
 * @param actOn the hive to act on now, or null if there is nothing left to do
 * @param nextToOpen the shut hive that comes due first, or null
 * @param lastStep what "undo" takes back: the latest step of who looks, or null
 * @param stillShut hives that are shut
 * @param treated hives that got acid
 * @param skipped hives left out
 * @param acidUsed grams of acid dihydrate in all loads that burned to their end
 * @param acidLeft grams of acid dihydrate that the sheet still has for hives not left out
 * @param sealSeconds seal period, seconds
 * @param finished every hive is open again or left out
 * @param tools the run's tools
 * @param crew pauses, and what happened to people
 * @param pointing by what a device points at a hive while it cannot ask
 * @param pace the run held against its plan, or null where nothing was reckoned or has begun
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
    double acidLeft,
    long sealSeconds,
    boolean finished,
    List<ToolOnBoard> tools,
    CrewLog crew,
    Pointing pointing,
    @Nullable PaceNow pace) {

  /**
   * Figures of {@link Pointer}: a device without network points by the same order, see
   * pointer-cases.json.
   *
   * @param openFirstAfterSeconds so far over its time a hive is opened before the next one burns
   * @param shutAhead hives that hands have shut before they wait for the tools
   */
  public record Pointing(long openFirstAfterSeconds, int shutAhead) {}

  /**
   * Folds a run's log, as who has the first tool in hand should see it.
   *
   * @param events in any order, with repeats; events of hives that are not in the plan are left out
   */
  public static RunBoard of(RunPlan plan, Collection<RunEvent> events, Instant now) {
    return of(plan, events, now, Part.FIRST, null);
  }

  /**
   * Folds a run's log, as who plays this part should see it.
   *
   * @param workableTo end of the workable hours that {@code now} is in, or null where it is in none
   */
  public static RunBoard of(
      RunPlan plan,
      Collection<RunEvent> events,
      Instant now,
      Part part,
      @Nullable Instant workableTo) {
    return of(plan, folded(events), ofCrew(events), now, part, workableTo);
  }

  /**
   * Puts a board together from what is folded already.
   *
   * @param folded states of hives; one that is missing is untouched
   * @param ofCrew events that concern no hive
   */
  public static RunBoard of(
      RunPlan plan,
      Map<UUID, HiveState> folded,
      List<RunEvent> ofCrew,
      Instant now,
      Part part,
      @Nullable Instant workableTo) {
    Map<UUID, HiveState> states = inOrder(plan, folded);
    CrewLog crew = CrewLog.of(ofCrew);
    List<HiveOnBoard> hives =
        plan.hives().stream()
            .map(
                hive ->
                    HiveOnBoard.of(
                        hive, Objects.requireNonNull(states.get(hive.hiveId())), plan, part))
            .toList();
    Pointer pointer = new Pointer(plan, hives, now);
    double acid =
        plan.hives().stream()
            .mapToDouble(
                hive -> hive.acidIn(Objects.requireNonNull(states.get(hive.hiveId())).loadsEnded()))
            .sum();
    return new RunBoard(
        now,
        hives,
        pointer.actOn(part, crew.paused() != null).map(HiveOnBoard::hiveId).orElse(null),
        pointer.nextToOpen().map(HiveOnBoard::hiveId).orElse(null),
        lastStep(states.values(), part.who()),
        count(hives, hive -> hive.shutSince() != null),
        (int) states.values().stream().filter(HiveState::treated).count(),
        count(hives, hive -> hive.stage() == Stage.SKIPPED),
        acid,
        acidLeft(plan, states),
        plan.seal().toSeconds(),
        hives.stream().allMatch(hive -> hive.stage().isDone()),
        ToolOnBoard.all(plan, states, ofCrew),
        crew,
        pointer.figures(),
        PaceNow.of(
            plan, states, crew.putOff() == null ? null : crew.putOff().at(), now, workableTo));
  }

  private static double acidLeft(RunPlan plan, Map<UUID, HiveState> states) {
    double left = 0;
    for (PlannedHive hive : plan.hives()) {
      HiveState state = Objects.requireNonNull(states.get(hive.hiveId()));
      if (!state.stage().isDone() && state.stage() != Stage.STOPPED) {
        left += hive.acidInAll() - hive.acidIn(state.loadsEnded());
      }
    }
    return left;
  }

  /** What concerns the crew, and what takes some of that back. */
  private static List<RunEvent> ofCrew(Collection<RunEvent> events) {
    List<RunEvent> ofCrew = new ArrayList<>();
    for (RunEvent event : events) {
      if (event.hiveId() == null) {
        ofCrew.add(event);
      }
    }
    return ofCrew;
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
        acidLeft,
        sealSeconds,
        finished,
        tools,
        crew,
        pointing,
        pace);
  }

  /** The state of every planned hive, in walking order. */
  public static Map<UUID, HiveState> states(RunPlan plan, Collection<RunEvent> events) {
    return inOrder(plan, folded(events));
  }

  private static Map<UUID, HiveState> folded(Collection<RunEvent> events) {
    Map<UUID, List<RunEvent>> byHive = new HashMap<>();
    for (RunEvent event : events) {
      if (event.hiveId() != null) {
        byHive.computeIfAbsent(event.hiveId(), id -> new ArrayList<>()).add(event);
      }
    }
    Map<UUID, HiveState> states = new HashMap<>();
    byHive.forEach((hiveId, own) -> states.put(hiveId, HiveState.of(own)));
    return states;
  }

  private static Map<UUID, HiveState> inOrder(RunPlan plan, Map<UUID, HiveState> folded) {
    Map<UUID, HiveState> states = new LinkedHashMap<>();
    for (PlannedHive hive : plan.hives()) {
      states.put(hive.hiveId(), folded.getOrDefault(hive.hiveId(), HiveState.UNTOUCHED));
    }
    return states;
  }

  private static @Nullable LastStep lastStep(Collection<HiveState> states, @Nullable String who) {
    RunEvent last = null;
    HiveState of = HiveState.UNTOUCHED;
    for (HiveState state : states) {
      RunEvent step = latestBy(who, state.steps());
      if (step != null && (last == null || RunEvent.BY_TIME.compare(step, last) > 0)) {
        last = step;
        of = state;
      }
    }
    if (last == null) {
      return null;
    }
    Instant at = last.at();
    List<RunEvent> together = of.steps().stream().filter(step -> step.at().equals(at)).toList();
    return new LastStep(
        Objects.requireNonNull(last.hiveId()),
        together.get(0).kind(),
        at,
        last.by(),
        together.stream().map(RunEvent::id).toList());
  }

  private static @Nullable RunEvent latestBy(@Nullable String who, List<RunEvent> steps) {
    for (int i = steps.size() - 1; i >= 0; i--) {
      if (who == null || who.equals(steps.get(i).by())) {
        return steps.get(i);
      }
    }
    return null;
  }

  private static int count(List<HiveOnBoard> hives, Predicate<HiveOnBoard> test) {
    return (int) hives.stream().filter(test).count();
  }
}
