package tavrel.core.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;

import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import ai.timefold.solver.test.api.score.stream.ConstraintVerifier;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.weather.HourGrade;

/** Each constraint alone, by figures worked by hand; then all together against the plain score. */
class SeasonConstraintsTest {

  private static final DaySpan MONTH = new DaySpan(Outfit.FIRST, Outfit.FIRST.plusDays(29));

  private final ConstraintVerifier<SeasonConstraints, SeasonToPlan> verifier =
      ConstraintVerifier.build(new SeasonConstraints(), SeasonToPlan.class, VisitToPlace.class);

  @Test
  void rounds_closer_than_the_least_gap_cost_each_day_that_is_missing() {
    PlanBoard board = twoRounds();
    verifier
        .verifyThat(SeasonConstraints::gapTooShort)
        .given(at(board, 0, 0), at(board, 1, 3))
        .penalizesBy(2);
    verifier
        .verifyThat(SeasonConstraints::gapTooShort)
        .given(at(board, 0, 0), at(board, 1, 5))
        .penalizesBy(0);
  }

  @Test
  void a_round_before_the_one_that_should_come_first_is_closer_by_all_days_back() {
    PlanBoard board = twoRounds();
    verifier
        .verifyThat(SeasonConstraints::gapTooShort)
        .given(at(board, 0, 6), at(board, 1, 2))
        .penalizesBy(9);
  }

  @Test
  void rounds_farther_than_the_most_gap_cost_each_day_too_many() {
    PlanBoard board = twoRounds();
    verifier
        .verifyThat(SeasonConstraints::gapTooLong)
        .given(at(board, 0, 0), at(board, 1, 12))
        .penalizesBy(3);
  }

  @Test
  void over_a_missed_round_the_gap_may_be_twice_as_long() {
    PlanBoard board = board(new Outfit(30).yard(0, 10).crew("A").weekly(0, 3));
    verifier
        .verifyThat(SeasonConstraints::gapTooLong)
        .given(at(board, 0, 0), at(board, 2, 18))
        .penalizesBy(0);
    verifier
        .verifyThat(SeasonConstraints::gapTooLong)
        .given(at(board, 0, 0), at(board, 2, 20))
        .penalizesBy(2);
    verifier
        .verifyThat(SeasonConstraints::gapTooShort)
        .given(at(board, 0, 0), at(board, 2, 8))
        .penalizesBy(2);
  }

  @Test
  void the_round_done_last_counts_as_the_one_before() {
    PlanBoard board = board(goingOn());
    verifier.verifyThat(SeasonConstraints::tooSoonAfterDone).given(at(board, 0, 1)).penalizesBy(1);
    verifier.verifyThat(SeasonConstraints::tooLateAfterDone).given(at(board, 0, 9)).penalizesBy(3);
    verifier
        .verifyThat(SeasonConstraints::startOff)
        .given(at(board, 0, 6))
        .penalizesBy(4 * PlanWeights.USUAL.gapDay());
  }

