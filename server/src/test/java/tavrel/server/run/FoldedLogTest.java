package tavrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.run.EventKind;
import tavrel.core.run.HiveState;
import tavrel.core.run.RunEvent;
import tavrel.server.http.Problem;

class FoldedLogTest {

  private static final Instant DAWN = Instant.parse("2026-08-18T06:00:00Z");

  @Test
  void a_log_that_grew_by_single_events_is_the_log_that_was_read_at_once() {
    List<RunEvent> events = events(500);
    FoldedLog grown = FoldedLog.of(List.of());
    for (RunEvent event : events) {
      assertThat(grown.holds(event)).isFalse();
      grown = grown.plus(event);
      assertThat(grown.holds(event)).isTrue();
    }
    FoldedLog read = FoldedLog.of(events);
    assertThat(grown.states()).isEqualTo(read.states());
    assertThat(grown.ofCrew()).isEqualTo(read.ofCrew());
    assertThat(grown.events()).containsExactlyInAnyOrderElementsOf(events);
    for (RunEvent event : events) {
      assertThat(grown.holds(event.id())).isTrue();
    }
  }

  @Test
  void what_is_added_leaves_the_log_before_as_it_was() {
    FoldedLog before = FoldedLog.of(events(10));
    RunEvent more = event(1, EventKind.OPENED, 900);
    FoldedLog after = before.plus(more);
    assertThat(before.holds(more.id())).isFalse();
    assertThat(after.state(more.hiveId())).isNotEqualTo(before.state(more.hiveId()));
    assertThat(before.state(UUID.randomUUID())).isEqualTo(HiveState.UNTOUCHED);
  }

  @Test
  void an_id_that_means_something_else_already_is_refused_however_old_it_is() {
    List<RunEvent> events = events(300);
    FoldedLog log = FoldedLog.of(List.of());
    for (RunEvent event : events) {
      log = log.plus(event);
    }
    FoldedLog whole = log;
    for (RunEvent known : List.of(events.get(0), events.get(299))) {
      RunEvent other =
          RunEvent.at(known.id(), UUID.randomUUID(), EventKind.PREPARED, DAWN, "Tam", null, null);
      assertThatThrownBy(() -> whole.holds(other)).isInstanceOf(Problem.class);
    }
  }

  private static List<RunEvent> events(int count) {
    Random random = new Random(7);
    List<RunEvent> events = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int hive = random.nextInt(12);
      events.add(
          switch (i % 5) {
            case 0 -> event(hive, EventKind.BURN_STARTED, i);
            case 1 -> event(hive, EventKind.BURN_ENDED, i);
            case 2 -> event(hive, EventKind.REMOVED, i);
            case 3 -> event(hive, EventKind.LEAK_SEEN, i);
            default -> pause(i);
          });
    }
    return events;
  }

  private static RunEvent event(int hive, EventKind kind, int second) {
    boolean ofLoad = kind == EventKind.BURN_STARTED || kind == EventKind.BURN_ENDED;
    return RunEvent.at(
        UUID.randomUUID(),
        new UUID(0, hive),
        kind,
        DAWN.plusSeconds(second),
        "Tam",
        ofLoad ? 1 : null,
        null);
  }

  private static RunEvent pause(int second) {
    return new RunEvent(
        UUID.randomUUID(),
        null,
        EventKind.PAUSED,
        DAWN.plusSeconds(second),
        "Tam",
        null,
        "wind",
        null,
        null,
        null);
  }
}
