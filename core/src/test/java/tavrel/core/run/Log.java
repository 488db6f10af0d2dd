package tavrel.core.run;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Writes run logs for tests: {@code log.at(60).start("1", 1)}. */
final class Log {

  static final Instant DAWN = Instant.parse("2026-08-18T06:00:00Z");

  private final List<RunEvent> events = new ArrayList<>();
  private Instant at = DAWN;
  private String by = "Tam";
  private @Nullable Integer tool;
  private @Nullable Integer clockOff;

  static UUID hive(String name) {
    return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
  }

  Log at(long seconds) {
    at = DAWN.plusSeconds(seconds);
    return this;
  }

  Log by(String who) {
    by = who;
    return this;
  }

  /** What follows is done with this tool. */
  Log with(@Nullable Integer number) {
    tool = number;
    return this;
  }

  /** What follows comes from a device whose clock was ahead by so many seconds. */
  Log clockOff(@Nullable Integer seconds) {
    clockOff = seconds;
    return this;
  }

  /** Something that concerns the crew, not a hive. */
  Log crew(EventKind kind, @Nullable String says) {
    events.add(
        new RunEvent(UUID.randomUUID(), null, kind, at, by, null, says, null, tool, clockOff));
    return this;
  }

  Log start(String hive, int load) {
    return add(hive, EventKind.BURN_STARTED, load, null, null);
  }

  Log startAgain(String hive, int load, String because) {
    return add(hive, EventKind.BURN_STARTED, load, because, null);
  }

  Log end(String hive, int load) {
    return add(hive, EventKind.BURN_ENDED, load, null, null);
  }

  Log out(String hive) {
    return add(hive, EventKind.REMOVED, null, null, null);
  }

  Log open(String hive) {
    return add(hive, EventKind.OPENED, null, null, null);
  }

  Log just(String hive, EventKind kind, @Nullable String reason) {
    return add(hive, kind, null, reason, null);
  }

  Log just(String hive, EventKind kind, int load) {
    return add(hive, kind, load, null, null);
  }

  /** Everything that one press puts into the log. */
  Log does(String hive, NextAct next) {
    next.events().forEach(kind -> add(hive, kind, next.load(), null, null));
    return this;
  }

  Log undo(RunEvent event) {
    events.add(
        new RunEvent(
            UUID.randomUUID(),
            event.hiveId(),
            EventKind.UNDONE,
            at,
            by,
            null,
            null,
            event.id(),
            null,
            null));
    return this;
  }

  RunEvent last() {
    return events.get(events.size() - 1);
  }

  List<RunEvent> events() {
    return List.copyOf(events);
  }

  HiveState state(String hive) {
    return HiveState.of(
        events.stream().filter(event -> hive(hive).equals(event.hiveId())).toList());
  }

  static RunPlan plan(String... hives) {
    List<PlannedHive> planned = new ArrayList<>();
    for (String hive : hives) {
      planned.add(planned(hive, planned.size() + 1, 1));
    }
    return RunPlan.plain(planned, Duration.ofMinutes(10), Duration.ofMinutes(45), RunTool.BOWL);
  }

  static PlannedHive planned(String hive, int place, int loads) {
    return PlannedHive.plain(hive(hive), place, loads, 2.0, 2.1);
  }

  private Log add(
      String hive,
      EventKind kind,
      @Nullable Integer load,
      @Nullable String reason,
      @Nullable UUID undoes) {
    events.add(
        new RunEvent(
            UUID.randomUUID(), hive(hive), kind, at, by, load, reason, undoes, tool, clockOff));
    return this;
  }
}
