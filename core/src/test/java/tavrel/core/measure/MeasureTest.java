package tavrel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.InvalidValue;
import tavrel.core.Value;

class MeasureTest {

  @Test
  void a_level_quarter_teaspoon_holds_about_a_gram_and_a_quarter_tablespoon_three() {
    assertThat(Spoon.QUARTER_TSP_US.usualGrams()).isCloseTo(0.998, within(0.0005));
    assertThat(Spoon.QUARTER_TBSP_US.usualGrams()).isCloseTo(2.99, within(0.005));
  }

  @Test
  void four_grams_of_acid_are_four_and_a_half_of_a_weaker_product() {
    Strength weaker = new Strength(0.886);
    assertThat(weaker.productFor(4)).isCloseTo(4.51, within(0.005));
    assertThat(weaker.acidIn(weaker.productFor(4))).isCloseTo(4, within(1e-12));
  }

  @Test
  void a_gram_of_anhydrous_acid_is_one_point_four_of_dihydrate() {
    assertThat(GramsOf.ACID_ANHYDROUS.toAcid(2, Strength.PURE)).isCloseTo(2.8, within(1e-12));
    assertThat(GramsOf.PRODUCT.toAcid(2, new Strength(0.5))).isEqualTo(1);
    assertThat(GramsOf.ACID_DIHYDRATE.toAcid(2, new Strength(0.5))).isEqualTo(2);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -0.5, 1.0001, 99.6, 996, Double.NaN})
  void a_strength_that_is_no_fraction_is_refused(double assay) {
    assertThatThrownBy(() -> new Strength(assay)).isInstanceOf(InvalidValue.class);
  }

  @ParameterizedTest
  @CsvSource({
    "QUARTER_TBSP_US, 1.0, TABLESPOON_FOR_TEASPOON",
    "TBSP_AUSTRALIAN, 4.0, TABLESPOON_FOR_TEASPOON",
    "QUARTER_TSP_US,  3.0, TEASPOON_FOR_TABLESPOON",
    "QUARTER_TSP_US,  1.1, NONE",
    "QUARTER_TSP_US,  0.7, NONE"
  })
  void a_spoon_three_times_too_large_or_small_is_noticed(
      Spoon spoon, double entered, SlipCheck slip) {
    assertThat(new Measure(spoon, entered).slip()).isEqualTo(slip);
  }

  @Test
  void loads_are_told_in_the_words_of_the_measure() {
    assertThat(Measure.SCALE.told(21)).isEqualTo(Value.Grams.weighed(21 * 0.1));
    assertThat(Measure.level(Spoon.QUARTER_TSP_US).told(1))
        .isInstanceOfSatisfying(Value.Scoops.class, one -> assertThat(one.scoops()).isEqualTo(1));
    assertThat(Measure.level(Spoon.QUARTER_TSP_US).told(4))
        .isInstanceOfSatisfying(Value.Scoops.class, four -> assertThat(four.scoops()).isEqualTo(4));
  }
}
