package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static tavrel.core.run.Log.DAWN;
import static tavrel.core.run.Log.hive;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class HiveStateTest {

  @Test
  void a_treatment_goes_from_waiting_to_open() {
    Log log = new Log();
    assertThat(log.state("1").stage()).isEqualTo(Stage.WAITING);
    assertThat(log.just("1", EventKind.PREPARED, null).state("1").stage())
        .isEqualTo(Stage.PREPARED);
    assertThat(log.at(10).start("1", 1).state("1").stage()).isEqualTo(Stage.BURNING);
    assertThat(log.at(40).end("1", 1).state("1").stage()).isEqualTo(Stage.BURNT);
    assertThat(log.at(45).out("1").state("1").stage()).isEqualTo(Stage.SEALED);
    assertThat(log.state("1").openFrom(Duration.ofMinutes(10))).isEqualTo(DAWN.plusSeconds(645));
    assertThat(log.state("1").shutSince()).isEqualTo(DAWN);
    assertThat(log.at(645).open("1").state("1").stage()).isEqualTo(Stage.OPEN);
    assertThat(log.state("1").shutSince()).isNull();
  }

  @Test
  void the_seal_period_runs_from_taking_the_tool_out_and_not_from_the_end_of_the_burn() {
    Log log = new Log().start("1", 1).at(40).end("1", 1).at(100).out("1");
    assertThat(log.state("1").openFrom(Duration.ofMinutes(5))).isEqualTo(DAWN.plusSeconds(400));
  }

  @Test
  void two_loads_are_two_burns_in_one_hive() {
    Log log = new Log().start("1", 1).at(30).end("1", 1);
    assertThat(log.state("1").stage()).isEqualTo(Stage.BURNT);
    log.at(40).start("1", 2);
    assertThat(log.state("1").burning()).isEqualTo(2);
    log.at(70).end("1", 2).out("1");
    assertThat(log.state("1").loadsEnded()).containsExactly(1, 2);
    assertThat(log.state("1").stage()).isEqualTo(Stage.SEALED);
  }

  @Test
  void a_load_that_was_stopped_and_burned_again_is_sealed_and_timed() {
    Log log = new Log().start("1", 1).at(15).just("1", EventKind.ABORTED, "wind turned");
    log.at(100).startAgain("1", 1, "wind is gone");
    assertThat(log.state("1").stage()).isEqualTo(Stage.BURNING);
    assertThat(log.state("1").burning()).isEqualTo(1);
    log.at(140).end("1", 1).at(145).out("1");
    assertThat(log.state("1").stage()).isEqualTo(Stage.SEALED);
    assertThat(log.state("1").openFrom(Duration.ofMinutes(10))).isEqualTo(DAWN.plusSeconds(745));
    assertThat(log.state("1").loadsEnded()).containsExactly(1);
  }

  @Test
  void an_undo_that_was_a_mistake_itself_takes_nothing_back() {
    Log log = new Log().start("1", 1).at(40).end("1", 1);
    log.at(41).undo(log.last());
    assertThat(log.state("1").stage()).isEqualTo(Stage.BURNING);
    log.at(42).undo(log.last());
    assertThat(log.state("1").stage()).isEqualTo(Stage.BURNT);
    log.at(43).undo(log.last());
    assertThat(log.state("1").stage()).as("to any depth").isEqualTo(Stage.BURNING);
    List<RunEvent> shuffled = new ArrayList<>(log.events());
    Collections.reverse(shuffled);
    assertThat(HiveState.of(shuffled).stage()).isEqualTo(Stage.BURNING);
  }

  @Test
  void undo_takes_a_step_back_wherever_it_stands() {
    Log log = new Log().start("1", 1);
    RunEvent start = log.last();
    log.at(40).end("1", 1);
    RunEvent end = log.last();
    log.out("1");
    RunEvent out = log.last();
    assertThat(log.at(41).undo(out).undo(end).state("1").stage()).isEqualTo(Stage.BURNING);
    assertThat(log.at(42).undo(start).state("1").stage()).isEqualTo(Stage.WAITING);
    assertThat(log.state("1").treated()).isFalse();
  }

  @Test
  void the_same_load_started_on_two_phones_is_one_load_and_both_are_named() {
    Log log =
        new Log()
            .start("1", 1)
            .at(2)
            .by("Wren")
            .start("1", 1)
            .at(40)
            .end("1", 1)
            .at(41)
            .by("Tam")
            .end("1", 1)
            .out("1");
    HiveState state = log.state("1");
    assertThat(state.loadsEnded()).containsExactly(1);
    assertThat(state.stage()).isEqualTo(Stage.SEALED);
    assertThat(state.people()).containsExactly("Tam", "Wren");
    assertThat(state.marks())
        .extracting(Mark::says)
        .containsExactly(
            Fact.of("mark.alsoStarted").figure("load", 1).text("who", "Wren"),
            Fact.of("mark.alsoEnded").figure("load", 1).text("who", "Tam"));
  }

  @Test
  void a_stopped_burn_leaves_the_hive_shut_and_may_be_opened_at_once() {
    Log log = new Log().start("1", 1).at(15).just("1", EventKind.ABORTED, "wind turned");
    assertThat(log.state("1").stage()).isEqualTo(Stage.STOPPED);
    assertThat(log.state("1").stage().isShut()).isTrue();
    assertThat(log.state("1").openFrom(Duration.ofMinutes(10))).isEqualTo(DAWN.plusSeconds(15));
    assertThat(log.state("1").treated()).isTrue();
  }

  @Test
  void burning_again_in_an_open_hive_shuts_it_again() {
    Log log = new Log().start("1", 1).at(40).end("1", 1).out("1").at(700).open("1");
    log.at(800).startAgain("1", 2, "rag fell out");
    assertThat(log.state("1").stage()).isEqualTo(Stage.BURNING);
    assertThat(log.at(840).end("1", 2).out("1").state("1").stage()).isEqualTo(Stage.SEALED);
  }

  @Test
  void a_burn_end_that_arrives_without_its_start_still_counts() {
    Log log = new Log().at(40).end("1", 1).out("1");
    assertThat(log.state("1").stage()).isEqualTo(Stage.SEALED);
    assertThat(log.state("1").treated()).isTrue();
  }

  @Test
  void marks_do_not_move_a_hive() {
    Log log =
        new Log()
            .start("1", 1)
            .at(5)
            .just("1", EventKind.LEAK_SEEN, null)
            .just("1", EventKind.NOTE, "pollen coming in");
    assertThat(log.state("1").stage()).isEqualTo(Stage.BURNING);
    assertThat(log.state("1").marks())
        .extracting(Mark::kind)
        .containsExactly(EventKind.LEAK_SEEN, EventKind.NOTE);
  }

  /** Random logs, sensible and not: shuffled, repeated and late, they tell the same story. */
  @Test
  void any_order_of_arrival_and_any_repeats_give_the_same_state() {
    Random random = new Random(2026);
    for (int run = 0; run < 400; run++) {
      List<RunEvent> events = randomLog(random);
      HiveState told = HiveState.of(events);
      for (int shuffle = 0; shuffle < 5; shuffle++) {
        List<RunEvent> arrived = new ArrayList<>(events);
        for (int i = 0; i < 6; i++) {
          arrived.add(events.get(random.nextInt(events.size())));
        }
        Collections.shuffle(arrived, random);
        assertThat(HiveState.of(arrived)).isEqualTo(told);
        assertThat(Treatment.of(Log.planned("1", 1, 2), HiveState.of(arrived)))
            .isEqualTo(Treatment.of(Log.planned("1", 1, 2), told));
      }
    }
  }

  @ParameterizedTest
  @EnumSource(
      value = EventKind.class,
      names = {"SKIPPED", "ABORTED", "NOTE"})
  void what_needs_words_is_refused_without(EventKind kind) {
    assertThatThrownBy(
            () -> RunEvent.at(UUID.randomUUID(), hive("1"), kind, DAWN, "Tam", null, "  "))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("reason"));
  }

  @Test
  void a_burn_names_its_load_and_an_undo_its_event() {
    assertThatThrownBy(
            () ->
                RunEvent.at(
                    UUID.randomUUID(), hive("1"), EventKind.BURN_STARTED, DAWN, "Tam", null, null))
        .hasMessageContaining("which load");
    assertThatThrownBy(
            () ->
                RunEvent.at(
                    UUID.randomUUID(), hive("1"), EventKind.BURN_ENDED, DAWN, "Tam", 0, null))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(
            () ->
                RunEvent.at(
                    UUID.randomUUID(), hive("1"), EventKind.UNDONE, DAWN, "Tam", null, null))
        .hasMessageContaining("mistake");
  }

  private static List<RunEvent> randomLog(Random random) {
    Log log = new Log();
    int length = 1 + random.nextInt(12);
    for (int i = 0; i < length; i++) {
      log.at(random.nextInt(8)).by(random.nextBoolean() ? "Tam" : "Wren");
      switch (random.nextInt(9)) {
        case 0 -> log.just("1", EventKind.PREPARED, null);
        case 1, 2 -> log.start("1", 1 + random.nextInt(2));
        case 3, 4 -> log.end("1", 1 + random.nextInt(2));
        case 5 -> log.out("1");
        case 6 -> log.open("1");
        case 7 ->
            log.just("1", random.nextBoolean() ? EventKind.SKIPPED : EventKind.ABORTED, "why");
        default -> {
          List<RunEvent> before = log.events();
          if (before.isEmpty()) {
            log.just("1", EventKind.LEAK_SEEN, null);
          } else {
            log.undo(before.get(random.nextInt(before.size())));
          }
        }
      }
    }
    return log.events();
  }
}
