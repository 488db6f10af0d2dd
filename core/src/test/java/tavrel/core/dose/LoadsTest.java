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
    // 4 g of acid at 88.6 % are 4.51 g of product: two loads of 2.26 g, weighed as 2.3 g.
    Loads loads = Loads.of(4, NO_LIMIT, 4, new Strength(0.886), Measure.SCALE);
    assertThat(loads.count()).isEqualTo(2);
    assertThat(loads.product()).isCloseTo(2.3, within(1e-9));
    assertThat(loads.totalAcid()).isCloseTo(4.0756, within(1e-9));
  }

  @Test
  void rounding_up_past_the_label_goes_down_instead() {
    Loads loads = Loads.of(4, 4, 4, new Strength(0.886), Measure.SCALE);
    assertThat(loads.product()).isCloseTo(2.2, within(1e-9));
    assertThat(loads.totalAcid()).isCloseTo(3.8984, within(1e-9));
  }

  @Test
  void a_target_over_the_label_anyway_is_rounded_to_the_nearest() {
    assertThat(Loads.of(3.96, 2, 4, Strength.PURE, Measure.SCALE).totalAcid())
        .isCloseTo(4, within(1e-9));
  }

  @Test
  void rounding_up_past_the_capacity_goes_down_instead() {
    Measure scoop = new Measure(Spoon.HALF_TSP_US, 1.5);
    Loads loads = Loads.of(4, NO_LIMIT, 4, Strength.PURE, scoop);
    assertThat(loads.units()).isEqualTo(2);
    assertThat(loads.totalAcid()).isEqualTo(3);
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
}
