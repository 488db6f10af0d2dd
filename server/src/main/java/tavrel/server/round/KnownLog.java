package tavrel.server.round;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.yardrun.HiveState;
import tavrel.core.yardrun.RunEvent;
import tavrel.server.http.Problem;

/** A round's log as it is kept, in memory. Never changed; adding gives another. */
final class KnownLog {

  private final Map<UUID, RunEvent> byId;
  private final Map<UUID, List<RunEvent>> byHive;
  private final List<RunEvent> ofCrew;

  private KnownLog(
      Map<UUID, RunEvent> byId, Map<UUID, List<RunEvent>> byHive, List<RunEvent> ofCrew) {
    this.byId = byId;
    this.byHive = byHive;
    this.ofCrew = ofCrew;
  }

  static KnownLog of(Collection<RunEvent> events) {
    KnownLog log = new KnownLog(new HashMap<>(), new HashMap<>(), new ArrayList<>());
    events.forEach(log::take);
    return log;
  }

  /** This log with one event more. */
  KnownLog plus(RunEvent event) {
    KnownLog log =
        new KnownLog(new HashMap<>(byId), new HashMap<>(byHive), new ArrayList<>(ofCrew));
    log.take(event);
    return log;
  }

  /**
   * Whether an event is kept already.
   *
   * @throws Problem 409 if its id is kept for something else
   */
  boolean holds(RunEvent event) {
    RunEvent kept = byId.get(event.id());
    if (kept != null
        && (kept.kind() != event.kind() || !Objects.equals(kept.hiveId(), event.hiveId()))) {
      throw Problem.conflict("Another event has this id already.");
    }
    return kept != null;
  }

  boolean holds(UUID eventId) {
    return byId.containsKey(eventId);
  }

  /** The state of a hive; of none, where nothing has happened. */
  HiveState state(@Nullable UUID hiveId) {
    return HiveState.of(byHive.getOrDefault(hiveId, List.of()));
  }

  Collection<RunEvent> events() {
    return byId.values();
  }

  /** What concerns the crew or a tool, and what takes some of that back. */
  List<RunEvent> ofCrew() {
    return ofCrew;
  }

  private void take(RunEvent event) {
    byId.put(event.id(), event);
    if (event.hiveId() == null) {
      ofCrew.add(event);
      return;
    }
    List<RunEvent> ofHive = new ArrayList<>(byHive.getOrDefault(event.hiveId(), List.of()));
    ofHive.add(event);
    byHive.put(event.hiveId(), ofHive);
  }
}
