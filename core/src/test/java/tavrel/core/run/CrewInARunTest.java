package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static tavrel.core.run.Log.DAWN;
import static tavrel.core.run.Log.hive;
import static tavrel.core.run.Log.planned;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.burn.ToolFamily;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Material;

/** Several people with several tools in one run. */
class CrewInARunTest {

  private static final Fact OF_FOAM = Fact.of("unfit.hotPan").word("material", Material.FOAM);
  private static final RunTool PAN =
      new RunTool(
          2,
          "Pan",
          ToolFamily.PAN_WAND,
          120,
          60,
          3,
          Map.of(hive("1"), 150),
          Map.of(hive("2"), OF_FOAM));
  private static final RunPlan PLAN =
      new RunPlan(
          List.of(planned("1", 1, 1), planned("2", 2, 1), planned("3", 3, 1), planned("4", 4, 1)),
          Duration.ofMinutes(10),
          Duration.ofMinutes(45),
          List.of(RunTool.BOWL, PAN),
          RunPlan.USUAL_OPEN_FIRST_AFTER,
          null);

  @Test
  void each_tool_is_pointed_at_its_own_hive() {
    Log log = new Log().with(1).start("1", 1).with(2).start("3", 1);
    assertThat(board(log, 10, new Part(1, null)).actOn()).isEqualTo(hive("1"));
    assertThat(board(log, 10, new Part(2, null)).actOn()).isEqualTo(hive("3"));
    assertThat(board(log, 10, Part.FIRST).tools())
        .extracting(ToolOnBoard::in)
        .containsExactly(hive("1"), hive("3"));
  }

  @Test
  void a_pan_passes_a_hive_by_that_it_must_not_touch() {
    Log log = new Log().with(1).start("1", 1);
    assertThat(board(log, 10, new Part(2, null)).actOn()).isEqualTo(hive("3"));
    assertThat(board(log, 10, new Part(1, null)).actOn()).isEqualTo(hive("1"));
  }

  @Test
  void the_steps_ahead_are_those_of_the_tool_that_is_in_the_hive() {
    Log log = new Log().with(2).just("1", EventKind.LOADED, 1);
    RunBoard board = board(log, 10, Part.FIRST);
    assertThat(acts(board, 0)).startsWith(Act.CONNECT, Act.DISCONNECT, Act.OUT_AND_SHUT);
    assertThat(board.hives().get(0).ahead().get(0).clockSeconds()).isEqualTo(150);
    assertThat(acts(board, 1)).startsWith(Act.START_BURN);
    assertThat(acts(board(log, 10, new Part(2, null)), 2)).startsWith(Act.LOAD_COLD);
  }

  @Test
  void hands_shut_a_few_ahead_and_open_what_is_due() {
    Log log = new Log();
    assertThat(board(log, 0, Part.HANDS).actOn()).isEqualTo(hive("1"));
    assertThat(acts(board(log, 0, Part.HANDS), 0)).startsWith(Act.SHUT, Act.START_BURN);
    log.just("1", EventKind.PREPARED, null).just("2", EventKind.PREPARED, null);
    assertThat(board(log, 5, Part.HANDS).actOn()).isEqualTo(hive("3"));
    log.just("3", EventKind.PREPARED, null).just("4", EventKind.PREPARED, null);
    assertThat(board(log, 5, Part.HANDS).actOn()).as("four for two tools are enough").isNull();
    log.at(10).with(1).start("1", 1).at(40).end("1", 1).out("1");
    assertThat(board(log, 640, Part.HANDS).actOn()).isEqualTo(hive("1"));
  }

  @Test
  void the_acid_left_is_that_of_hives_which_are_still_to_burn() {
    Log log = new Log().with(1).start("1", 1);
    assertThat(board(log, 10, Part.FIRST).acidLeft()).isEqualTo(8);
    log.at(30).end("1", 1).just("4", EventKind.SKIPPED, "weak colony");
    assertThat(board(log, 40, Part.FIRST).acidLeft()).isEqualTo(4);
    assertThat(board(log, 40, Part.FIRST).hives().get(1).notFor()).containsExactly(2);
  }

