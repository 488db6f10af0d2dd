package tavrel.server.run;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import tavrel.core.Fact;
import tavrel.core.run.HiveState;
import tavrel.core.run.RunEvent;
import tavrel.server.http.Problem;

/**
 * A round's log as it is kept, in memory, with the state of every hive folded already. Never
 * changed; adding gives another, which shares all that did not move.
 */
final class FoldedLog {

  /** Ids that came last are copied with every event; so many of them go to the rest at once. */
  private static final int RECENT = 64;

  private final Map<UUID, RunEvent> byId;
  private final Map<UUID, RunEvent> recent;
  private final Map<UUID, List<RunEvent>> byHive;
  private final Map<UUID, HiveState> states;
  private final List<RunEvent> ofCrew;

  private FoldedLog(
      Map<UUID, RunEvent> byId,
      Map<UUID, RunEvent> recent,
      Map<UUID, List<RunEvent>> byHive,
      Map<UUID, HiveState> states,
      List<RunEvent> ofCrew) {
    this.byId = byId;
    this.recent = recent;
    this.byHive = byHive;
    this.states = states;
    this.ofCrew = ofCrew;
  }

  static FoldedLog of(Collection<RunEvent> events) {
    Map<UUID, RunEvent> byId = new HashMap<>();
    Map<UUID, List<RunEvent>> byHive = new HashMap<>();
    List<RunEvent> ofCrew = new ArrayList<>();
    for (RunEvent event : events) {
      byId.put(event.id(), event);
      if (event.hiveId() == null) {
        ofCrew.add(event);
      } else {
        byHive.computeIfAbsent(event.hiveId(), hive -> new ArrayList<>()).add(event);
      }
    }
    Map<UUID, HiveState> states = new HashMap<>();
    byHive.forEach((hive, own) -> states.put(hive, HiveState.of(own)));
    return new FoldedLog(byId, Map.of(), byHive, states, ofCrew);
  }

  /** This log with one event more. */
  FoldedLog plus(RunEvent event) {
    Map<UUID, RunEvent> ids = byId;
    Map<UUID, RunEvent> last = new HashMap<>(recent);
    last.put(event.id(), event);
    if (last.size() > RECENT) {
      ids = new HashMap<>(byId);
      ids.putAll(last);
      last = Map.of();
    }
    if (event.hiveId() == null) {
      return new FoldedLog(ids, last, byHive, states, and(ofCrew, event));
    }
    List<RunEvent> own = and(byHive.getOrDefault(event.hiveId(), List.of()), event);
    Map<UUID, List<RunEvent>> hives = new HashMap<>(byHive);
    hives.put(event.hiveId(), own);
    Map<UUID, HiveState> folded = new HashMap<>(states);
    folded.put(event.hiveId(), HiveState.of(own));
    return new FoldedLog(ids, last, hives, folded, ofCrew);
  }

  private static List<RunEvent> and(List<RunEvent> events, RunEvent event) {
    List<RunEvent> more = new ArrayList<>(events.size() + 1);
    more.addAll(events);
    more.add(event);
    return more;
  }

  /**
   * Whether an event is kept already.
   *
   * @throws Problem 409 if its id is kept for something else
   */
  boolean holds(RunEvent event) {
    RunEvent kept = recent.getOrDefault(event.id(), byId.get(event.id()));
    if (kept != null
        && (kept.kind() != event.kind() || !Objects.equals(kept.hiveId(), event.hiveId()))) {
      throw Problem.conflict(Fact.of("refused.eventIdTaken"));
    }
    return kept != null;
  }

  boolean holds(UUID eventId) {
    return recent.containsKey(eventId) || byId.containsKey(eventId);
  }

  /** The state of a hive, also of one to which nothing has happened. */
  HiveState state(UUID hiveId) {
    return states.getOrDefault(hiveId, HiveState.UNTOUCHED);
  }

  /** The states of hives to which something has happened. */
  Map<UUID, HiveState> states() {
    return states;
  }

  /** What concerns the crew or a tool, and what takes some of that back. */
  List<RunEvent> ofCrew() {
    return ofCrew;
  }

  /** Every event, in no order. */
  List<RunEvent> events() {
    List<RunEvent> events = new ArrayList<>(ofCrew);
    byHive.values().forEach(events::addAll);
    return events;
  }
}
