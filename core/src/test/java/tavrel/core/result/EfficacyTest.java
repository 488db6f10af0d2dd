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

  private static Found found(double mites) {
    return new Found(mites, 300);
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
    assertThat(efficacy.says()).isEqualTo("Against untreated hives: 86 % (95 %: 51 % to 96 %)");
  }

  @Test
  void a_reduction_is_one_less_the_ratio_of_rates_whatever_the_samples_size() {
    Efficacy efficacy = Efficacy.reduction(new Found(30, 300), new Found(2, 200));
    assertThat(efficacy.share()).isCloseTo(0.9, within(1e-12));
    double factor = Math.exp(1.959964 * Math.sqrt(1 / 30.0 + 1 / 2.0));
    assertThat(efficacy.low()).isCloseTo(1 - 0.1 * factor, within(1e-6));
    assertThat(efficacy.high()).isCloseTo(1 - 0.1 / factor, within(1e-6));
  }

  @Test
  void no_mite_afterwards_counts_as_half_a_mite_and_more_mites_than_before_are_below_zero() {
    assertThat(Efficacy.reduction(found(20), found(0)).share()).isCloseTo(0.975, within(1e-12));
    assertThat(Efficacy.reduction(found(5), found(10)).share()).isCloseTo(-1, within(1e-12));
    assertThatThrownBy(() -> new Found(3, 0)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void a_follow_up_tells_the_share_that_the_treatment_brought_down() {
    assertThat(Efficacy.followUp(900, 100)).isEqualTo(0.9);
    assertThat(Efficacy.followUp(0, 0)).isNull();
  }

  @Test
  void hives_counted_at_both_ends_are_taken_as_one_and_held_against_those_left_untreated() {
    Samples before =
        new Samples(STRETCH, List.of(new Wash(FIRST, WashKind.WASH, 40, 300)), List.of(), 1);
    Pooled pooled =
        Pooled.of(List.of(samples(14, 3), samples(10, 1), before), List.of(samples(15, 18)));
    assertThat(pooled.counted()).as("the third was not counted afterwards").isEqualTo(2);
    assertThat(pooled.controls()).isEqualTo(1);
    assertThat(pooled.whole()).isEqualTo(Efficacy.reduction(new Found(24, 600), new Found(4, 600)));
    assertThat(pooled.againstControls().share()).isCloseTo(0.861, within(0.0005));
    assertThat(Pooled.of(List.of(before), List.of()).whole()).isNull();
  }

  @Test
  void a_sugar_roll_is_lifted_by_what_it_misses() {
    Samples rolled =
        new Samples(
            STRETCH, List.of(new Wash(FIRST, WashKind.SUGAR_ROLL, 14, 300)), List.of(), 0.7);
    assertThat(Found.of(rolled.before()).mites()).isCloseTo(20, within(1e-9));
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
