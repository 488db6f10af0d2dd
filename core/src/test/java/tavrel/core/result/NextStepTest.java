package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.count.BoardReading;
import tavrel.core.count.Infestation;
import tavrel.core.mite.ColonyFit.Estimate;
import tavrel.core.result.NextStep.Fitted;
import tavrel.core.result.NextStep.Kind;

/** Drops by round, and what the rules say of them. */
class NextStepTest {

  private static final LocalDate FIRST = LocalDate.of(2026, 8, 4);
  private static final List<LocalDate> ROUNDS =
      List.of(FIRST, FIRST.plusDays(7), FIRST.plusDays(14));

  private static BoardReading board(int after, int mites, double hours) {
    return new BoardReading(FIRST.plusDays(after), mites, hours, false);
  }

  private static List<Kind> advice(
      @Nullable Infestation sample,
      @Nullable DropTrend trend,
      @Nullable Fitted fit,
      @Nullable Double shielded,
      int roundsLeft) {
    return NextStep.of(new NextStep.Known(sample, 0.02, trend, fit, 0.87, shielded, roundsLeft, 25))
        .stream()
        .map(NextStep::kind)
        .toList();
  }

  private static Infestation sample(int mites) {
    return new Infestation(mites, 300, 1, 1, FIRST.plusDays(39));
  }

  private static Fitted fit(double killLow, double killHigh, double inflowLow) {
    return new Fitted(
        new Estimate(300, 200, 400, true),
        new Estimate((killLow + killHigh) / 2, killLow, killHigh, true),
        new Estimate(inflowLow + 4, inflowLow, inflowLow + 9, true),
        killHigh < 0.65 ? 0.95 : 0.1,
        inflowLow > 5 ? 0.95 : 0.1);
  }

  @Test
  void boards_count_for_the_round_before_they_were_read() {
    List<RoundDrop> drops =
        RoundDrop.of(
            ROUNDS,
            List.of(
                board(1, 120, 24),
                board(3, 60, 48),
                board(7, 30, 72),
                board(8, 70, 24),
                board(13, 9, 72),
                new BoardReading(FIRST.minusDays(1), 20, 48, true)),
            10);
    assertThat(drops).extracting(RoundDrop::day).containsExactly(FIRST, FIRST.plusDays(7));
    assertThat(drops.get(0).mites()).as("a week later it tells nothing of it").isEqualTo(180);
    assertThat(drops.get(0).byTreatment()).isEqualTo(110 + 40);
    assertThat(drops.get(0).readings()).isEqualTo(2);
    assertThat(drops.get(1).byTreatment()).isEqualTo(60);
  }

  @Test
  void a_board_read_on_the_morning_of_the_next_round_is_of_the_round_before() {
    List<LocalDate> close = List.of(FIRST, FIRST.plusDays(3));
    assertThat(RoundDrop.of(close, List.of(board(3, 50, 48)), 0).get(0).day()).isEqualTo(FIRST);
    assertThat(RoundDrop.of(close, List.of(board(3, 50, 6)), 0).get(0).day())
        .isEqualTo(FIRST.plusDays(3));
  }

  @Test
  void drops_that_halve_every_week_have_a_factor_of_a_half() {
    List<RoundDrop> drops =
        RoundDrop.of(ROUNDS, List.of(board(1, 400, 24), board(8, 200, 24), board(15, 100, 24)), 0);
    assertThat(DropTrend.of(drops, null).perWeek()).isCloseTo(0.5, within(1e-9));
    assertThat(DropTrend.of(drops, null).atNatural()).isNull();
    assertThat(DropTrend.of(drops, 12.0).atNatural())
        .as("the round itself is still falling")
        .isNull();
    List<RoundDrop> later = RoundDrop.of(ROUNDS, List.of(board(15, 100, 24), board(17, 20, 48)), 0);
    assertThat(DropTrend.of(later, 4.0).atNatural()).isFalse();
    assertThat(DropTrend.of(later, 8.0).atNatural()).as("within chance").isTrue();
    assertThat(DropTrend.of(drops.subList(0, 1), null).perWeek()).isNull();
  }

  @Test
  void below_the_limit_and_back_at_the_natural_drop_is_the_end() {
    assertThat(advice(sample(0), new DropTrend(0.4, true), null, 0.5, 0))
        .containsExactly(Kind.STOP);
  }

  @Test
  void a_sample_well_below_the_limit_outweighs_drops_that_were_high() {
    assertThat(advice(sample(0), new DropTrend(0.95, false), null, 0.7, 0))
        .containsExactly(Kind.STOP);
  }

  @Test
  void above_the_limit_is_one_more_round() {
    assertThat(advice(sample(20), new DropTrend(0.5, true), null, 0.5, 0))
        .containsExactly(Kind.ONE_MORE);
  }

  @Test
  void a_series_under_way_goes_on() {
    assertThat(advice(null, new DropTrend(0.5, null), null, 0.5, 2)).containsExactly(Kind.ONE_MORE);
  }

  @Test
  void a_kill_far_below_what_was_expected_is_a_leak() {
    assertThat(advice(sample(20), null, fit(0.3, 0.5, 0), 0.5, 0))
        .containsExactly(Kind.FIND_LEAK, Kind.ONE_MORE);
    assertThat(advice(sample(20), null, fit(0.6, 0.8, 0), 0.5, 0)).containsExactly(Kind.ONE_MORE);
  }

  @Test
  void mites_that_come_in_are_looked_for() {
    assertThat(advice(sample(20), null, fit(0.7, 0.9, 12), 0.5, 0))
        .containsExactly(Kind.INFLOW, Kind.ONE_MORE);
  }

  @Test
  void heavy_brood_and_a_drop_that_stays_high_want_another_way() {
    assertThat(advice(sample(20), new DropTrend(0.95, false), null, 0.7, 0))
        .containsExactly(Kind.OTHER_METHOD, Kind.ONE_MORE);
    assertThat(advice(sample(20), new DropTrend(0.95, false), null, 0.2, 0))
        .containsExactly(Kind.ONE_MORE);
  }

  @Test
  void without_a_sample_or_with_one_that_cannot_tell_it_is_to_count() {
    assertThat(advice(null, null, null, null, 0)).containsExactly(Kind.COUNT);
    assertThat(advice(sample(6), null, null, null, 0)).containsExactly(Kind.COUNT);
    NextStep early =
        NextStep.of(new NextStep.Known(null, 0.02, null, null, 0.87, null, 0, 3)).get(0);
    assertThat(early.says()).isEqualTo(Fact.of("next.washLater").count("wait", 7, "day"));
  }
}
