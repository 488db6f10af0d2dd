package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;
import tavrel.core.result.Efficacy.Found;

/** What counts before and after allow to be said. */
class EfficacyTest {

  private static final LocalDate FIRST = LocalDate.of(2026, 8, 4);
  private static final RoundsTogether STRETCH =
      new RoundsTogether(List.of(FIRST, FIRST.plusDays(7), FIRST.plusDays(14)), null);

  private static Found found(int mites) {
    return Found.of(mites, 300);
  }

  private static Samples samples(int before, int after) {
    return new Samples(
        STRETCH,
        List.of(
            new Wash(FIRST.minusDays(1), WashKind.WASH, before, 300),
            new Wash(FIRST.plusDays(28), WashKind.WASH, after, 300)),
        List.of(),
        1);
  }

  @Test
  void henderson_and_tilton_of_the_worked_case() {
    Efficacy efficacy = Efficacy.hendersonTilton(found(24), found(4), found(15), found(18));
    assertThat(efficacy.share()).isCloseTo(0.861, within(0.0005));
    assertThat(efficacy.low()).isCloseTo(0.51, within(0.005));
    assertThat(efficacy.high()).isCloseTo(0.96, within(0.005));
  }

  @Test
  void a_reduction_is_one_less_the_ratio_of_rates_whatever_the_samples_size() {
    Efficacy efficacy = Efficacy.reduction(Found.of(30, 300), Found.of(2, 200));
    assertThat(efficacy.share()).isCloseTo(0.9, within(1e-12));
    double factor = Math.exp(1.959964 * Math.sqrt(1 / 30.0 + 1 / 2.0));
    assertThat(efficacy.low()).isCloseTo(1 - 0.1 * factor, within(1e-6));
    assertThat(efficacy.high()).isCloseTo(1 - 0.1 / factor, within(1e-6));
  }

  @Test
  void no_mite_afterwards_counts_as_half_a_mite_and_more_mites_than_before_are_below_zero() {
    assertThat(Efficacy.reduction(found(20), found(0)).share()).isCloseTo(0.975, within(1e-12));
    assertThat(Efficacy.reduction(found(5), found(10)).share()).isCloseTo(-1, within(1e-12));
    assertThatThrownBy(() -> Found.of(3, 0)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void a_follow_up_tells_the_share_that_the_treatment_brought_down() {
    assertThat(Efficacy.followUp(900, 100)).isEqualTo(0.9);
    assertThat(Efficacy.followUp(0, 0)).isNull();
  }

  @Test
  void few_hives_tell_of_themselves_alone() {
    Samples before =
        new Samples(STRETCH, List.of(new Wash(FIRST, WashKind.WASH, 40, 300)), List.of(), 1);
    Pooled pooled =
        Pooled.of(
            List.of(samples(14, 3), samples(10, 1), samples(20, 2), before),
            List.of(samples(15, 18)));
    assertThat(pooled.counted()).as("the fourth was not counted afterwards").isEqualTo(3);
    assertThat(pooled.whole()).isNull();
    assertThat(pooled.controls()).isEqualTo(1);
    assertThat(pooled.againstControls()).isNull();
  }

  @Test
  void from_four_hives_on_they_are_taken_together_and_held_against_four_left_untreated() {
    List<Samples> treated = List.of(samples(24, 4), samples(12, 1), samples(18, 5), samples(9, 2));
    List<Samples> left = List.of(samples(15, 18), samples(9, 12), samples(20, 23), samples(6, 7));
    Pooled pooled = Pooled.of(treated, left);
    assertThat(pooled.whole().share()).isCloseTo(1 - 12.0 / 63, within(1e-9));
    assertThat(pooled.againstControls().share()).isCloseTo(1 - 12.0 / 63 * 50 / 60, within(1e-9));
    assertThat(pooled.whole().high() - pooled.whole().low())
        .as("hives that differ make it less sure than the mites alone")
        .isGreaterThan(
            Efficacy.reduction(Found.of(63, 1200), Found.of(12, 1200)).high()
                - Efficacy.reduction(Found.of(63, 1200), Found.of(12, 1200)).low());
  }

  @Test
  void a_sugar_roll_is_lifted_by_what_it_misses() {
    Samples rolled =
        new Samples(
            STRETCH, List.of(new Wash(FIRST, WashKind.SUGAR_ROLL, 14, 300)), List.of(), 0.7);
    assertThat(Found.of(rolled.before()).share()).isCloseTo(20 / 300.0, within(1e-12));
  }

  @Test
  void what_a_roll_misses_scales_the_rate_but_makes_nothing_surer() {
    Efficacy rolls = Efficacy.reduction(new Found(20, 300, 0.5), new Found(6, 300, 0.5));
    assertThat(rolls).isEqualTo(Efficacy.reduction(found(20), found(6)));
    assertThat(rolls.low()).isCloseTo(0.25, within(0.005));
    assertThat(rolls.high()).isCloseTo(0.88, within(0.005));
    Efficacy none = Efficacy.reduction(found(20), new Found(0, 300, 0.5));
    assertThat(none.share()).as("half a mite, of which half is seen").isCloseTo(0.95, within(1e-9));
  }

  @Test
  void rounds_three_weeks_apart_are_of_one_stretch_and_longer_apart_of_two() {
    LocalDate winter = FIRST.plusDays(120);
    List<RoundsTogether> stretches =
        RoundsTogether.of(List.of(FIRST.plusDays(21), FIRST, winter, FIRST.plusDays(21)));
    assertThat(stretches)
        .containsExactly(
            new RoundsTogether(List.of(FIRST, FIRST.plusDays(21)), winter),
            new RoundsTogether(List.of(winter), null));
    assertThat(RoundsTogether.latestFirst(List.of(FIRST, winter)).get(0).first()).isEqualTo(winter);
    assertThat(stretches.get(0).isAfter(FIRST.plusDays(30))).as("brood is not out yet").isFalse();
    assertThat(stretches.get(0).isAfter(FIRST.plusDays(31))).isTrue();
    assertThat(stretches.get(0).isBefore(FIRST)).isTrue();
    assertThat(stretches.get(0).isBefore(FIRST.minusDays(31))).isFalse();
  }
}
