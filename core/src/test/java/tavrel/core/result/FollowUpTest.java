package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.count.BoardReading;
import tavrel.core.count.BoardsDue;

class FollowUpTest {

  private static final LocalDate ROUND = LocalDate.of(2026, 8, 10);
  private static final LocalDate CLEAN_UP = LocalDate.of(2026, 12, 5);
  private final RoundsTogether stretch = RoundsTogether.of(List.of(ROUND, CLEAN_UP)).get(0);

  @Test
  void what_fell_at_the_rounds_is_held_against_what_the_clean_up_still_found() {
    Samples samples = samples(board(2, 180), new BoardReading(CLEAN_UP.plusDays(2), 20, 48, false));
    assertThat(samples.followUp(drops(samples))).isCloseTo(0.9, within(1e-9));
  }

  @Test
  void without_a_board_after_the_clean_up_nothing_is_told() {
    Samples samples = samples(board(2, 180));
    assertThat(samples.followUp(drops(samples))).isNull();
  }

  @Test
  void a_board_of_the_clean_up_concerns_the_rounds_however_late_it_comes() {
    assertThat(stretch.concerns(CLEAN_UP.plusDays(4))).isTrue();
    assertThat(stretch.concerns(CLEAN_UP.plusDays(5))).isFalse();
    assertThat(stretch.concerns(CLEAN_UP.minusDays(1))).isFalse();
  }

  @Test
  void a_board_is_called_for_by_how_long_it_has_lain() {
    assertThat(BoardsDue.of(2, Duration.ofHours(13)))
        .isEqualTo(new BoardsDue(2, 13, BoardsDue.Reading.FIRST));
    assertThat(BoardsDue.of(1, Duration.ofHours(30)).reading()).isEqualTo(BoardsDue.Reading.SECOND);
    assertThat(BoardsDue.of(1, Duration.ofHours(49)).reading()).isEqualTo(BoardsDue.Reading.THIRD);
    assertThat(BoardsDue.of(1, Duration.ofHours(73)).reading()).isEqualTo(BoardsDue.Reading.PAST);
  }

  private List<RoundDrop> drops(Samples samples) {
    return RoundDrop.of(stretch.days(), samples.boards(), 0);
  }

  private static BoardReading board(int days, int mites) {
    return new BoardReading(ROUND.plusDays(days), mites, 48, false);
  }

  private Samples samples(BoardReading... boards) {
    return new Samples(stretch, List.of(), List.of(boards), 1);
  }
}