  @Test
  void in_a_pause_nothing_new_is_burned_but_hives_are_opened() {
    Log log = new Log().with(1).start("1", 1).at(30).end("1", 1).out("1");
    log.at(40).crew(EventKind.PAUSED, "wind turned");
    assertThat(board(log, 50, Part.FIRST).actOn()).isEqualTo(hive("1"));
    assertThat(board(log, 50, Part.FIRST).crew().paused().why()).isEqualTo("wind turned");
    assertThat(board(log, 50, Part.HANDS).actOn()).isEqualTo(hive("1"));
    log.at(100).crew(EventKind.WENT_ON, null);
    assertThat(board(log, 110, Part.FIRST).crew().paused()).isNull();
    assertThat(board(log, 110, Part.FIRST).actOn()).isEqualTo(hive("2"));
  }

  @Test
  void a_pause_taken_back_never_was() {
    Log log = new Log().crew(EventKind.PAUSED, "wind turned");
    log.undo(log.last());
    assertThat(board(log, 10, Part.FIRST).crew().pauses()).isEmpty();
  }

  @Test
  void an_exposure_stands_with_what_was_done() {
    Log log = new Log().crew(EventKind.EXPOSURE, "Tam: vapour in the eyes. Rinsed for 15 minutes.");
    assertThat(board(log, 10, Part.FIRST).crew().happened())
        .singleElement()
        .satisfies(
            each -> {
              assertThat(each.kind()).isEqualTo(EventKind.EXPOSURE);
              assertThat(each.at()).isEqualTo(DAWN);
              assertThat(each.says().toString()).contains("Rinsed");
            });
  }

  @Test
  void a_pack_is_counted_down_by_the_burns_of_its_tool_and_begins_anew_when_swapped() {
    Log log = new Log().with(2).start("1", 1).at(60).start("3", 1).with(1).start("4", 1);
    assertThat(pack(log)).isEqualTo(1);
    log.at(70).with(2).crew(EventKind.PACK_SWAPPED, null);
    assertThat(pack(log)).isEqualTo(3);
    assertThat(board(log, 80, Part.FIRST).tools().get(0).packBurnsLeft()).isNull();
  }

  @Test
  void undo_takes_back_ones_own_step_not_another_persons() {
    Log log = new Log().by("Tam").start("1", 1).at(5).by("Wren").start("2", 1);
    assertThat(board(log, 10, new Part(1, "Tam")).lastStep().hiveId()).isEqualTo(hive("1"));
    assertThat(board(log, 10, new Part(1, "Wren")).lastStep().hiveId()).isEqualTo(hive("2"));
    assertThat(board(log, 10, new Part(1, "Ida")).lastStep()).isNull();
  }

  @Test
  void each_hive_tells_what_takes_its_latest_step_back() {
    Log log = new Log().start("1", 1).at(20).end("1", 1).out("1").at(30).start("2", 1);
    UUID start = log.last().id();
    RunBoard board = board(log, 40, Part.FIRST);
    assertThat(board.hives().get(0).latest()).hasSize(2);
    assertThat(board.hives().get(1).latest()).containsExactly(start);
    assertThat(board.hives().get(2).latest()).isEmpty();
  }

  @Test
  void the_rest_is_not_put_off_while_a_hive_is_shut() {
    Log log = new Log().with(1).start("1", 1).at(30).end("1", 1).out("1");
    assertThat(Guard.putOff(PLAN, RunBoard.states(PLAN, log.events())))
        .hasValue(Fact.of("refused.stillShut").count("shut", 1, "hive"));
    log.at(700).open("1");
    assertThat(Guard.putOff(PLAN, RunBoard.states(PLAN, log.events()))).isEmpty();
  }

  @Test
  void a_tool_is_kept_from_a_hive_that_it_must_not_touch() {
    assertThat(refusal("2", 2))
        .hasValue(Fact.of("refused.unfitTool").text("tool", "Pan").fact("why", OF_FOAM));
    assertThat(refusal("1", 2)).isEmpty();
    assertThat(refusal("1", 5)).hasValue(Fact.of("refused.toolNotInRun"));
  }

