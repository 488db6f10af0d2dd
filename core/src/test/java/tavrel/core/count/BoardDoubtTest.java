package tavrel.core.count;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;

class BoardDoubtTest {

  private static final LocalDate ROUND = LocalDate.of(2026, 8, 10);

  /** 6 % of the bees, 95 %: 3.8 to 9.3. */
  private static final Wash HEAVY = new Wash(ROUND.minusDays(5), WashKind.WASH, 18, 300);

  @Test
  void nothing_on_the_board_after_a_round_with_six_mites_in_a_hundred_bees_is_asked_about() {
    assertThat(doubt(0, HEAVY))
        .isEqualTo(
            Fact.of("count.boardDoubt")
                .count("fallen", 0, "mite")
                .count("found", 18, "mite")
                .figure("bees", 300));
    assertThat(doubt(1, HEAVY)).isNotNull();
  }

  @Test
  void a_drop_as_small_colonies_have_it_is_believed() {
    assertThat(doubt(6, HEAVY)).isNull();
    assertThat(doubt(200, HEAVY)).isNull();
  }

  @Test
  void nothing_is_odd_where_the_sample_found_next_to_nothing() {
    assertThat(doubt(0, new Wash(ROUND.minusDays(5), WashKind.WASH, 0, 300))).isNull();
    assertThat(doubt(0, new Wash(ROUND.minusDays(5), WashKind.WASH, 1, 300))).isNull();
  }

  @Test
  void nothing_is_odd_without_a_round_just_before_or_without_a_sample_of_that_time() {
    BoardReading late = new BoardReading(ROUND.plusDays(5), 0, 24, true);
    assertThat(BoardDoubt.of(late, List.of(ROUND), List.of(HEAVY), 1)).isNull();
    assertThat(BoardDoubt.of(late, List.of(), List.of(HEAVY), 1)).isNull();
    assertThat(doubt(0, new Wash(ROUND.minusDays(61), WashKind.WASH, 18, 300))).isNull();
    assertThat(doubt(0, new Wash(ROUND.plusDays(1), WashKind.WASH, 18, 300))).isNull();
  }

  @Test
  void a_board_read_in_the_morning_before_the_round_is_not_asked_about() {
    BoardReading morning = new BoardReading(ROUND, 0, 48, true);
    assertThat(BoardDoubt.of(morning, List.of(ROUND), List.of(HEAVY), 1)).isNull();
  }

  private static Fact doubt(int mites, Wash wash) {
    BoardReading board = new BoardReading(ROUND.plusDays(1), mites, 24, false);
    return BoardDoubt.of(board, List.of(ROUND), List.of(wash), 1);
  }
}
