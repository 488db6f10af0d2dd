package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static tavrel.core.run.Log.DAWN;
import static tavrel.core.run.Log.hive;
import static tavrel.core.run.Log.planned;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;

/** A run held against its plan, while it lasts and afterwards. */
class PaceAndReviewTest {

  private static final int SET_UP = 900;

  /** Three hives a minute apart, ten minutes shut, a quarter of an hour before and after. */
  private static final RunPlan PLAN =
      new RunPlan(
          List.of(planned("1", 1, 1), planned("2", 2, 1), planned("3", 3, 1)),
          Duration.ofMinutes(10),
          Duration.ofMinutes(30),
          List.of(RunTool.BOWL),
          RunPlan.USUAL_OPEN_FIRST_AFTER,
          new PlannedPace(List.of(line("1", 0), line("2", 60), line("3", 120)), 2_560, 3));

  private static PlannedPace.Line line(String name, int from) {
    return new PlannedPace.Line(hive(name), SET_UP + from, SET_UP + from + 40, SET_UP + from + 640);
  }

  @Test
  void before_anything_has_begun_there_is_no_pace() {
    assertThat(pace(new Log(), 0)).isNull();
  }

  @Test
  void a_run_that_goes_as_reckoned_is_not_late_and_ends_when_reckoned() {
    PaceNow pace = pace(burned("1", 0), 50);
    assertThat(pace.outByNow()).isEqualTo(1);
    assertThat(pace.out()).isEqualTo(1);
    assertThat(pace.behind()).isZero();
    assertThat(pace.endsAt()).isEqualTo(DAWN.plusSeconds(2_560 - SET_UP));
  }

  @Test
  void a_run_is_late_by_as_much_as_the_next_hive_is() {
    PaceNow pace = pace(burned("1", 0), 400);
    assertThat(pace.outByNow()).isEqualTo(3);
    assertThat(pace.behind()).isEqualTo(400 - 100);
    assertThat(pace.endsAt()).isEqualTo(DAWN.plusSeconds(2_560 - SET_UP + 300));
  }

  @Test
  void hives_left_out_make_a_run_shorter() {
    Log log = burned("1", 0).at(50).just("2", EventKind.SKIPPED, "weak colony");
    log.at(60).start("3", 1).at(70).end("3", 1).out("3");
    assertThat(pace(log, 70).behind()).as("the second opens at 640 as reckoned").isZero();
    Log none = burned("1", 0).at(50).just("3", EventKind.SKIPPED, "weak colony");
    assertThat(pace(none, 60).endsAt()).isEqualTo(DAWN.plusSeconds(700 + 900));
  }

  @Test
  void once_all_have_their_acid_it_is_late_by_the_openings() {
    Log log = burned("1", 0).at(60).start("2", 1).at(100).end("2", 1).out("2");
    log.at(120).start("3", 1).at(160).end("3", 1).out("3");
    assertThat(pace(log, 700).behind()).isEqualTo(700 - 640);
  }

  @Test
  void it_says_whether_the_end_lies_inside_the_workable_hours() {
    Log log = burned("1", 0);
    assertThat(endsInside(log, 1_660)).isTrue();
    assertThat(endsInside(log, 1_659)).isFalse();
    assertThat(pace(log, 50).endsInside()).as("in no workable hours").isFalse();
  }

  private static boolean endsInside(Log log, long workableTo) {
    return RunBoard.of(
            PLAN, log.events(), DAWN.plusSeconds(50), Part.FIRST, DAWN.plusSeconds(workableTo))
        .pace()
        .endsInside();
  }

  @Test
  void after_a_night_only_what_was_left_counts() {
    Log log = burned("1", 0).at(640).open("1").crew(EventKind.PUT_OFF, "rain");
    log.at(86_400).start("2", 1).at(86_440).end("2", 1).out("2");
    PaceNow pace = pace(log, 86_450);
    assertThat(pace.out()).isEqualTo(1);
    assertThat(pace.behind()).isZero();
  }

  @Test
  void a_review_lays_what_was_done_beside_what_was_reckoned() {
    Log log = burned("1", 10).at(300).start("2", 1).at(345).end("2", 1).out("2");
    log.at(650).open("1").at(1_300).by("Wren").open("2");
    log.by("Tam").just("3", EventKind.SKIPPED, "weak colony");
    RunReview review = RunReview.of(PLAN, log.events());
    assertThat(review.from()).isEqualTo(DAWN.plusSeconds(10));
    assertThat(review.tookSeconds()).isEqualTo(1_290);
    assertThat(review.plannedSeconds()).isEqualTo(760);
    assertThat(review.acidPlanned()).isEqualTo(6, within(1e-9));
    assertThat(review.acidUsed()).isEqualTo(4, within(1e-9));
    assertThat(review.mostShut()).isEqualTo(2);
    RunReview.HiveDone second = review.hives().get(1);
    assertThat(second.planned().out()).isEqualTo(100);
    assertThat(second.overSeconds()).isEqualTo(1_300 - 945);
    assertThat(review.people())
        .containsExactly(
            new RunReview.PersonDone("Tam", 2, 1, 5), new RunReview.PersonDone("Wren", 0, 1, 0));
    assertThat(review.exceptions())
        .extracting(RunReview.Out::says)
        .containsExactlyInAnyOrder(
            Fact.of("review.openedLate").minutes("late", 5),
            Fact.of("review.leftOut").text("reason", "weak colony"));
  }

  @Test
  void a_review_tells_pauses_people_long_shut_hives_and_clocks_set_right() {
    Log log = new Log().clockOff(3_600).start("1", 1).clockOff(null).at(40).end("1", 1).out("1");
    log.at(50).crew(EventKind.PAUSED, "wind turned");
    log.at(60).start("2", 1).at(100).end("2", 1).out("2");
    log.at(110).crew(EventKind.WENT_ON, null);
    log.at(120).crew(EventKind.ACCIDENT, "Tam: hand burned on the bowl. Cooled.");
    log.at(2_000).open("1");
    assertThat(RunReview.of(PLAN, log.events()).exceptions())
        .extracting(RunReview.Out::says)
        .containsExactly(
            Fact.of("review.clockAhead").text("who", "Tam").minutes("off", 60),
            Fact.of("review.burnInPause").text("why", "wind turned"),
            Fact.of("review.accident").text("says", "Tam: hand burned on the bowl. Cooled."),
            Fact.of("review.openedLate").minutes("late", 22),
            Fact.of("review.shutTooLong").minutes("shut", 33).minutes("longest", 30));
  }

  @Test
  void hives_left_out_by_one_press_are_told_together() {
    Log log = new Log().just("1", EventKind.SKIPPED, "rain").just("2", EventKind.SKIPPED, "rain");
    log.at(400).just("3", EventKind.SKIPPED, "rain");
    assertThat(RunReview.of(PLAN, log.events()).exceptions())
        .extracting(each -> each.hiveIds().size())
        .containsExactly(2, 1);
  }

  @Test
  void a_run_in_which_nothing_happened_has_no_review() {
    assertThat(RunReview.of(PLAN, List.of())).isNull();
  }

  private static Log burned(String hive, long from) {
    return new Log().at(from).start(hive, 1).at(from + 40).end(hive, 1).out(hive);
  }

  private static PaceNow pace(Log log, long second) {
    return RunBoard.of(PLAN, log.events(), DAWN.plusSeconds(second)).pace();
  }
}
