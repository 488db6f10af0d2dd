package tavrel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.burn.ToolFamily;

/**
 * What the log says of one hive: a fold over its events that does not depend on the order in which
 * they arrived, nor on how often.
 *
 * @param stage where it stands
 * @param loadsEnded loads that burned to their end
 * @param burning the load in the tool now, or null
 * @param shutSince when it was shut, or null
 * @param burnedFrom start of the first burn, or null
 * @param burnedTo end of the last burn, or null
 * @param removed when the tool was taken out for the last time, or null
 * @param opened when it was opened for the last time, or null
 * @param reason why it was skipped, stopped, opened early or treated again; the latest
 * @param marks what else was seen, in order
 * @param people who worked on it, in order of first act
 * @param steps the steps that stand, in order of happening
 * @param tool number of the tool that is or was in it, or null where none was named
 * @param ready points of making ready that are done, each with the events that say so
 */
public record HiveState(
    Stage stage,
    SortedSet<Integer> loadsEnded,
    @Nullable Integer burning,
    @Nullable Instant shutSince,
    @Nullable Instant burnedFrom,
    @Nullable Instant burnedTo,
    @Nullable Instant removed,
    @Nullable Instant opened,
    @Nullable String reason,
    List<Mark> marks,
    List<String> people,
    List<RunEvent> steps,
    @Nullable Integer tool,
    Map<ReadyPoint, List<UUID>> ready) {

  /** A hive to which nothing has happened. */
  public static final HiveState UNTOUCHED = of(List.of());

  /** Folds the events of one hive, in any order, with repeats. */
  public static HiveState of(List<RunEvent> events) {
    return new Fold(standing(events)).state();
  }

  /** Whether it got acid, wholly or in part: then it belongs in the register. */
  public boolean treated() {
    return !loadsEnded.isEmpty()
        || stage == Stage.STOPPED
        || (burnedFrom != null && stage == Stage.OPEN);
  }

  /**
   * The stage with the plan in view: a pan that is out with loads still to come is being reloaded;
   * a hive whose entrance is left open is done when the tool is out.
   */
  Stage stageIn(PlannedHive hive, RunPlan plan) {
    boolean more = loadsEnded.size() < hive.loads();
    if (stage == Stage.SEALED && more && plan.tool(tool).family() == ToolFamily.PAN_WAND) {
      return Stage.RELOADING;
    }
    boolean out = stage == Stage.SEALED || stage == Stage.STOPPED;
    return out && hive.leftOpen() ? Stage.OPEN : stage;
  }

  /**
   * When it may be opened: the seal period after the tool is out; at once where a burn was stopped.
   */
  public @Nullable Instant openFrom(Duration seal) {
    return switch (stage) {
      case SEALED -> removed == null ? null : removed.plus(seal);
      case STOPPED -> steps.get(steps.size() - 1).at();
      default -> null;
    };
  }

  /** When it was shut first, or null; also once it is open again. */
  public @Nullable Instant firstShut() {
    for (RunEvent step : steps) {
      if (step.kind() == EventKind.PREPARED || step.kind() == EventKind.BURN_STARTED) {
        return step.at();
      }
    }
    return burnedFrom;
  }

  /** In order of happening, each once, without those that were mistakes. */
  private static List<RunEvent> standing(List<RunEvent> events) {
    if (allStand(events)) {
      return events;
    }
    Set<UUID> undone = undone(events);
    List<RunEvent> standing = new ArrayList<>(events.size());
    UUID before = null;
    for (RunEvent event : events.stream().sorted(RunEvent.BY_TIME).toList()) {
      boolean again = event.id().equals(before);
      before = event.id();
      if (!again && event.kind() != EventKind.UNDONE && !undone.contains(event.id())) {
        standing.add(event);
      }
    }
    return standing;
  }

  /** Most logs come in order and without mistakes; to see that costs less than to sort them. */
  private static boolean allStand(List<RunEvent> events) {
    RunEvent before = null;
    for (RunEvent event : events) {
      if (event.kind() == EventKind.UNDONE
          || (before != null && RunEvent.BY_TIME.compare(before, event) >= 0)) {
        return false;
      }
      before = event;
    }
    return true;
  }

  /**
   * Ids of the events that were mistakes. An undo that was itself taken back takes nothing back, to
   * any depth; two undos of one event are one.
   */
  static Set<UUID> undone(Collection<RunEvent> events) {
    Map<UUID, Set<UUID>> undoers = Map.of();
    for (RunEvent event : events) {
      UUID mistake = event.undoes();
      if (mistake != null) {
        undoers = undoers.isEmpty() ? new HashMap<>() : undoers;
        undoers.computeIfAbsent(mistake, id -> new HashSet<>()).add(event.id());
      }
    }
    if (undoers.isEmpty()) {
      return Set.of();
    }
    Set<UUID> undone = new HashSet<>();
    for (UUID mistake : undoers.keySet()) {
      if (isUndone(mistake, undoers, Set.of())) {
        undone.add(mistake);
      }
    }
    return undone;
  }

  /**
   * @param above what is being asked about already: events that undo each other in a ring, which no
   *     press makes, undo nothing
   */
  private static boolean isUndone(UUID id, Map<UUID, Set<UUID>> undoers, Set<UUID> above) {
    Set<UUID> asked = new HashSet<>(above);
    asked.add(id);
    return undoers.getOrDefault(id, Set.of()).stream()
        .anyMatch(undo -> !asked.contains(undo) && !isUndone(undo, undoers, asked));
  }

  /** Gathers facts first and names the stage last, so that two phones' clocks cannot confuse it. */
  private static final class Fold {

    private final List<RunEvent> events;
    private final List<RunEvent> steps;
    private final BitSet started = new BitSet();
    private final SortedSet<Integer> ended = new TreeSet<>();
    private @Nullable RunEvent lastStart;
    private @Nullable Instant firstBurn;
    private @Nullable Instant lastEnd;
    private @Nullable Instant prepared;
    private @Nullable Instant loaded;
    private @Nullable Instant removed;
    private @Nullable Instant opened;
    private @Nullable RunEvent aborted;
    private boolean skipped;
    private @Nullable String reason;
    private final List<Mark> marks = new ArrayList<>();
    private final List<String> people = new ArrayList<>(2);
    private Map<ReadyPoint, List<UUID>> ready = Map.of();
    private @Nullable Integer tool;
    private String shutBy = "";
    private String endedBy = "";
    private String removedBy = "";
    private String openedBy = "";

    Fold(List<RunEvent> events) {
      this.events = events;
      this.steps = new ArrayList<>(events.size());
    }

    HiveState state() {
      for (RunEvent event : events) {
        take(event);
      }
      Stage stage = stage();
      return new HiveState(
          stage,
          ended,
          stage == Stage.BURNING && lastStart != null ? lastStart.load() : null,
          stage.isShut() || stage == Stage.LOADED
              ? (prepared != null ? prepared : firstBurn)
              : null,
          firstBurn,
          lastEnd,
          removed,
          opened,
          reason,
          List.copyOf(marks),
          List.copyOf(people),
          Collections.unmodifiableList(steps),
          tool,
          ready);
    }

    private void take(RunEvent event) {
      if (!people.contains(event.by())) {
        people.add(event.by());
      }
      if (event.kind().isStep()) {
        steps.add(event);
        reason = event.reason() == null ? reason : event.reason();
      }
      switch (event.kind()) {
        case CHECKED -> {
          ready = ready.isEmpty() ? new EnumMap<>(ReadyPoint.class) : ready;
          ready
              .computeIfAbsent(ReadyPoint.named(event.reason()), point -> new ArrayList<>())
              .add(event.id());
        }
        case PREPARED -> shut(event);
        case LOADED -> {
          loaded = event.at();
          tool = event.tool();
        }
        case BURN_STARTED -> start(event);
        case BURN_ENDED -> end(event);
        case REMOVED -> out(event);
        case SEALED -> removed = removed == null ? event.at() : removed;
        case OPENED -> open(event);
        case SKIPPED -> skipped = true;
        case ABORTED -> abort(event);
        case LEAK_SEEN, RESIDUE, NOTE -> mark(event, Mark.typed(event.reason()));
        case RELEASED, PACK_SWAPPED, PAUSED, WENT_ON, PUT_OFF, EXPOSURE, ACCIDENT, UNDONE -> {}
      }
    }

    private void shut(RunEvent event) {
      if (prepared == null) {
        prepared = event.at();
        shutBy = event.by();
      } else {
        merged(event, shutBy, Fact.of("mark.alsoShut"));
      }
    }

    private void end(RunEvent event) {
      if (ended.add(event.load())) {
        endedBy = event.by();
      } else {
        merged(
            event,
            endedBy,
            Fact.of("mark.alsoEnded").figure("load", Objects.requireNonNull(event.load())));
      }
      firstBurn = firstBurn == null ? event.at() : firstBurn;
      lastEnd = event.at();
    }

    private void out(RunEvent event) {
      if (isSinceLastStart(removed)) {
        merged(event, removedBy, Fact.of("mark.alsoTakenOut"));
      }
      removed = event.at();
      removedBy = event.by();
    }

    /**
     * The first opening counts; what two people do to a hive that is open already changes nothing.
     */
    private void open(RunEvent event) {
      if (isSinceLastStart(opened)) {
        merged(event, openedBy, Fact.of("mark.alsoOpened"));
      } else {
        opened = event.at();
        openedBy = event.by();
      }
    }

    private boolean isSinceLastStart(@Nullable Instant at) {
      return at != null && (lastStart == null || !at.isBefore(lastStart.at()));
    }

    /** What two people did is counted once, and told. */
    private void merged(RunEvent event, String first, Fact what) {
      if (!event.by().equals(first)) {
        mark(event, what.text("who", event.by()));
      }
    }

    private void start(RunEvent event) {
      int load = Objects.requireNonNull(event.load());
      if (!started.get(load)) {
        started.set(load);
        lastStart = event;
        tool = event.tool();
        firstBurn = firstBurn == null ? event.at() : firstBurn;
      } else {
        mark(event, Fact.of("mark.alsoStarted").figure("load", load).text("who", event.by()));
      }
    }

    /**
     * The load that was stopped may be burned again: that is a new burn, with a seal of its own.
     */
    private void abort(RunEvent event) {
      aborted = event;
      if (lastStart != null && !ended.contains(lastStart.load())) {
        started.clear(Objects.requireNonNull(lastStart.load()));
      }
    }

    private void mark(RunEvent event, @Nullable Fact says) {
      marks.add(new Mark(event.kind(), event.at(), event.by(), says));
    }

    private Stage stage() {
      if (firstBurn == null) {
        return opened != null
            ? Stage.OPEN
            : skipped
                ? Stage.SKIPPED
                : loaded != null ? Stage.LOADED : prepared != null ? Stage.PREPARED : Stage.WAITING;
      }
      Instant since = lastStart == null ? firstBurn : lastStart.at();
      if (opened != null && !opened.isBefore(since)) {
        return Stage.OPEN;
      }
      if (aborted != null && !aborted.at().isBefore(since)) {
        return Stage.STOPPED;
      }
      if (removed != null && !removed.isBefore(since)) {
        return loaded != null && loaded.isAfter(removed) ? Stage.LOADED : Stage.SEALED;
      }
      return lastStart == null || ended.contains(lastStart.load()) ? Stage.BURNT : Stage.BURNING;
    }
  }
}
