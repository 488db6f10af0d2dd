package tavrel.core.spacing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static tavrel.core.spacing.RoundState.AHEAD;
import static tavrel.core.spacing.RoundState.DONE;
import static tavrel.core.spacing.RoundState.DUE;
import static tavrel.core.spacing.RoundState.LATE;
import static tavrel.core.spacing.RoundState.LEFT_OUT;
import static tavrel.core.spacing.RoundState.OPEN;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tavrel.core.InvalidValue;
import tavrel.core.spacing.SeriesDays.Placed;
import tavrel.core.spacing.SeriesDays.Round;

class SeriesDaysTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 8, 18);

  @Test
  void an_unplanned_round_stands_by_its_day() {
    assertThat(RoundState.unplanned(day(-1), false, TODAY)).isEqualTo(LATE);
    assertThat(RoundState.unplanned(TODAY, false, TODAY)).isEqualTo(DUE);
    assertThat(RoundState.unplanned(day(1), false, TODAY)).isEqualTo(AHEAD);
    assertThat(RoundState.unplanned(day(1), true, TODAY)).isEqualTo(LEFT_OUT);
  }

  @ParameterizedTest
  @EnumSource(RoundState.class)
  void a_round_is_to_come_or_given_or_left_out(RoundState state) {
    assertThat(
            List.of(state.isToCome(), state.isUnderWayOrDone(), state == LEFT_OUT).stream()
                .filter(Boolean.TRUE::equals))
        .hasSize(1);
  }

  @Test
  void the_next_round_is_the_first_neither_done_nor_left_out() {
    SeriesDays series = series(DONE, -7, LEFT_OUT, -2, LATE, -1, AHEAD, 6);
    assertThat(series.next()).isEqualTo(new Round(3, day(-1), LATE));
    assertThat(series.toCome()).containsExactly(day(6));
    assertThat(series.doneOn()).isNull();
  }

  @Test
  void a_series_is_done_on_its_last_round_when_nothing_is_to_come() {
    assertThat(series(DONE, -14, DONE, -7, LEFT_OUT, 0).doneOn()).isEqualTo(day(-7));
  }

  @Test
  void it_stands_between_rounds_only_if_none_is_being_run() {
    assertThat(series(DONE, -7, AHEAD, 7).isBetweenRounds()).isTrue();
    assertThat(series(DONE, -7, OPEN, 0, AHEAD, 7).isBetweenRounds()).isFalse();
    assertThat(series(DUE, 0, AHEAD, 7).isBetweenRounds()).isFalse();
    assertThat(series(DONE, -7, LEFT_OUT, 7).isBetweenRounds()).isFalse();
  }

  @Test
  void a_season_plan_moves_what_is_to_come_and_leaves_out_what_it_has_no_day_for() {
    assertThat(series(DONE, -7, AHEAD, 1, AHEAD, 8).agreed(Map.of(1, day(3), 2, day(4))))
        .containsExactly(new Placed(2, day(4), false), new Placed(3, day(8), true));
  }

  @Test
  void a_round_given_keeps_its_day_whatever_rest_is_wanted() {
    assertThat(series(DONE, -7, AHEAD, 1, AHEAD, 8).withRest(List.of(day(2), day(5))))
        .containsExactly(new Placed(2, day(2), false), new Placed(3, day(5), false));
  }

  @Test
  void a_shorter_rest_leaves_out_its_last_rounds() {
    assertThat(series(DONE, -7, AHEAD, 1, AHEAD, 8).withRest(List.of(day(2))))
        .containsExactly(new Placed(2, day(2), false), new Placed(3, day(8), true));
    assertThat(series(DONE, -7, AHEAD, 1).withRest(List.of()))
        .containsExactly(new Placed(2, day(1), true));
  }

  @Test
  void a_longer_rest_takes_up_rounds_left_out_behind_all_that_is_given_and_then_adds_some() {
    assertThat(
            series(LEFT_OUT, -9, DONE, -7, AHEAD, 1, LEFT_OUT, 8)
                .withRest(List.of(day(2), day(5), day(9))))
        .containsExactly(
            new Placed(3, day(2), false),
            new Placed(4, day(5), false),
            new Placed(5, day(9), false));
  }

  @Test
  void the_same_rest_again_changes_nothing() {
    SeriesDays series = series(DONE, -7, AHEAD, 1, AHEAD, 8);
    assertThat(series.withRest(series.toCome()))
        .containsExactly(new Placed(2, day(1), false), new Placed(3, day(8), false));
  }

  @Test
  void no_rest_begins_before_today_or_on_a_day_that_is_given() {
    refused(series(DONE, -7, AHEAD, 1), day(-1), "must lie from 2026-08-18");
    refused(series(DONE, 0, AHEAD, 1), day(0), "must lie from 2026-08-19");
    refused(series(DONE, -7, OPEN, 0, AHEAD, 4), day(0), "must lie from 2026-08-19");
    refused(series(DONE, -7, AHEAD, 1), day(SeriesDays.AHEAD + 1), "must lie from");
  }

  @Test
  void a_rest_counts_against_the_label_together_with_what_was_given() {
    assertThat(series(DONE, -7, OPEN, 0, AHEAD, 4, LEFT_OUT, 9).daysWith(List.of(day(6))))
        .containsExactly(day(-7), day(0), day(6));
  }

  @Test
  void after_a_miss_shifting_moves_the_later_rounds_too() {
    SeriesDays series = series(DONE, -7, LATE, -1, AHEAD, 6);
    Respacing shift = series.ways(2, day(1)).get(0);
    assertThat(series.respaced(shift, 2))
        .containsExactly(new Placed(2, day(1), false), new Placed(3, day(8), false));
  }

  @Test
  void leaving_the_missed_round_out_leaves_all_others_where_they_are() {
    SeriesDays series = series(DONE, -7, LEFT_OUT, -3, LATE, -1, AHEAD, 6);
    List<Respacing> ways = series.ways(3, day(1));
    Respacing leave = ways.get(ways.size() - 1);
    assertThat(leave.way()).isEqualTo(Respacing.Way.LEAVE_OUT);
    assertThat(series.respaced(leave, 3)).containsExactly(new Placed(3, day(-1), true));
  }

  @Test
  void only_a_round_to_come_can_be_made_good_and_only_from_today_on() {
    SeriesDays series = series(DONE, -7, LATE, -1, AHEAD, 6);
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> series.ways(1, day(1)))
        .withMessageContaining("no round of this series");
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> series.ways(2, day(-1)))
        .withMessageContaining("must lie from today");
  }

  private static void refused(SeriesDays series, LocalDate day, String says) {
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() -> series.withRest(List.of(day)))
        .withMessageContaining(says);
  }

  /** Rounds from 1 on: states, each with its day from today. */
  private static SeriesDays series(Object... statesAndDays) {
    List<Round> rounds = new ArrayList<>();
    for (int i = 0; i < statesAndDays.length; i += 2) {
      rounds.add(
          new Round(i / 2 + 1, day((Integer) statesAndDays[i + 1]), (RoundState) statesAndDays[i]));
    }
    return new SeriesDays(rounds, TODAY);
  }

  private static LocalDate day(int fromToday) {
    return TODAY.plusDays(fromToday);
  }
}
