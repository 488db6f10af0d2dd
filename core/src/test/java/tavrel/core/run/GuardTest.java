package tavrel.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static tavrel.core.run.Log.plan;
import static tavrel.core.run.Log.planned;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.run.PeopleCheck.Point;

class GuardTest {

  @Test
  void nothing_burns_while_the_people_check_is_open() {
    assertThat(refusal(new Log(), new Log().start("1", 1), false))
        .hasValue(Fact.of("refused.peopleCheckOpen"));
    assertThat(refusal(new Log(), new Log().start("1", 1), true)).isEmpty();
  }

  @Test
  void a_burn_beyond_the_plan_needs_a_because() {
    assertThat(refusal(new Log(), new Log().start("1", 2), true)).isPresent();
    assertThat(refusal(new Log(), new Log().startAgain("1", 2, "cap stuck"), true)).isEmpty();
  }

  @Test
  void a_finished_hive_is_not_treated_twice_without_a_because() {
    Log done = new Log().start("1", 1).at(40).end("1", 1).out("1").at(700).open("1");
    assertThat(refusal(done, new Log().at(800).start("1", 1), true)).isPresent();
    assertThat(refusal(done, new Log().at(800).startAgain("1", 2, "leaked badly"), true)).isEmpty();
  }

  @Test
  void opening_early_needs_a_reason_and_says_how_long_is_left() {
    Log sealed = new Log().start("1", 1).at(40).end("1", 1).out("1");
    assertThat(refusal(sealed, new Log().at(100).open("1"), true))
        .hasValue(Fact.of("refused.shutForAnother").seconds("left", 540));
    assertThat(
            refusal(
                sealed, new Log().at(100).just("1", EventKind.OPENED, "bees boiling out"), true))
        .isEmpty();
    assertThat(refusal(sealed, new Log().at(640).open("1"), true)).isEmpty();
  }

  @Test
  void a_hive_that_never_burned_is_not_opened_without_a_word() {
    assertThat(refusal(new Log(), new Log().open("1"), true)).isPresent();
  }

  @Test
  void a_hive_that_had_acid_is_not_skipped() {
    Log burning = new Log().start("1", 1);
    assertThat(refusal(burning, new Log().at(5).just("1", EventKind.SKIPPED, "no time"), true))
        .isPresent();
    assertThat(refusal(new Log(), new Log().just("1", EventKind.SKIPPED, "no time"), true))
        .isEmpty();
  }

  @Test
  void only_a_burn_can_be_stopped() {
    assertThat(refusal(new Log(), new Log().just("1", EventKind.ABORTED, "wind"), true))
        .isPresent();
    assertThat(
            refusal(
                new Log().start("1", 1),
                new Log().at(9).just("1", EventKind.ABORTED, "wind"),
                true))
        .isEmpty();
  }

  @Test
  void a_people_check_is_whole_or_no_check() {
    assertThat(PeopleCheck.whole().confirmed()).hasSize(Point.values().length);
    assertThatThrownBy(() -> new PeopleCheck(Set.of(Point.RESPIRATOR, Point.FIT), "late"))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("GLOVES");
  }

  @Test
  void under_thunder_or_on_ice_only_a_typed_reason_goes_on() {
    Set<Point> allButTheSky = EnumSet.complementOf(EnumSet.of(Point.SKY));
    assertThatThrownBy(() -> new PeopleCheck(allButTheSky, " "))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("unsafeReason"));
    assertThat(new PeopleCheck(allButTheSky, "ice in the shade only, boots on").unsafeReason())
        .isEqualTo("ice in the shade only, boots on");
  }

  @Test
  void the_register_line_tells_what_was_out_of_the_ordinary() {
    Log log =
        new Log()
            .start("1", 1)
            .at(9)
            .just("1", EventKind.LEAK_SEEN, null)
            .at(20)
            .just("1", EventKind.ABORTED, "wind turned");
    Treatment line =
        Treatment.of(planned("1", 1, 1), log.at(30).open("1").state("1")).orElseThrow();
    assertThat(line.loads()).isZero();
    assertThat(line.acid()).isZero();
    assertThat(line.remarks())
        .containsExactly(
            Fact.of("treatment.loadsGiven").figure("given", 0).count("planned", 1, "load"),
            Fact.of("review.burnStopped").text("reason", "wind turned"),
            Fact.of("review.leakSeen"));
  }

  @Test
  void a_hive_without_acid_has_no_register_line() {
    assertThat(
            Treatment.of(
                planned("1", 1, 1), new Log().just("1", EventKind.SKIPPED, "weak").state("1")))
        .isEmpty();
  }

  private static Optional<Fact> refusal(Log before, Log then, boolean peopleChecked) {
    return Guard.refusal(
        then.last(), before.state("1"), planned("1", 1, 1), plan("1"), peopleChecked);
  }
}
