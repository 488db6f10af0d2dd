package tavrel.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Spoon;
import tavrel.core.measure.Strength;

class LoadsTest {

  private static final double NO_LIMIT = Double.POSITIVE_INFINITY;

  @Test
  void a_dose_within_the_capacity_is_one_load() {
    Loads loads = Loads.of(4, NO_LIMIT, 4, Strength.PURE, Measure.SCALE);
    assertThat(loads.count()).isEqualTo(1);
    assertThat(loads.totalAcid()).isCloseTo(4, within(1e-9));
  }

  @Test
  void a_weaker_product_fills_the_tool_sooner() {
    // 4 g of acid at 88.6 % are 4.51 g of product, weighed as 4.5 g: 2.3 g and 2.2 g.
    Loads loads = Loads.of(4, NO_LIMIT, 4, new Strength(0.886), Measure.SCALE);
    assertThat(loads.count()).isEqualTo(2);
    assertThat(loads.larger().product()).isCloseTo(2.3, within(1e-9));
    assertThat(loads.product()).isCloseTo(2.2, within(1e-9));
    assertThat(loads.totalAcid()).isCloseTo(0.886 * 4.5, within(1e-9));
  }

  @Test
  void rounding_up_past_the_label_goes_down_instead() {
    Loads loads = Loads.of(4.06, 4.06, 5, new Strength(0.886), Measure.SCALE);
    assertThat(loads.totalAcid()).as("4.58 g, not 4.6 g").isCloseTo(0.886 * 4.5, within(1e-9));
  }

  @Test
  void a_target_over_the_label_anyway_is_rounded_to_the_nearest() {
    assertThat(Loads.of(3.96, 2, 4, Strength.PURE, Measure.SCALE).totalAcid())
        .isCloseTo(4, within(1e-9));
  }

  @Test
  void a_scoop_that_does_not_divide_the_dose_makes_loads_of_two_sizes() {
    Measure scoop = new Measure(Spoon.HALF_TSP_US, 1.5);
    Loads loads = Loads.of(4, NO_LIMIT, 4, Strength.PURE, scoop);
    assertThat(loads.larger().units()).isEqualTo(2);
    assertThat(loads.units()).isEqualTo(1);
    assertThat(loads.totalAcid()).isEqualTo(4.5);
  }

  @Test
  void a_scoop_too_large_for_the_hive_is_not_measurable() {
    Loads loads = Loads.of(0.5, 0.5, 4, Strength.PURE, new Measure(Spoon.QUARTER_TSP_US, 1));
    assertThat(loads.measurable()).isFalse();
    assertThat(loads.totalAcid()).isZero();
  }

  @Test
  void
      whatever_is_asked_no_load_passes_the_capacity_no_total_the_label_and_more_never_means_fewer_loads() {
    SplittableRandom random = new SplittableRandom(42);
    for (int i = 0; i < 20_000; i++) {
      double target = random.nextDouble(0.2, 20);
      double limit = random.nextBoolean() ? NO_LIMIT : random.nextDouble(target, 2 * target);
      double capacity = random.nextDouble(1, 6);
      Strength strength = new Strength(random.nextDouble(0.5, 1));
      Measure measure = new Measure(null, random.nextDouble(0.1, 1));
      Loads loads = Loads.of(target, limit, capacity, strength, measure);
      assertThat(loads.product()).isLessThanOrEqualTo(capacity + 1e-9);
      assertThat(loads.totalAcid()).isLessThanOrEqualTo(limit + 1e-9);
      assertThat(Math.abs(loads.totalProduct() - strength.productFor(target)) / loads.count())
          .as("each load is at most one step off")
          .isLessThanOrEqualTo(measure.step() + 1e-9);
      assertThat(Loads.of(target + 1, limit + 1, capacity, strength, measure).count())
          .isGreaterThanOrEqualTo(loads.count());
    }
  }

  @Test
  void a_loosening_load_never_changes_the_total_by_more_than_the_rounding_nor_passes_a_limit() {
    SplittableRandom random = new SplittableRandom(43);
    for (int i = 0; i < 10_000; i++) {
      double target = random.nextDouble(0.2, 16);
      double limit = random.nextDouble(target, 2 * target);
      double capacity = random.nextDouble(1, 6);
      Strength strength = new Strength(random.nextDouble(0.5, 1));
      Loads loads =
          Loads.loosened(
              target, random.nextDouble(0.1, 2), limit, capacity, strength, Measure.SCALE);
      assertThat(loads.totalAcid()).isLessThanOrEqualTo(limit + 1e-9);
      assertThat(loads.product()).isLessThanOrEqualTo(capacity + 1e-9);
      assertThat(Math.abs(loads.totalProduct() - strength.productFor(target)))
          .isLessThanOrEqualTo(0.1 * loads.count() + 1e-9);
      if (loads.first() != null) {
        assertThat(loads.first().product()).isLessThanOrEqualTo(capacity + 1e-9);
        assertThat(loads.count()).isGreaterThanOrEqualTo(2);
      }
    }
  }

  @Test
  void a_coarse_measure_is_split_by_whole_steps() {
    Measure two = new Measure(Spoon.HALF_TSP_US, 2.0);
    Loads six = Loads.of(6, NO_LIMIT, 3, Strength.PURE, two);
    assertThat(six.count()).isEqualTo(3);
    assertThat(six.totalAcid()).isCloseTo(6, within(1e-9));

    Measure one = new Measure(Spoon.QUARTER_TSP_US, 1.0);
    Loads five = Loads.of(5, NO_LIMIT, 3, Strength.PURE, one);
    assertThat(five.count()).isEqualTo(2);
    assertThat(five.larger().units()).isEqualTo(3);
    assertThat(five.units()).isEqualTo(2);
    assertThat(five.totalAcid()).isCloseTo(5, within(1e-9));
    assertThat(five.largestProduct()).isCloseTo(3, within(1e-9));
    assertThat(Loads.of(5, NO_LIMIT, 0.9, Strength.PURE, one).measurable())
        .as("the spoon does not fit the bowl")
        .isFalse();
    assertThat(Loads.of(2.5, NO_LIMIT, 4, Strength.PURE, one).totalAcid())
        .as("a half goes down")
        .isCloseTo(2, within(1e-9));
  }

  @Test
  void a_loosening_load_never_exceeds_what_was_asked_for_it() {
    Measure one = new Measure(Spoon.QUARTER_TSP_US, 1.0);
    assertThat(Loads.loosened(4, 0.5, NO_LIMIT, 4, Strength.PURE, one).first()).isNull();
    assertThat(Loads.loosened(4, 1.4, NO_LIMIT, 4, Strength.PURE, one).first().acid())
        .isCloseTo(1, within(1e-9));
  }

  @Test
  void any_split_gives_the_dose_to_half_a_step_in_loads_that_fit_and_differ_by_a_step_at_most() {
    SplittableRandom random = new SplittableRandom(8);
    for (int i = 0; i < 5_000; i++) {
      double step = 0.1 + 2 * random.nextDouble();
      double target = 0.2 + 12 * random.nextDouble();
      double capacity = 0.5 + 6 * random.nextDouble();
      Loads loads =
          Loads.of(target, NO_LIMIT, capacity, Strength.PURE, new Measure(Spoon.HALF_TSP_US, step));
      if (loads.measurable()) {
        assertThat(loads.totalAcid()).isCloseTo(target, within(step / 2 + 1e-6));
        assertThat(loads.largestProduct()).isLessThanOrEqualTo(capacity + 1e-6);
        assertThat(loads.larger() == null || loads.larger().units() == loads.units() + 1).isTrue();
      }
    }
  }
}
