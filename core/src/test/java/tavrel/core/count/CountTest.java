package tavrel.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class CountTest {

  private static final LocalDate DAY = LocalDate.of(2026, 8, 18);

  @ParameterizedTest
  @CsvSource({"9, 3.00, 1.59, 5.60", "2, 0.67, 0.18, 2.40", "0, 0.00, 0.00, 1.26"})
  void wilsons_interval_of_300_bees(int mites, double share, double low, double high) {
    Infestation found = of(mites, 300);

    assertThat(100 * found.share()).isEqualTo(share, within(0.005));
    assertThat(100 * found.interval().low()).isEqualTo(low, within(0.005));
    assertThat(100 * found.interval().high()).isEqualTo(high, within(0.005));
  }

  @Test
  void says_how_many_bees_in_all_would_settle_it() {
    assertThat(of(9, 300).beesToSettle(0.02)).isEqualTo(753);
    assertThat(of(0, 300).beesToSettle(0.01)).isEqualTo(381);
    assertThat(Interval.sizeThatSettles(2 / 300.0, 0.01, 300, 5_000)).isEqualTo(3_423);
    assertThat(of(2, 300).beesToSettle(0.01)).isNull();
    assertThat(of(2, 300).told(0.01).code()).isEqualTo("count.tooClose");
    assertThat(of(9, 300).told(0.02))
        .isEqualTo(
            Fact.of("count.washMore")
                .figure("more", 453)
                .share("share", 0.03)
                .share("low", of(9, 300).interval().low())
                .share("high", of(9, 300).interval().high())
                .share("limit", 0.02)
                .word("status", InfestationStatus.CANNOT_TELL));
  }

  @Test
  void stands_above_below_or_cannot_tell() {
    assertThat(of(30, 300).against(0.02)).isEqualTo(InfestationStatus.ABOVE);
    assertThat(of(0, 300).against(0.02)).isEqualTo(InfestationStatus.BELOW);
    assertThat(of(9, 300).against(0.02)).isEqualTo(InfestationStatus.CANNOT_TELL);
    assertThat(of(30, 300).beesToSettle(0.02)).isZero();
  }

  @Test
  void counts_of_a_week_are_one_sample_unless_a_treatment_parts_them() {
    List<Wash> washes =
        List.of(wash(DAY.minusDays(20), 50), wash(DAY.minusDays(5), 9), wash(DAY, 12));

    assertThat(Infestation.latest(washes, List.of(), 1))
        .returns(21, Infestation::mites)
        .returns(600, Infestation::bees)
        .returns(2, Infestation::counts);
    assertThat(Infestation.latest(washes, List.of(DAY.minusDays(3)), 1))
        .returns(12, Infestation::mites);
    assertThat(Infestation.latest(List.of(), List.of(), 1)).isNull();
  }

  @Test
  void a_sugar_roll_is_corrected_only_where_the_keeper_says_so() {
    List<Wash> rolls = List.of(new Wash(DAY, WashKind.SUGAR_ROLL, 6, 300));

    assertThat(Infestation.latest(rolls, List.of(), 1).share()).isEqualTo(0.02, within(1e-12));
    assertThat(Infestation.latest(rolls, List.of(), 0.8).share()).isEqualTo(0.025, within(1e-12));
    assertThat(Infestation.latest(List.of(wash(DAY, 6)), List.of(), 0.8).share())
        .isEqualTo(0.02, within(1e-12));
  }

  @Test
  void more_bees_never_widen_the_interval_and_it_holds_the_share() {
    Random random = new Random(3);
    for (int i = 0; i < 500; i++) {
      int bees = 50 + random.nextInt(900);
      double share = random.nextInt(bees / 3) / (double) bees;
      Interval small = Interval.wilson(share, bees);
      Interval large = Interval.wilson(share, bees * 2);
      assertThat(large.high() - large.low()).isLessThan(small.high() - small.low());
      assertThat(share).isBetween(small.low(), small.high());
    }
  }

  @Test
  void slips_of_typing_are_refused_at_their_field() {
    refused("mites", "more mites than bees", 300, 9);
    refused("bees", "at least 1 bee", 0, 0);
    refused("bees", "at most 1,000", 9, 3_000);
    refused("mites", "below 0", -1, 300);
    assertThatThrownBy(() -> new BoardReading(DAY, 4, 0, true)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void a_board_that_lay_within_three_days_of_a_round_tells_no_natural_drop_whatever_was_said() {
    BoardReading board = new BoardReading(DAY, 90, 48, true);
    assertThat(board.after(List.of(DAY.minusDays(1))).natural()).as("while it lay").isFalse();
    assertThat(board.after(List.of(DAY.minusDays(5))).natural()).as("three before").isFalse();
    assertThat(board.after(List.of(DAY.minusDays(6)))).isEqualTo(board);
    assertThat(board.after(List.of(DAY))).as("read, then treated").isEqualTo(board);
    assertThat(board.after(List.of(DAY.plusDays(1)))).isEqualTo(board);
    assertThat(new BoardReading(DAY, 90, 48, false).after(List.of()).natural())
        .as("never made natural")
        .isFalse();
  }

  @Test
  void a_board_is_read_by_the_day() {
    BoardReading board = new BoardReading(DAY, 90, 48, false);

    assertThat(board.perDay()).isEqualTo(45);
    assertThat(board.byTreatment(5)).isEqualTo(80);
    assertThat(board.byTreatment(100)).isZero();
    assertThat(board.usualTime()).isTrue();
    assertThat(new BoardReading(DAY, 90, 6, true).usualTime()).isFalse();
  }

  private static void refused(String field, String says, int mites, int bees) {
    assertThatThrownBy(() -> new Wash(DAY, WashKind.WASH, mites, bees))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo(field))
        .hasMessageContaining(says);
  }

  private static Wash wash(LocalDate day, int mites) {
    return new Wash(day, WashKind.WASH, mites, 300);
  }

  private static Infestation of(int mites, int bees) {
    return new Infestation(mites, bees, 1, 1, DAY);
  }
}