  @Test
  void closed_days_break_a_rule_once() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A");
    outfit.series(
        new PlannedSeries(
            Outfit.id("course 0"),
            Outfit.id("yard 0"),
            "Series 0",
            1,
            2,
            new Gaps(5, 7, 9),
            MONTH,
            Outfit.FIRST,
            null,
            null,
            null,
            Map.of(Outfit.FIRST.plusDays(4), Fact.of("closed.off").text("band", "supers are on")),
            Map.of()));
    PlanBoard board = board(outfit);
    verifier
        .verifyThat(SeasonConstraints::closedDay)
        .given(at(board, 0, 4), at(board, 1, 11))
        .penalizesBy(1);
  }

  @Test
  void on_a_locked_day_only_pinned_visits_stay() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A").weekly(0, 2);
    outfit.locked.put(Outfit.FIRST.plusDays(2), "rained off");
    PlanBoard board = board(outfit);
    verifier
        .verifyThat(SeasonConstraints::blockedDay)
        .given(at(board, 0, 2), pinned(board, 1, 2))
        .penalizesBy(1);
  }

  @Test
  void rounds_above_what_the_label_leaves_in_a_year_each_break_it() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A");
    outfit.series(
        new PlannedSeries(
            Outfit.id("course 0"),
            Outfit.id("yard 0"),
            "Series 0",
            1,
            3,
            new Gaps(5, 7, 9),
            MONTH,
            Outfit.FIRST,
            null,
            null,
            null,
            Map.of(),
            Map.of(2026, 1)));
    PlanBoard board = board(outfit);
    verifier
        .verifyThat(SeasonConstraints::overLabel)
        .given(at(board, 0, 0), at(board, 1, 7), at(board, 2, 14))
        .penalizesBy(2);
  }

  @Test
  void work_outside_the_workable_hours_costs_its_minutes() {
    Outfit outfit =
        new Outfit(30)
            .yard(
                0,
                10,
                Map.of(
                    Outfit.FIRST,
                    List.of(
                        Outfit.window(0, LocalTime.of(5, 0), LocalTime.of(5, 45), HourGrade.GOOD))),
                Map.of())
            .crew("A")
            .weekly(0, 2);
    PlanBoard board = board(outfit);
    verifier
        .verifyThat(SeasonConstraints::outsideHours)
        .given(at(board, 0, 0), at(board, 1, 7))
        .penalizesBy(15 + 60);
  }

  @Test
  void a_day_longer_than_the_crew_works_costs_its_minutes() {
    Outfit outfit = new Outfit(30).yard(0, 100);
    outfit.crews.add(
        new RoadCrew(
            Outfit.id("A"),
            "A",
            LocalTime.of(1, 0),
            LocalTime.of(22, 0),
            300,
            Set.of(),
            Map.of(Outfit.id("yard 0"), 60)));
    outfit.weekly(0, 1);
    PlanBoard board = board(outfit);
    // 100 km × 1.35 at 50 km/h are 162 min each way, with an hour's work 384 min of 300
    verifier.verifyThat(SeasonConstraints::beyondCrewHours).given(at(board, 0, 0)).penalizesBy(84);
  }

  @Test
  void visits_without_a_place_are_missed() {
    PlanBoard board = twoRounds();
    verifier
        .verifyThat(SeasonConstraints::missed)
        .given(board, at(board, 0, 0), at(board, 1, null))
        .penalizesBy(1);
  }

  @Test
  void where_few_changes_are_wanted_a_missed_visit_is_worth_eight_moves() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A").weekly(0, 2);
    outfit.agreed.add(Outfit.visit(0, 1, "A", 2));
    PlanBoard board = new PlanBoard(outfit.problem(PlanWeights.USUAL.fewChanges()));
    verifier
        .verifyThat(SeasonConstraints::missed)
        .given(board, at(board, 0, 2), at(board, 1, null))
        .penalizesBy(8);
    verifier
        .verifyThat(SeasonConstraints::movedWhereFewMay)
        .given(at(board, 0, 5), at(board, 1, 12))
        .penalizesBy(1);
  }

  @Test
  void a_gap_off_by_two_days_costs_four_times_one_off_by_one() {
    PlanBoard board = twoRounds();
    int day = PlanWeights.USUAL.gapDay();
    verifier
        .verifyThat(SeasonConstraints::gapOff)
        .given(at(board, 0, 0), at(board, 1, 6))
        .penalizesBy(day);
    verifier
        .verifyThat(SeasonConstraints::gapOff)
        .given(at(board, 0, 0), at(board, 1, 9))
        .penalizesBy(4 * day);
  }

  @Test
  void a_series_that_begins_late_costs_each_day() {
    PlanBoard board = twoRounds();
    verifier
        .verifyThat(SeasonConstraints::startOff)
        .given(at(board, 0, 3), at(board, 1, 10))
        .penalizesBy(3 * PlanWeights.USUAL.startDay());
  }

  @Test
  void the_last_round_after_the_day_to_be_done_costs_each_day() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A");
    outfit.series(
        Outfit.series(0, 2, new Gaps(5, 7, 9), MONTH, Outfit.FIRST, Outfit.FIRST.plusDays(6)));
    PlanBoard board = board(outfit);
    verifier
        .verifyThat(SeasonConstraints::late)
        .given(at(board, 0, 8), at(board, 1, 10))
        .penalizesBy(4 * PlanWeights.USUAL.lateDay());
  }

  @Test
  void days_beside_those_without_capped_brood_cost_each_day() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A");
    outfit.series(
        new PlannedSeries(
            Outfit.id("course 0"),
            Outfit.id("yard 0"),
            "Winter",
            1,
            1,
            new Gaps(1, 1, 1),
            MONTH,
            Outfit.FIRST,
            null,
            new DaySpan(Outfit.FIRST.plusDays(10), Outfit.FIRST.plusDays(20)),
            null,
            Map.of(),
            Map.of()));
    PlanBoard board = board(outfit);
    int day = PlanWeights.USUAL.bestDay();
    verifier.verifyThat(SeasonConstraints::besideBest).given(at(board, 0, 7)).penalizesBy(3 * day);
    verifier.verifyThat(SeasonConstraints::besideBest).given(at(board, 0, 22)).penalizesBy(2 * day);
    verifier.verifyThat(SeasonConstraints::besideBest).given(at(board, 0, 15)).penalizesBy(0);
  }

  @Test
  void moving_what_was_agreed_costs_once_and_a_little_for_each_day() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A").crew("B").weekly(0, 2);
    outfit.agreed.add(Outfit.visit(0, 1, "A", 2));
    PlanBoard board = board(outfit);
    int moved = PlanWeights.USUAL.moved();
    verifier
        .verifyThat(SeasonConstraints::moved)
        .given(at(board, 0, 5), at(board, 1, 12))
        .penalizesBy(moved + 3);
    verifier.verifyThat(SeasonConstraints::moved).given(at(board, 0, 2)).penalizesBy(0);
    VisitToPlace other = with(board, 0, board.crewDay(Outfit.id("B"), Outfit.FIRST.plusDays(2)));
    verifier
        .verifyThat(SeasonConstraints::moved)
        .given(other)
        .penalizesBy(PlanWeights.USUAL.otherCrew());
  }

  @Test
  void the_road_costs_its_minutes_and_kilometres() {
    PlanBoard board = twoRounds();
    // 10 km × 1.35 = 13.5 km, 17 min each way, an hour's work
    verifier
        .verifyThat(SeasonConstraints::road)
        .given(at(board, 0, 0))
        .penalizesBy(17 + 60 + 17 + 27);
  }

  @Test
  void crews_that_do_not_share_the_work_cost() {
    PlanBoard board = board(new Outfit(30).yard(0, 10).crew("A").crew("B").weekly(0, 2));
    // 94 and 0 min: 47 off the mean each
    verifier
        .verifyThat(SeasonConstraints::uneven)
        .given(board, at(board, 0, 0))
        .penalizesBy(Math.round(0.1 * 94));
  }

  @Test
  void together_they_come_to_the_plain_score() {
    SolutionManager<SeasonToPlan, ?> manager =
        SolutionManager.create(SolverFactory.create(SeasonSearch.config(new TerminationConfig())));
    for (long seed = 1; seed <= 30; seed++) {
      Random random = new Random(seed);
      Outfit outfit = Outfit.drawn(seed, 6, 3, 2, 20);
      outfit.locked.put(Outfit.FIRST.plusDays(4), "rained off");
      outfit.agreed.add(Outfit.visit(1, 2, "Crew 1", 9));
      PlanBoard board = new PlanBoard(outfit.problem());
      Placing placing = new Placing(board.visits().size());
      for (Visit visit : board.visits()) {
        CrewDay at = board.crewDays().get(random.nextInt(board.crewDays().size()));
        placing.put(visit, random.nextInt(8) == 0 ? null : at, false);
      }
      SeasonToPlan season = SeasonToPlan.of(board, placing);
      manager.update(season);
      PlanScore plain = PlanScore.of(board, placing);
      assertThat(season.score().hardScore()).as("seed %d", seed).isEqualTo(-plain.broken());
      assertThat(season.score().mediumScore()).isEqualTo(-plain.missing());
      assertThat(season.score().softScore()).isEqualTo(-plain.cost());
    }
  }

  private static PlanBoard twoRounds() {
    return board(new Outfit(30).yard(0, 10).crew("A").weekly(0, 2));
  }

  private static Outfit goingOn() {
    LocalDate done = Outfit.FIRST.minusDays(3);
    return new Outfit(30)
        .yard(0, 10)
        .crew("A")
        .series(
            new PlannedSeries(
                Outfit.id("course 0"),
                Outfit.id("yard 0"),
                "Series 0",
                2,
                4,
                new Gaps(5, 7, 9),
                MONTH,
                done.plusDays(7),
                null,
                null,
                done,
                Map.of(),
                Map.of()));
  }

  private static PlanBoard board(Outfit outfit) {
    return new PlanBoard(outfit.problem());
  }

  private static VisitToPlace at(PlanBoard board, int visit, @Nullable Integer day) {
    UUID first = board.problem().crews().get(0).id();
    return with(
        board, visit, day == null ? null : board.crewDay(first, Outfit.FIRST.plusDays(day)));
  }

  private static VisitToPlace with(PlanBoard board, int visit, @Nullable CrewDay day) {
    return new VisitToPlace(board.visits().get(visit), day, false, board.crewDays());
  }

  private static VisitToPlace pinned(PlanBoard board, int visit, int day) {
    UUID first = board.problem().crews().get(0).id();
    return new VisitToPlace(
        board.visits().get(visit),
        board.crewDay(first, Outfit.FIRST.plusDays(day)),
        true,
        board.crewDays());
  }
}
