package tavrel.core.burn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;

class BurnLineTest {

  private static BurnFit fit(BurnFit.Basis basis, Double r2, double... loads) {
    List<BurnFit.BurnPoint> points =
        java.util.Arrays.stream(loads)
            .mapToObj(load -> new BurnFit.BurnPoint(load, 70 + 40 * load, 0))
            .toList();
    return new BurnFit(basis, 70, 40, r2, loads[0], loads[loads.length - 1], points, 15);
  }

  @Test
  void a_line_runs_from_no_load_to_somewhat_above_the_largest() {
    BurnLine line = BurnLine.of(fit(BurnFit.Basis.LINE, 0.98, 1, 3));
    assertThat(line.from()).isEqualTo(new BurnLine.End(0, 70, 70 * 1.15));
    assertThat(line.to().load()).isEqualTo(5);
    assertThat(line.to().seconds()).isEqualTo(270);
    assertThat(line.to().planned()).isCloseTo(310.5, within(1e-9));
    assertThat(line.says())
        .isEqualTo(
            Fact.of("burn.line").figure("r2", 0.98).figure("seconds", 70).figure("perGram", 40));
  }

  @Test
  void loads_near_a_tested_one_are_those_for_which_a_time_is_foretold() {
    BurnLine line = BurnLine.of(fit(BurnFit.Basis.LINE, 0.98, 1, 3));
    assertThat(line.testedFrom()).isEqualTo(0.75);
    assertThat(line.testedTo()).isEqualTo(3.75);
  }

  @Test
  void one_load_says_how_it_was_scaled_and_claims_nothing_of_its_fit() {
    assertThat(BurnLine.of(fit(BurnFit.Basis.ONE_LOAD, null, 2)).says())
        .isEqualTo(
            Fact.of("burn.lineFromOneLoad")
                .share("fixed", 0.6)
                .share("byGrams", 0.4)
                .figure("seconds", 70)
                .figure("perGram", 40));
  }

  @Test
  void without_test_burns_there_is_nothing_to_draw() {
    BurnFit own = new BurnFit(BurnFit.Basis.OWN_FIGURE, 150, 0, null, null, null, List.of(), 15);
    assertThat(BurnLine.of(own)).isNull();
  }
}
