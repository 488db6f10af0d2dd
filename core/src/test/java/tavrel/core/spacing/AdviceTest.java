package tavrel.core.spacing;

import static org.assertj.core.api.Assertions.assertThat;
import static tavrel.core.spacing.Colonies.TODAY;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.BroodState;
import tavrel.core.brood.Comb;
import tavrel.core.brood.NewQueen;
import tavrel.core.brood.YoungestBrood;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.KillCurve;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.rulesheet.Verdict;

class AdviceTest {

  @Test
  void a_clean_colony_is_left_alone_and_counted_again() {
    Advice advice = Comparison.of(Colonies.colony(0, null, List.of()), TODAY).advice();

    assertThat(advice.kind()).isEqualTo(Advice.Kind.NOTHING_NEEDED);
    assertThat(advice.days()).isEmpty();
    assertThat(advice.says()).isEqualTo(Fact.of("advice.noRoundNeeded"));
  }

  @Test
  void a_swarm_above_the_limit_today_is_not_called_clean_because_brood_will_thin_it() {
    Advice advice = Comparison.of(swarm(9), TODAY).advice();

    assertThat(advice.kind()).isEqualTo(Advice.Kind.SINGLE);
  }

  @Test
  void where_nothing_on_the_sheet_is_enough_the_best_on_it_and_a_break_are_shown() {
    Colony heavy = withDose(Colonies.colony(15, ExampleSheets.all().get(0), List.of()), 1, 0.45);
    Comparison comparison = Comparison.of(heavy, TODAY);

    assertThat(comparison.advice().kind()).isEqualTo(Advice.Kind.FALLS_SHORT);
    assertThat(comparison.advice().says().code()).isEqualTo("advice.bestFallsShort");
    Schedule best = new Schedule(comparison.advice().days());
    assertThat(heavy.judge(best).verdict()).isNotEqualTo(Verdict.NOT_ON_LABEL);
  }

  @Test
  void more_mites_never_need_fewer_rounds() {
    int before = 0;
    for (int mites : new int[] {1, 3, 6, 9, 12}) {
      SpacingSearch search = SpacingSearch.of(Colonies.colony(mites, null, List.of()));
      SpacingSearch.EvenSeries least = search.leastWork(0.02);
      int rounds = least == null ? SpacingSearch.ROUNDS + 1 : least.rounds();
      assertThat(rounds).as("%d mites", mites).isGreaterThanOrEqualTo(before);
      before = rounds;
    }
  }

  @Test
  void a_tighter_hive_and_a_fuller_dose_leave_fewer() {
    Schedule weekly = Schedule.every(TODAY, 3, 7);
    Colony colony = Colonies.summer();

    assertThat(left(withDose(colony, 2, 0.9), weekly))
        .isLessThan(left(withDose(colony, 2, 0.45), weekly));
    assertThat(left(withDose(colony, 4, 0.9), weekly))
        .isLessThan(left(withDose(colony, 1, 0.9), weekly));
    double first = left(withDose(colony, 1, 0.9), weekly) - left(withDose(colony, 2, 0.9), weekly);
    double last = left(withDose(colony, 3, 0.9), weekly) - left(withDose(colony, 4, 0.9), weekly);
    assertThat(first).as("each further gram buys less").isGreaterThan(last);
  }

  @Test
  void more_brood_shields_more_mites() {
    Schedule weekly = Schedule.every(TODAY, 3, 7);

    assertThat(shielded(6, weekly)).isGreaterThan(shielded(3, weekly));
    assertThat(shielded(0, weekly)).isZero();
  }

