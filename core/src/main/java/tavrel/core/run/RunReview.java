package tavrel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * A run looked back on: planned against done, who did what, and what was out of the ordinary.
 *
 * @param from first step of the run
 * @param to last step so far
 * @param hives in walking order
 * @param people in order of name
 * @param acidPlanned grams of acid dihydrate on the dose sheet
 * @param acidUsed grams of acid dihydrate in all loads that burned to their end
 * @param productUsed grams of product in them
 * @param tookSeconds from the first step to the last
 * @param plannedSeconds the same as it was reckoned, without setting up and clearing away; or null
 * @param mostShut most hives shut at once
 * @param exceptions what was out of the ordinary, in order of happening
 * @param crew pauses, and what happened to people
 */
public record RunReview(
    Instant from,
    Instant to,
    List<HiveDone> hives,
    List<PersonDone> people,
    double acidPlanned,
    double acidUsed,
    double productUsed,
    long tookSeconds,
    @Nullable Integer plannedSeconds,
    int mostShut,
    List<Out> exceptions,
    CrewLog crew) {

  /** A hive opened so much after it came due is told, s. */
  private static final long LATE = 180;

  /** The same said of several hives within this is one press for all, s. */
  private static final long TOGETHER = 60;

  /** A device whose clock was set right by less than this is not told, s. */
  private static final int CLOCK_TOLD = 60;

  /**
   * One hive: as reckoned, and as it was. Reckoned moments count from the first step of the run.
   *
   * @param hiveId the hive
   * @param stage where it stands
   * @param planned as reckoned, s from the first step; null where it was not
   * @param shut when it was shut, or null
   * @param burned first burn, or null
   * @param out when the tool was out for the last time, or null
   * @param opened when it was open again, or null
   * @param overSeconds how long after it came due it was opened; below 0 where early; null if never
   * @param loadsEnded loads burned
   * @param loads loads planned
   * @param tool number of the tool, or null
   * @param reason the latest reason given
   * @param marks what else was seen
   * @param people who worked on it
   */
  public record HiveDone(
      UUID hiveId,
      Stage stage,
      PlannedPace.@Nullable Line planned,
      @Nullable Instant shut,
      @Nullable Instant burned,
      @Nullable Instant out,
      @Nullable Instant opened,
      @Nullable Long overSeconds,
      int loadsEnded,
      int loads,
      @Nullable Integer tool,
      @Nullable String reason,
      List<Mark> marks,
      List<String> people) {}

  /**
   * One person.
   *
   * @param name who
   * @param burns loads begun
   * @param opened hives opened
   * @param other other steps and marks
   */
  public record PersonDone(String name, int burns, int opened, int other) {}

  /**
   * Something out of the ordinary.
   *
   * @param at when
   * @param hiveIds at which hives: several where the same was said of them within a minute; none
   *     where it concerns the crew
   * @param says what
   */
  public record Out(Instant at, List<UUID> hiveIds, Fact says) {

    private static Out at(Instant at, @Nullable UUID hiveId, Fact says) {
      return new Out(at, hiveId == null ? List.of() : List.of(hiveId), says);
    }

    private boolean goesWith(Out other) {
      return says.equals(other.says)
          && !hiveIds.isEmpty()
          && Duration.between(at, other.at).abs().toSeconds() < TOGETHER;
    }

    private Out with(Out other) {
      List<UUID> all = new ArrayList<>(hiveIds);
      all.addAll(other.hiveIds);
      return new Out(at, List.copyOf(all), says);
    }
  }

  /**
   * Looks back on a run.
   *
   * @return null where nothing has happened yet
   */
  public static @Nullable RunReview of(RunPlan plan, Collection<RunEvent> events) {
    Map<UUID, HiveState> states = RunBoard.states(plan, events);
    List<RunEvent> steps =
        states.values().stream()
            .flatMap(state -> state.steps().stream())
            .sorted(RunEvent.BY_TIME)
            .toList();
    if (steps.isEmpty()) {
      return null;
    }
    CrewLog crew = CrewLog.of(events);
    Instant from = steps.get(0).at();
    Instant to = steps.get(steps.size() - 1).at();
    List<HiveDone> hives =
        plan.hives().stream()
            .map(hive -> done(hive, Objects.requireNonNull(states.get(hive.hiveId())), plan))
            .toList();
    return new RunReview(
        from,
        to,
        hives,
        people(events),
        sum(plan, PlannedHive::acidInAll),
        sum(
            plan,
            hive -> hive.acidIn(Objects.requireNonNull(states.get(hive.hiveId())).loadsEnded())),
        sum(
            plan,
            hive -> hive.productIn(Objects.requireNonNull(states.get(hive.hiveId())).loadsEnded())),
        Duration.between(from, to).toSeconds(),
        plannedSeconds(plan),
        mostShut(hives),
        exceptions(plan, states, crew, events),
        crew);
  }

  private static @Nullable Integer plannedSeconds(RunPlan plan) {
    PlannedPace pace = plan.pace();
    return pace == null
        ? null
        : pace.lines().stream().mapToInt(PlannedPace.Line::opened).max().orElse(0)
            - pace.firstShut();
  }

  private static double sum(RunPlan plan, ToDoubleFunction<PlannedHive> grams) {
    return plan.hives().stream().mapToDouble(grams).sum();
  }

  private static HiveDone done(PlannedHive hive, HiveState state, RunPlan plan) {
    Instant out = state.removed();
    Instant opened = state.opened();
    return new HiveDone(
        hive.hiveId(),
        state.stageIn(hive, plan),
        planned(hive.hiveId(), plan),
        hive.leftOpen() ? null : state.firstShut(),
        state.burnedFrom(),
        out,
        opened,
        out == null || opened == null
            ? null
            : Duration.between(out.plus(plan.seal()), opened).toSeconds(),
        state.loadsEnded().size(),
        hive.loads(),
        state.tool(),
        state.reason(),
        state.marks(),
        state.people());
  }

  private static PlannedPace.@Nullable Line planned(UUID hiveId, RunPlan plan) {
    PlannedPace pace = plan.pace();
    if (pace == null) {
      return null;
    }
    int first = pace.firstShut();
    return pace.lines().stream()
        .filter(line -> line.hiveId().equals(hiveId))
        .map(
            line ->
                new PlannedPace.Line(
                    hiveId, line.shut() - first, line.out() - first, line.opened() - first))
        .findFirst()
        .orElse(null);
  }

  private static List<PersonDone> people(Collection<RunEvent> events) {
    Set<UUID> undone = HiveState.undone(events);
    Map<String, int[]> counts = new TreeMap<>();
    for (RunEvent event : events) {
      if (event.kind() == EventKind.UNDONE || undone.contains(event.id())) {
        continue;
      }
      int[] count = counts.computeIfAbsent(event.by(), name -> new int[3]);
      switch (event.kind()) {
        case BURN_STARTED -> count[0]++;
        case OPENED -> count[1]++;
        default -> count[2]++;
      }
    }
    List<PersonDone> people = new ArrayList<>();
    counts.forEach((name, count) -> people.add(new PersonDone(name, count[0], count[1], count[2])));
    return List.copyOf(people);
  }

  private static int mostShut(List<HiveDone> hives) {
    TreeMap<Instant, Integer> changes = new TreeMap<>();
    for (HiveDone hive : hives) {
      if (hive.shut() != null) {
        changes.merge(hive.shut(), 1, Integer::sum);
        if (hive.opened() != null) {
          changes.merge(hive.opened(), -1, Integer::sum);
        }
      }
    }
    int shut = 0;
    int most = 0;
    for (int change : changes.values()) {
      shut += change;
      most = Math.max(most, shut);
    }
    return most;
  }

  private static List<Out> exceptions(
      RunPlan plan, Map<UUID, HiveState> states, CrewLog crew, Collection<RunEvent> events) {
    List<Out> found = new ArrayList<>();
    for (PlannedHive hive : plan.hives()) {
      HiveState state = Objects.requireNonNull(states.get(hive.hiveId()));
      for (RunEvent step : state.steps()) {
        if (step.reason() != null) {
          found.add(Out.at(step.at(), hive.hiveId(), told(step.kind(), step.reason())));
        }
        if (step.kind() == EventKind.BURN_STARTED) {
          crew.pauses().stream()
              .filter(pause -> pause.holds(step.at()))
              .findFirst()
              .ifPresent(
                  pause ->
                      found.add(
                          Out.at(
                              step.at(),
                              hive.hiveId(),
                              Fact.of("review.burnInPause")
                                  .with("why", UsualReason.said(pause.why())))));
        }
      }
      for (Mark mark : state.marks()) {
        found.add(Out.at(mark.at(), hive.hiveId(), told(mark)));
      }
      times(plan, hive, state, found);
    }
    clocks(events, found);
    crew.happened().forEach(each -> found.add(Out.at(each.at(), null, told(each))));
    found.sort(Comparator.comparing(Out::at));
    return together(found);
  }

  private static List<Out> together(List<Out> found) {
    List<Out> together = new ArrayList<>();
    for (Out each : found) {
      int last = together.size() - 1;
      if (last >= 0 && together.get(last).goesWith(each)) {
        together.set(last, together.get(last).with(each));
      } else {
        together.add(each);
      }
    }
    return List.copyOf(together);
  }

  private static void times(RunPlan plan, PlannedHive hive, HiveState state, List<Out> found) {
    Instant opened = state.opened();
    Instant out = state.removed();
    Instant shut = state.firstShut();
    if (hive.leftOpen() || opened == null || out == null || shut == null) {
      return;
    }
    long over = Duration.between(out.plus(plan.seal()), opened).toSeconds();
    if (over > LATE) {
      found.add(
          Out.at(opened, hive.hiveId(), Fact.of("review.openedLate").minutes("late", over / 60)));
    }
    Duration closed = Duration.between(shut, opened);
    if (closed.compareTo(plan.longestShut()) > 0) {
      found.add(
          Out.at(
              opened,
              hive.hiveId(),
              Fact.of("review.shutTooLong")
                  .minutes("shut", closed.toMinutes())
                  .minutes("longest", plan.longestShut().toMinutes())));
    }
  }

  private static void clocks(Collection<RunEvent> events, List<Out> found) {
    Map<String, RunEvent> worst = new TreeMap<>();
    for (RunEvent event : events) {
      Integer off = event.clockOff();
      if (off != null && Math.abs(off) >= CLOCK_TOLD) {
        worst.merge(event.by(), event, (one, other) -> one.at().isBefore(other.at()) ? one : other);
      }
    }
    worst.forEach(
        (who, event) -> {
          int off = event.clockOff() == null ? 0 : event.clockOff();
          found.add(
              Out.at(
                  event.at(),
                  null,
                  (off > 0 ? Fact.of("review.clockAhead") : Fact.of("review.clockBehind"))
                      .text("who", who)
                      .minutes("off", Math.round(Math.abs(off) / 60.0))));
        });
  }

  /** What somebody gave a reason for. */
  static Fact told(EventKind kind, String reason) {
    Fact what =
        switch (kind) {
          case SKIPPED -> Fact.of("review.leftOut");
          case ABORTED -> Fact.of("review.burnStopped");
          case OPENED -> Fact.of("review.openedEarly");
          case BURN_STARTED -> Fact.of("review.burnedAgain");
          default -> Fact.of("review.remark");
        };
    return what.with("reason", UsualReason.said(reason));
  }

  /** What was seen. */
  static Fact told(Mark mark) {
    Fact says = mark.says();
    return switch (mark.kind()) {
      case LEAK_SEEN ->
          says == null
              ? Fact.of("review.leakSeen")
              : Fact.of("review.leakSeenWith").fact("says", says);
      case RESIDUE ->
          says == null
              ? Fact.of("review.residueLeft")
              : Fact.of("review.residueLeftWith").fact("says", says);
      default -> says == null ? Fact.of("review.noted") : says;
    };
  }

  private static Fact told(CrewLog.Happened happened) {
    return (happened.kind() == EventKind.EXPOSURE
            ? Fact.of("review.exposure")
            : Fact.of("review.accident"))
        .text("says", happened.says());
  }
}
