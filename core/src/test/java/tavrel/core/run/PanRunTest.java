package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static tavrel.core.run.Log.DAWN;
import static tavrel.core.run.Log.hive;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.burn.ToolFamily;

/** The order of steps with a pan wand, and its clocks. */
class PanRunTest {

  private static final RunTool PAN = RunTool.first("pan", ToolFamily.PAN_WAND, 120, 60);

  @Test
  void a_pan_is_loaded_cold_connected_disconnected_cooled_in_the_hive_and_taken_out() {
    assertThat(acts(new Log(), 1))
        .containsExactly(Act.LOAD_COLD, Act.CONNECT, Act.DISCONNECT, Act.OUT_AND_SHUT, Act.OPEN);
  }

  @Test
  void with_two_loads_it_comes_out_to_cool_and_is_loaded_cold_again() {
    assertThat(acts(new Log(), 2))
        .containsExactly(
            Act.LOAD_COLD,
            Act.CONNECT,
            Act.DISCONNECT,
            Act.OUT_TO_RELOAD,
            Act.LOAD_COLD,
            Act.CONNECT,
            Act.DISCONNECT,
            Act.OUT_AND_SHUT,
            Act.OPEN);
  }

  @Test
  void following_the_way_ahead_step_by_step_always_leaves_the_rest_of_it() {
    Log log = new Log();
    List<NextAct> ahead = NextAct.ahead(log.state("1"), planned(2), plan(2), Part.FIRST);
    for (int i = 0; i < ahead.size(); i++) {
      NextAct next = ahead.get(i);
      log.at(60L * (i + 1)).does("1", next);
      assertThat(NextAct.ahead(log.state("1"), planned(2), plan(2), Part.FIRST))
          .as("after %s", next.act())
          .isEqualTo(ahead.subList(i + 1, ahead.size()));
      assertThat(board(log, 2).stage()).isEqualTo(next.leadsTo());
    }
  }

  @Test
  void the_burn_clock_and_the_cooling_clock_come_from_the_tool() {
    Log log = new Log().at(0).just("1", EventKind.LOADED, 1).at(30).start("1", 1);
    assertThat(board(log, 1).clockTo()).isEqualTo(DAWN.plusSeconds(30 + 150));
    log.at(185).end("1", 1);
    assertThat(board(log, 1).stage()).isEqualTo(Stage.BURNT);
    assertThat(board(log, 1).clockTo()).isEqualTo(DAWN.plusSeconds(185 + 120));
    log.at(310).out("1");
    assertThat(board(log, 1).clockTo()).isNull();
    assertThat(board(log, 1).openFrom()).isEqualTo(DAWN.plusSeconds(310 + 600));
  }

  @Test
  void between_two_loads_the_hive_is_shut_but_its_seal_time_has_not_begun() {
    Log log = oneOfTwoLoads();
    HiveOnBoard hive = board(log, 2);
    assertThat(hive.stage()).isEqualTo(Stage.RELOADING);
    assertThat(hive.openFrom()).isNull();
    assertThat(hive.shutSince()).isNotNull();
    assertThat(hive.clockTo()).isEqualTo(DAWN.plusSeconds(300 + 60));
    assertThat(
            Guard.refusal(
                log.at(2_000).open("1").last(),
                oneOfTwoLoads().state("1"),
                planned(2),
                plan(2),
                true))
        .hasValue(Fact.of("refused.loadsToCome").figure("given", 1).count("planned", 2, "load"));
  }

  @Test
  void loaded_again_it_waits_for_the_current() {
    Log log = oneOfTwoLoads().at(400).just("1", EventKind.LOADED, 2);
    assertThat(board(log, 2).stage()).isEqualTo(Stage.LOADED);
    assertThat(board(log, 2).ahead().get(0).act()).isEqualTo(Act.CONNECT);
    assertThat(board(log, 2).shutSince())
        .as("shut since the first burn")
        .isEqualTo(DAWN.plusSeconds(30));
  }

  @Test
  void the_hive_that_has_the_pan_is_pointed_at_before_the_next_in_the_row() {
    Log log = oneOfTwoLoads();
    RunPlan plan =
        RunPlan.plain(
            List.of(planned(2), PlannedHive.plain(hive("2"), 2, 1, 2, 2)),
            Duration.ofMinutes(10),
            Duration.ofMinutes(45),
            PAN);
    assertThat(RunBoard.of(plan, log.events(), DAWN.plusSeconds(350)).actOn()).isEqualTo(hive("1"));
  }

  @Test
  void a_small_first_load_counts_for_what_it_was() {
    PlannedHive loosened =
        new PlannedHive(hive("1"), 1, 3, 1.5, 1.6, 0.5, 0.6, 0, null, null, null, false);
    assertThat(loosened.acidIn(Set.of(1))).isEqualTo(0.5);
    assertThat(loosened.acidIn(Set.of(1, 2, 3))).isEqualTo(3.5);
    assertThat(loosened.productIn(Set.of(2, 3))).isEqualTo(3.2);
  }

  private static Log oneOfTwoLoads() {
    return new Log()
        .at(0)
        .just("1", EventKind.LOADED, 1)
        .at(30)
        .start("1", 1)
        .at(180)
        .end("1", 1)
        .at(300)
        .out("1");
  }

  private static List<Act> acts(Log log, int loads) {
    return NextAct.ahead(log.state("1"), planned(loads), plan(loads), Part.FIRST).stream()
        .map(NextAct::act)
        .toList();
  }

  private static HiveOnBoard board(Log log, int loads) {
    return RunBoard.of(plan(loads), log.events(), DAWN.plusSeconds(4_000)).hives().get(0);
  }

  private static RunPlan plan(int loads) {
    return RunPlan.plain(
        List.of(planned(loads)), Duration.ofMinutes(10), Duration.ofMinutes(45), PAN);
  }

  private static PlannedHive planned(int loads) {
    return new PlannedHive(hive("1"), 1, loads, 2, 2.1, null, null, 0, null, null, 150, false);
  }
}