  @Test
  void what_two_people_did_to_one_hive_counts_once_and_is_told() {
    Log log = new Log().by("Tam").start("1", 1).at(2).by("Wren").start("1", 1);
    log.at(30).by("Tam").end("1", 1).out("1").at(31).by("Wren").end("1", 1).out("1");
    log.at(640).by("Wren").open("1").at(641).by("Tam").open("1");
    HiveState state = log.state("1");
    assertThat(state.loadsEnded()).containsExactly(1);
    assertThat(state.marks())
        .extracting(Mark::says)
        .containsExactly(
            Fact.of("mark.alsoStarted").figure("load", 1).text("who", "Wren"),
            Fact.of("mark.alsoEnded").figure("load", 1).text("who", "Wren"),
            Fact.of("mark.alsoTakenOut").text("who", "Wren"),
            Fact.of("mark.alsoOpened").text("who", "Tam"));
  }

  @Test
  void points_of_making_ready_are_done_by_whoever_ticks_them_and_move_no_hive() {
    Log log = new Log().just("1", EventKind.CHECKED, "TRAY").just("1", EventKind.CHECKED, "CRACKS");
    HiveOnBoard hive = board(log, 0, Part.FIRST).hives().get(0);
    assertThat(hive.ready()).containsOnlyKeys(ReadyPoint.TRAY, ReadyPoint.CRACKS);
    assertThat(hive.stage()).isEqualTo(Stage.WAITING);
    assertThat(hive.shutSince()).isNull();
    log.undo(log.last());
    assertThat(log.state("1").ready()).containsOnlyKeys(ReadyPoint.TRAY);
    assertThatThrownBy(() -> new Log().just("1", EventKind.CHECKED, "NO SUCH"))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void a_solid_floor_asks_for_no_tray_and_a_hive_without_supers_for_none_off() {
    assertThat(ReadyPoint.of(Floor.SOLID, 0))
        .containsExactly(ReadyPoint.BURR_COMB, ReadyPoint.CRACKS, ReadyPoint.ENTRANCE);
    assertThat(ReadyPoint.of(Floor.BARE_MESH, 1)).containsExactly(ReadyPoint.values());
  }

  @Test
  void after_a_loosening_load_the_rest_waits_some_minutes() {
    PlannedHive loosened =
        new PlannedHive(hive("1"), 1, 2, 1.5, 1.6, 0.5, 0.6, 0, null, null, 30, false);
    RunPlan plan =
        RunPlan.plain(
            List.of(loosened), Duration.ofMinutes(10), Duration.ofMinutes(45), RunTool.BOWL);
    Log log = new Log().start("1", 1).at(20).end("1", 1);
    HiveOnBoard hive = RunBoard.of(plan, log.events(), DAWN.plusSeconds(30)).hives().get(0);
    assertThat(hive.stage()).isEqualTo(Stage.BURNT);
    assertThat(hive.clockTo()).isEqualTo(DAWN.plusSeconds(260));
    log.at(260).start("1", 2).at(290).end("1", 2);
    assertThat(RunBoard.of(plan, log.events(), DAWN.plusSeconds(300)).hives().get(0).clockTo())
        .isNull();
  }

  private static RunBoard board(Log log, long second, Part part) {
    return RunBoard.of(PLAN, log.events(), DAWN.plusSeconds(second), part, null);
  }

  private static List<Act> acts(RunBoard board, int place) {
    return board.hives().get(place).ahead().stream().map(NextAct::act).toList();
  }

  private static Integer pack(Log log) {
    return board(log, 100, Part.FIRST).tools().get(1).packBurnsLeft();
  }

  private static Optional<Fact> refusal(String hive, int tool) {
    RunEvent event =
        new RunEvent(
            UUID.randomUUID(),
            hive(hive),
            EventKind.BURN_STARTED,
            DAWN,
            "Tam",
            1,
            null,
            null,
            tool,
            null);
    return Guard.refusal(event, HiveState.of(List.of()), planned(hive, 1, 1), PLAN, true);
  }
}
