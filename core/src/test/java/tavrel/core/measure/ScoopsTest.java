package tavrel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class ScoopsTest {

  @Test
  void mean_and_sample_spread_come_from_the_weighings() {
    // Mean 1.0; squares 0.04 + 0.01 + 0 + 0.01 + 0.04 = 0.10; √(0.10/4) = 0.158.
    Scoops scoops = Scoops.of(Spoon.QUARTER_TSP_US, List.of(0.8, 0.9, 1.0, 1.1, 1.2));
    assertThat(scoops.mean()).isCloseTo(1.0, within(1e-9));
    assertThat(scoops.spread()).isCloseTo(0.15811, within(1e-5));
    assertThat(scoops.spreadPercent()).isCloseTo(15.811, within(1e-3));
    assertThat(scoops.warnings()).extracting(Fact::code).containsExactly("scoops.differ");
    assertThat(scoops.measure().step()).isCloseTo(1.0, within(1e-9));
  }

  @Test
  void even_scoops_near_the_usual_are_not_remarked_on() {
    assertThat(Scoops.of(Spoon.QUARTER_TSP_US, List.of(1.0, 1.02, 0.98, 1.01, 0.99)).warnings())
        .isEmpty();
  }

  @Test
  void a_mean_far_from_the_usual_is_pointed_out() {
    assertThat(Scoops.of(Spoon.QUARTER_TSP_US, same(1.2)).warnings())
        .extracting(Fact::code)
        .containsExactly("scoops.overUsual");
  }

  @Test
  void a_tablespoon_weighed_for_a_teaspoon_is_asked_about_not_taken_for_crystals() {
    assertThat(Scoops.of(Spoon.QUARTER_TSP_US, same(2.99)).warnings())
        .containsExactly(Fact.of("scoops.tablespoonForTeaspoon"));
    assertThat(Scoops.of(Spoon.QUARTER_TBSP_US, same(1.0)).warnings())
        .containsExactly(Fact.of("scoops.teaspoonForTablespoon"));
  }

  @Test
  void four_weighings_are_too_few_and_a_bad_one_is_named_by_its_number() {
    assertThatThrownBy(() -> Scoops.of(Spoon.TSP_US, List.of(4.0, 4.0, 4.0, 4.0)))
        .hasMessageContaining("5 to 50 weighings");
    assertThatThrownBy(() -> Scoops.of(Spoon.TSP_US, List.of(4.0, 4.0, -1.0, 4.0, 4.0)))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("grams[2]"));
  }

  private static List<Double> same(double grams) {
    return List.of(grams, grams, grams, grams, grams);
  }
}
