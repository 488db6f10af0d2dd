package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static tavrel.core.run.Log.DAWN;
import static tavrel.core.run.Log.hive;
import static tavrel.core.run.Log.plan;
import static tavrel.core.run.Log.planned;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunBoardTest {

  @Test
  void the_row_is_worked_in_walking_order_and_the_first_shut_is_the_first_to_open() {
    Log log = new Log();
    assertThat(board(log, 0).actOn()).isEqualTo(hive("1"));
    log.start("1", 1);
    assertThat(board(log, 10).actOn()).as("the tool is in it").isEqualTo(hive("1"));
    log.at(40).end("1", 1).out("1").at(60).start("2", 1).at(100).end("2", 1).out("2");
    assertThat(board(log, 110).actOn()).isEqualTo(hive("3"));
    assertThat(board(log, 110).nextToOpen()).isEqualTo(hive("1"));
    assertThat(board(log, 110).stillShut()).isEqualTo(2);
  }

  @Test
  void burning_goes_on_while_a_hive_is_a_little_over_but_not_when_it_is_well_over() {
    Log log = new Log().start("1", 1).at(40).end("1", 1).out("1");
    assertThat(board(log, 40 + 600 + 170).actOn()).isEqualTo(hive("2"));
    assertThat(board(log, 40 + 600 + 181).actOn()).isEqualTo(hive("1"));
  }

  @Test
  void when_all_have_burned_the_next_to_open_is_what_to_wait_for() {
    Log log = new Log();
    for (int i = 0; i < 3; i++) {
      String hive = String.valueOf(i + 1);
      log.at(60L * i).start(hive, 1).at(60L * i + 40).end(hive, 1).out(hive);
    }
    assertThat(board(log, 200).actOn()).isEqualTo(hive("1"));
    log.at(640).open("1").at(700).open("2").at(760);
    assertThat(board(log, 760).finished()).isFalse();
    assertThat(board(log.open("3"), 761))
        .satisfies(
            done -> {
              assertThat(done.finished()).isTrue();
              assertThat(done.actOn()).isNull();
              assertThat(done.treated()).isEqualTo(3);
              assertThat(done.acidUsed()).isEqualTo(6.0);
            });
  }

  @Test
  void a_skipped_hive_is_passed_by() {
    Log log = new Log().just("1", EventKind.SKIPPED, "queen just introduced");
    assertThat(board(log, 1).actOn()).isEqualTo(hive("2"));
    assertThat(board(log, 1).skipped()).isEqualTo(1);
  }

  @Test
  void a_burn_ended_and_taken_out_in_one_move_is_undone_in_one_move() {
    Log log = new Log().start("1", 1).at(40).end("1", 1).out("1");
    LastStep last = board(log, 50).lastStep();
    assertThat(last.kind()).isEqualTo(EventKind.BURN_ENDED);
    assertThat(last.events()).hasSize(2);
  }

  @Test
  void the_alarm_is_set_by_the_first_shutting() {
    Log log = new Log().just("1", EventKind.PREPARED, null).at(900).start("1", 1);
    assertThat(board(log, 900).hives().get(0).alarmAt())
        .isEqualTo(DAWN.plus(Duration.ofMinutes(45)));
  }

  @ParameterizedTest
  @CsvSource({"-3, 45", "15, 45", "15.1, 30", "25, 30", "25.1, 20"})
  void warmth_shortens_the_longest_time_shut(double celsius, int minutes) {
    assertThat(SealTime.longestShut(celsius)).isEqualTo(Duration.ofMinutes(minutes));
  }

  @Test
  void an_unknown_warmth_counts_as_mild() {
    assertThat(SealTime.longestShut(null)).isEqualTo(Duration.ofMinutes(30));
  }

  @Test
  void the_way_ahead_is_told_step_by_step() {
    assertThat(ahead(new Log(), 2))
        .containsExactly(Act.START_BURN, Act.END_LOAD, Act.START_BURN, Act.END_BURN, Act.OPEN);
    assertThat(ahead(new Log().start("1", 1), 2))
        .containsExactly(Act.END_LOAD, Act.START_BURN, Act.END_BURN, Act.OPEN);
    assertThat(ahead(new Log().start("1", 1).at(1).end("1", 1), 2))
        .containsExactly(Act.START_BURN, Act.END_BURN, Act.OPEN);
    assertThat(ahead(new Log().start("1", 1).at(1).end("1", 1), 1))
        .containsExactly(Act.TAKE_OUT, Act.OPEN);
    assertThat(ahead(new Log().start("1", 1).at(1).end("1", 1).out("1"), 1))
        .containsExactly(Act.OPEN);
    assertThat(ahead(new Log().start("1", 1).at(1).end("1", 1).out("1").at(2).open("1"), 1))
        .isEmpty();
  }

  /** Following the way ahead, event by event, leads to the stages that it names. */
  @Test
  void the_way_ahead_is_true() {
    Log log = new Log();
    long second = 0;
    for (NextAct next : NextAct.ahead(log.state("1"), planned("1", 1, 3), plan("1"), Part.FIRST)) {
      log.at(++second);
      for (EventKind kind : next.events()) {
        switch (kind) {
          case BURN_STARTED -> log.start("1", next.load());
          case BURN_ENDED -> log.end("1", next.load());
          default -> log.just("1", kind, null);
        }
      }
      assertThat(log.state("1").stage()).isEqualTo(next.leadsTo());
    }
    assertThat(log.state("1").loadsEnded()).hasSize(3);
  }

  @Test
  void events_of_a_hive_that_is_not_in_the_plan_change_nothing() {
    Log log = new Log().start("stranger", 1);
    assertThat(board(log, 1).actOn()).isEqualTo(hive("1"));
  }

  private static List<Act> ahead(Log log, int loads) {
    return NextAct.ahead(log.state("1"), planned("1", 1, loads), plan("1"), Part.FIRST).stream()
        .map(NextAct::act)
        .toList();
  }

  private static RunBoard board(Log log, long second) {
    return RunBoard.of(plan("1", "2", "3"), log.events(), DAWN.plusSeconds(second));
  }
}
