package tavrel.core.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SeasonSearchTest {

  @Test
  void is_never_worse_than_the_plan_by_hand() {
    for (long seed = 1; seed <= 8; seed++) {
      SeasonProblem problem = Outfit.drawn(seed, 8, 3, 1 + (int) (seed % 2), 24).problem();
      SeasonPlan byHand = SeasonPlan.byHand(problem);
      SeasonPlan found = SeasonSearch.ofMoves(problem, 300).run(plan -> {});
      assertThat(score(problem, found))
          .as("seed %d", seed)
          .isLessThanOrEqualTo(score(problem, byHand));
    }
  }

  @Test
  void finds_what_is_best_of_all_in_small_seasons() {
    for (long seed = 1; seed <= 3; seed++) {
      Outfit outfit = Outfit.drawn(seed, 2, 2, 1, 11);
      SeasonProblem problem = outfit.problem();
      PlanScore best = bestOfAll(problem);
      SeasonPlan found = SeasonSearch.ofMoves(problem, 1_000).run(plan -> {});
      assertThat(score(problem, found)).as("seed %d", seed).isEqualTo(best);
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {3, 17, 40})
  void every_plan_it_tells_of_is_at_least_as_good_as_the_one_before(long seed) {
    SeasonProblem problem = Outfit.drawn(seed, 12, 4, 2, 40).problem();
    List<SeasonPlan> told = new ArrayList<>();
    SeasonPlan last = SeasonSearch.ofMoves(problem, 700).run(plan -> told.add(plan.get()));
    assertThat(told).hasSizeGreaterThan(1);
    for (int i = 1; i < told.size(); i++) {
      assertThat(score(problem, told.get(i))).isLessThanOrEqualTo(score(problem, told.get(i - 1)));
    }
    assertThat(score(problem, last)).isLessThanOrEqualTo(score(problem, told.get(told.size() - 1)));
  }

  @Test
  void leaves_pinned_visits_where_they_are() {
    Outfit outfit = Outfit.drawn(5, 6, 3, 1, 24);
    LocalDate odd = Outfit.FIRST.plusDays(3);
    PlacedVisit pinned = new PlacedVisit(Outfit.id("course 2"), 1, Outfit.id("Crew 0"), odd, true);
    outfit.standing.add(pinned);
    SeasonPlan plan = SeasonSearch.ofMoves(outfit.problem(), 300).run(better -> {});
    assertThat(plan.visits()).contains(pinned);
  }

  @Test
  void after_a_day_rained_off_moves_what_it_must_and_little_else() {
    Outfit outfit = Outfit.drawn(2, 12, 4, 2, 40);
    SeasonPlan agreed = SeasonSearch.ofMoves(outfit.problem(), 700).run(plan -> {});
    LocalDate rained = agreed.routes().get(0).day();
    outfit.standing.addAll(agreed.visits());
    outfit.agreed.addAll(agreed.visits());
    outfit.locked.put(rained, "rained off");
    SeasonProblem problem = outfit.problem(PlanWeights.USUAL.fewChanges());
    SeasonPlan mended = SeasonSearch.ofMoves(problem, 700).run(plan -> {});
    long spoiled = agreed.visits().stream().filter(v -> rained.equals(v.day())).count();
    assertThat(mended.visits()).noneMatch(visit -> rained.equals(visit.day()));
    assertThat(mended.figures().broken()).isZero();
    assertThat(mended.figures().missed()).isLessThanOrEqualTo(agreed.figures().missed() + 1);
    assertThat(mended.figures().moved() - spoiled)
        .as("untouched visits moved")
        .isLessThanOrEqualTo(agreed.visits().size() / 4);
  }

  @Test
  void ends_soon_when_it_is_stopped() {
    SeasonProblem problem = Outfit.drawn(9, 20, 4, 2, 40).problem();
    SeasonSearch search = new SeasonSearch(problem, 600);
    List<SeasonPlan> told = new ArrayList<>();
    SeasonPlan plan =
        search.run(
            better -> {
              told.add(better.get());
              if (told.size() == 3) {
                search.stop();
              }
            });
    assertThat(told).hasSizeGreaterThanOrEqualTo(3);
    assertThat(plan.visits()).hasSize(80);
  }

  @Test
  void a_search_that_was_stopped_before_it_began_gives_the_plan_by_hand() {
    SeasonProblem problem = Outfit.drawn(9, 6, 2, 1, 20).problem();
    SeasonSearch search = new SeasonSearch(problem, 600);
    search.stop();
    assertThat(search.run(plan -> {}).visits()).isEqualTo(SeasonPlan.byHand(problem).visits());
  }

  private static PlanScore score(SeasonProblem problem, SeasonPlan plan) {
    PlanBoard board = new PlanBoard(problem);
    return PlanScore.of(board, board.placing(plan.visits()));
  }

  /** Tries every day of every visit. */
  private static PlanScore bestOfAll(SeasonProblem problem) {
    PlanBoard board = new PlanBoard(problem);
    return bestFrom(board, new Placing(board.visits().size()), 0);
  }

  private static PlanScore bestFrom(PlanBoard board, Placing placing, int next) {
    if (next == board.visits().size()) {
      return PlanScore.of(board, placing);
    }
    Visit visit = board.visits().get(next);
    placing.put(visit, null, false);
    PlanScore best = bestFrom(board, placing, next + 1);
    for (CrewDay day : board.crewDays()) {
      placing.put(visit, day, false);
      PlanScore score = bestFrom(board, placing, next + 1);
      best = score.compareTo(best) < 0 ? score : best;
    }
    return best;
  }
}
