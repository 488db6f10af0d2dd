package tavrel.core.burn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.InvalidValue;

class BurnFitTest {

  @Test
  void one_load_tested_is_scaled_to_others() {
    BurnFit fit = fit(burn(2, 150));
    assertThat(fit.basis()).isEqualTo(BurnFit.Basis.ONE_LOAD);
    assertThat(fit.time(2).fitted()).isCloseTo(150, within(1e-9));
    assertThat(fit.time(4).fitted()).as("150·(0.6 + 0.4·2)").isCloseTo(210, within(1e-9));
    assertThat(fit.time(1).fitted()).as("150·(0.6 + 0.4·0.5)").isCloseTo(120, within(1e-9));
    assertThat(fit.r2()).isNull();
  }

  @Test
  void several_burns_of_one_load_count_by_their_mean() {
    assertThat(fit(burn(2, 140), burn(2, 160)).time(2).fitted()).isCloseTo(150, within(1e-9));
  }

  @Test
  void two_loads_make_a_line_with_the_margin_on_top() {
    BurnFit fit = fit(burn(1, 110), burn(2, 150), burn(3, 190));
    assertThat(fit.basis()).isEqualTo(BurnFit.Basis.LINE);
    assertThat(fit.intercept()).isCloseTo(70, within(1e-9));
    assertThat(fit.slope()).isCloseTo(40, within(1e-9));
    assertThat(fit.r2()).isCloseTo(1, within(1e-9));
    assertThat(fit.time(2).planned()).as("172.5 s, never short").isEqualTo(173);
  }

  @Test
  void scatter_shows_in_r2_and_in_the_residuals() {
    // By hand: mean 2 g, 150 s; slope (−1·−60 + 1·30)/2 = 45; residuals +15 … see below.
    BurnFit fit = fit(burn(1, 90), burn(2, 180), burn(3, 180));
    assertThat(fit.slope()).isCloseTo(45, within(1e-9));
    assertThat(fit.intercept()).isCloseTo(60, within(1e-9));
    assertThat(fit.points())
        .extracting(BurnFit.BurnPoint::residual)
        .containsExactly(-15.0, 30.0, -15.0);
    assertThat(fit.r2()).as("1 − 1350/5400").isCloseTo(0.75, within(1e-9));
  }

  @Test
  void neither_start_nor_slope_falls_below_nothing() {
    BurnFit faster = fit(burn(1, 100), burn(3, 60));
    assertThat(faster.slope()).isZero();
    assertThat(faster.intercept()).isCloseTo(80, within(1e-9));
    BurnFit steep = fit(burn(1, 10), burn(2, 90));
    assertThat(steep.intercept()).isZero();
    assertThat(steep.slope()).as("Σgt ÷ Σg² = 190/5").isCloseTo(38, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"1.4, true", "1.5, false", "3.75, false", "3.8, true"})
  void a_load_far_from_any_tested_asks_for_a_test(double load, boolean untested) {
    BurnTime time = fit(burn(2, 100), burn(3, 120)).time(load);
    assertThat(time.untested()).isEqualTo(untested);
    assertThat(time.says().code().startsWith("burn.noneSo")).isEqualTo(untested);
  }

  @Test
  void without_a_test_the_tools_own_figure_stands_and_says_so() {
    BurnFit fit = BurnFit.of(tool(120), List.of());
    assertThat(fit.time(2).planned()).isEqualTo(120);
    assertThat(fit.time(2).untested()).isTrue();
    assertThat(BurnFit.of(tool(null), List.of()).time(2)).isNull();
  }

  @Test
  void more_acid_never_burns_shorter() {
    SplittableRandom random = new SplittableRandom(7);
    for (int i = 0; i < 2_000; i++) {
      TestBurn[] burns =
          IntStream.range(0, random.nextInt(1, 7))
              .mapToObj(n -> burn(random.nextDouble(0.5, 6), random.nextDouble(5, 500)))
              .toArray(TestBurn[]::new);
      BurnFit fit = fit(burns);
      double load = random.nextDouble(0.2, 8);
      assertThat(fit.time(load + 0.5).fitted()).isGreaterThanOrEqualTo(fit.time(load).fitted());
      assertThat(fit.time(load).fitted()).isNotNegative();
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {-5, 0, 2, 4_000, Double.NaN})
  void a_burn_that_cannot_be_is_refused(double seconds) {
    assertThatThrownBy(() -> burn(2, seconds))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("seconds"));
  }

  @Test
  void a_tool_that_contradicts_itself_is_refused_at_the_field() {
    assertThatThrownBy(() -> bowl(240.0, 230.0, AcidRelease.CAP_TURNED, false))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("setCelsius"));
    assertThatThrownBy(() -> bowl(230.0, 230.0, AcidRelease.LOADED_COLD, false))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("release"));
    assertThatThrownBy(() -> bowl(230.0, 230.0, AcidRelease.PLUNGER, true))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("dunkAllowed"));
    assertThatThrownBy(() -> tool(-5))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("burnSeconds"));
  }

  @Test
  void a_packs_charges_are_rounded_up_and_unknown_where_nobody_counted() {
    assertThat(pack(9).chargesFor(19)).isEqualTo(3);
    assertThat(pack(9).chargesFor(18)).isEqualTo(2);
    assertThat(pack(null).chargesFor(18)).isNull();
    assertThatThrownBy(() -> new Pack(UUID.randomUUID(), "P", 18, 5, 18, null, null, 1))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("cutoffVolts"));
  }

  private static Pack pack(Integer burns) {
    return new Pack(UUID.randomUUID(), "P", 18, 5, 15, burns, 60, 4);
  }

  private static Tool bowl(double set, double most, AcidRelease release, boolean dunk) {
    return new Tool(
        UUID.randomUUID(),
        "Bowl",
        ToolFamily.HEATED_BOWL,
        PowerSource.MAINS,
        release,
        EndSign.DISPLAY,
        4.5,
        110,
        35,
        0,
        20,
        set,
        most,
        275.0,
        null,
        dunk,
        null,
        15,
        null,
        null,
        false);
  }

  private static Tool tool(Integer burnSeconds) {
    return new Tool(
        UUID.randomUUID(),
        "Pan",
        ToolFamily.PAN_WAND,
        PowerSource.CAR_BATTERY,
        AcidRelease.LOADED_COLD,
        EndSign.NONE,
        4,
        0,
        burnSeconds,
        120,
        60,
        null,
        null,
        150.0,
        null,
        true,
        null,
        Tool.USUAL_MARGIN,
        null,
        null,
        false);
  }

  private static BurnFit fit(TestBurn... burns) {
    return BurnFit.of(tool(null), List.of(burns));
  }

  private static TestBurn burn(double load, double seconds) {
    return new TestBurn(
        UUID.randomUUID(), UUID.randomUUID(), load, seconds, null, null, null, Instant.EPOCH);
  }
}