  @Test
  void a_split_is_treated_in_its_likely_window_and_told_to_look() {
    Colony split =
        Colonies.colony(
            9,
            null,
            List.of(
                new BroodEvent.Split(
                    TODAY.minusDays(15), YoungestBrood.YOUNG_LARVAE, NewQueen.RIPE_CELL)));
    Comparison comparison = Comparison.of(split, TODAY);

    assertThat(comparison.breaks())
        .filteredOn(each -> each.kind() == BroodBreak.Kind.WINDOW)
        .singleElement()
        .satisfies(
            window -> {
              assertThat(split.clock().on(window.day())).isEqualTo(BroodState.LIKELY_FREE);
              assertThat(window.says()).isEqualTo(Fact.of("break.likelyNothingCapped"));
            });
    assertThat(comparison.breaks())
        .as("no queen to cage")
        .noneMatch(each -> each.kind() == BroodBreak.Kind.QUEEN_CAGED);
  }

  @Test
  void a_colony_that_is_free_is_not_told_to_cage_or_to_take_brood_out() {
    assertThat(Comparison.of(swarm(9), TODAY).breaks())
        .extracting(BroodBreak::kind)
        .containsExactly(BroodBreak.Kind.WINDOW);
  }

  @Test
  void rounds_on_record_leave_less_of_the_year() {
    Colony fresh = Colonies.colony(9, ExampleSheets.all().get(2), List.of());
    Colony treated =
        new Colony(
            fresh.load(),
            fresh.clock(),
            fresh.season(),
            fresh.figures(),
            fresh.dose(),
            fresh.sheet(),
            TODAY.minusDays(30),
            Map.of(2026, 40),
            fresh.commonDate(),
            fresh.target(),
            fresh.hives());

    long before = onLabel(fresh);
    assertThat(onLabel(treated)).isLessThanOrEqualTo(before);
  }

  @Test
  void the_rule_of_thumb_asks_for_a_longer_span_with_drones() {
    Schedule weekly = Schedule.every(TODAY, 3, 7);

    assertThat(RuleOfThumb.of(weekly, false).holds()).isTrue();
    assertThat(RuleOfThumb.of(weekly, true).holds()).isFalse();
    assertThat(RuleOfThumb.of(Schedule.every(TODAY, 5, 10), true).holds()).isFalse();
    assertThat(RuleOfThumb.of(new Schedule(List.of()), false).holds()).isFalse();
  }

  @Test
  void patterns_beyond_the_common_date_keep_only_the_rounds_before_it() {
    assertThat(SpacingPattern.all())
        .allSatisfy(
            pattern -> {
              Schedule shortened = pattern.from(TODAY, TODAY.plusDays(20));
              assertThat(shortened.days()).allMatch(day -> day.isBefore(TODAY.plusDays(20)));
              assertThat(pattern.from(TODAY, TODAY.plusYears(2)).rounds())
                  .isEqualTo(pattern.rounds());
            });
  }

  private static long onLabel(Colony colony) {
    return SpacingSearch.of(colony).options().stream()
        .filter(SpacingSearch.EvenSeries::onLabel)
        .count();
  }

  private static double shielded(double cappedFrames, Schedule schedule) {
    Colony colony = Colonies.summer();
    ColonyLoad load = new ColonyLoad(9, 300, 1, 10, cappedFrames, 0.02);
    return MiteForecast.of(with(colony, load, colony.dose()), schedule).rounds().get(0).shielded();
  }

  private static double left(Colony colony, Schedule schedule) {
    return PatternOutcome.of(colony, "", schedule).left();
  }

  private static Colony swarm(int mites) {
    return Colonies.colony(
        mites, null, List.of(new BroodEvent.SwarmHived(TODAY.minusDays(1), Comb.DRAWN)));
  }

  private static Colony withDose(Colony colony, double grams, double kept) {
    return with(colony, colony.load(), new Dose(grams, kept, KillCurve.FIELD));
  }

  private static Colony with(Colony colony, ColonyLoad load, Dose dose) {
    return new Colony(
        load,
        colony.clock(),
        colony.season(),
        colony.figures(),
        dose,
        colony.sheet(),
        colony.lastTreated(),
        colony.treated(),
        colony.commonDate(),
        colony.target(),
        colony.hives());
  }
}
