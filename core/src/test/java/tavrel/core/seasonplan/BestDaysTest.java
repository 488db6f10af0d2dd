package tavrel.core.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

class BestDaysTest {

  @Test
  void no_other_days_for_a_series_are_better_while_the_others_stand() {
    for (long seed = 1; seed <= 8; seed++) {
      PlanBoard board = new PlanBoard(Outfit.drawn(seed, 4, 3, 1, 18).problem());
      Placing placing = new NextFreeDay(board).placing();
      for (int series = 0; series < board.allSeries(); series++) {
        PlanScore best = bestOfAll(board, placing.copy(), series, 0);
        new BestDays(board).lay(placing, List.of(series));
        assertThat(PlanScore.of(board, placing)).as("seed %d", seed).isEqualTo(best);
      }
    }
  }

  @Test
  void a_round_that_fits_nowhere_is_missed_and_the_others_are_placed() {
    Outfit outfit = new Outfit(12).yard(0, 10).crew("Gannet").weekly(0, 3);
    PlanBoard board = new PlanBoard(outfit.problem());
    Placing placing = new Placing(3);
    new BestDays(board).lay(placing, List.of(0));
    assertThat(PlanScore.of(board, placing).broken()).isZero();
    assertThat(board.visits()).filteredOn(visit -> placing.at(visit) == null).hasSize(0);

    Outfit shorter = new Outfit(9).yard(0, 10).crew("Gannet").weekly(0, 3);
    PlanBoard tight = new PlanBoard(shorter.problem());
    Placing two = new Placing(3);
    new BestDays(tight).lay(two, List.of(0));
    assertThat(PlanScore.of(tight, two).broken()).isZero();
    assertThat(tight.visits()).filteredOn(visit -> two.at(visit) == null).hasSize(1);
  }

  @Test
  void pinned_rounds_stay_and_the_others_keep_their_gaps_to_them() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("Gannet").weekly(0, 3);
    PlanBoard board = new PlanBoard(outfit.problem());
    Placing placing = new Placing(3);
    CrewDay pinned = board.crewDay(Outfit.id("Gannet"), Outfit.FIRST.plusDays(11));
    placing.put(board.visits().get(1), pinned, true);
    new BestDays(board).lay(placing, List.of(0));
    assertThat(placing.at(board.visits().get(1))).isSameAs(pinned);
    assertThat(board.visits())
        .extracting(visit -> board.dayIndex(Objects.requireNonNull(placing.at(visit)).date))
        .containsExactly(4, 11, 18);
  }

  @Test
  void room_is_made_for_a_round_that_has_no_place_by_another_series_stepping_aside() {
    for (long seed = 1; seed <= 20; seed++) {
      PlanBoard board = new PlanBoard(Outfit.drawn(seed, 20, 4, 1, 40).problem());
      Placing byHand = new NextFreeDay(board).placing();
      PlanScore before = PlanScore.of(board, byHand);
      Placing bettered = new SeriesSweep(board, byHand, () -> false).bettered();
      assertThat(PlanScore.of(board, bettered)).as("seed %d", seed).isLessThanOrEqualTo(before);
      assertThat(PlanScore.of(board, bettered).missing()).as("seed %d", seed).isZero();
    }
  }

  private static PlanScore bestOfAll(PlanBoard board, Placing placing, int series, int round) {
    List<Visit> rounds = board.rounds(series);
    if (round == rounds.size()) {
      return PlanScore.of(board, placing);
    }
    placing.put(rounds.get(round), null, false);
    PlanScore best = bestOfAll(board, placing, series, round + 1);
    for (CrewDay day : board.open(rounds.get(round))) {
      placing.put(rounds.get(round), day, false);
      PlanScore score = bestOfAll(board, placing, series, round + 1);
      best = score.compareTo(best) < 0 ? score : best;
    }
    return best;
  }
}
