package tavrel.core.mite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

/** Simulated colonies, whose true figures are known, give them back. */
class ColonyFitTest {

  private static final int DAYS = 60;
  private static final double BEES = 20_000;
  private static final int[] ROUNDS = {0, 7, 14, 21};
  private static final CellFlow FLOW = CellFlow.steady(1_000, 0, DAYS);
  private static final MiteState UNIT = unit();

  /** A board catches most of what falls. */
  private static final double CAUGHT = 0.8;

  private static MiteState unit() {
    MiteState end =
        new MiteModel(MiteParameters.USUAL, BEES, CellFlow.steady(1_000, 0, 150))
            .run(MiteState.onBees(1_000), new double[0], 0, 150)
            .end();
    return end.times(1 / end.exposed());
  }

  private static ColonyFit fit(double expectedKill, List<Seen> seen) {
    return new ColonyFit(
        MiteParameters.USUAL, ColonyDays.held(FLOW, BEES), UNIT, ROUNDS, expectedKill, seen);
  }

  /** What would be counted: boards that scatter, samples of 300 bees before and after. */
  private static List<Seen> counted(double start, double kill, double inflow, Random random) {
    MiteRun run =
        new MiteModel(MiteParameters.USUAL.withInflow(inflow), BEES, FLOW)
            .run(UNIT.times(start), Dose.byDay(kill, ROUNDS, DAYS), 0, DAYS);
    List<Seen> seen = new ArrayList<>();
    seen.add(new Seen.Sample(-1, binomial(random, 300, start / BEES), 300, 1));
    for (int round : ROUNDS) {
      double scattered =
          CAUGHT * run.killed(round) * Math.exp(ColonyFit.SCATTER * random.nextGaussian() - 0.03);
      seen.add(new Seen.Drop(round, round + 2, Math.round(scattered), 0));
    }
    seen.add(new Seen.Sample(40, binomial(random, 300, run.exposed(40) / BEES), 300, 1));
    return seen;
  }

  private static int binomial(Random random, int n, double p) {
    int found = 0;
    for (int i = 0; i < n; i++) {
      found += random.nextDouble() < p ? 1 : 0;
    }
    return found;
  }

  @Test
  void without_noise_the_true_figures_lie_in_the_bands_and_the_drops_are_met() {
    MiteRun run =
        new MiteModel(MiteParameters.USUAL, BEES, FLOW)
            .run(UNIT.times(400), Dose.byDay(0.85, ROUNDS, DAYS), 0, DAYS);
    List<Seen> seen = new ArrayList<>();
    for (int round : ROUNDS) {
      seen.add(new Seen.Drop(round, round + 2, CAUGHT * run.killed(round), 0));
    }
    ColonyFit fit = fit(0.87, seen);
    assertThat(fit.exposed().low()).isLessThan(400);
    assertThat(fit.exposed().high()).isGreaterThan(400);
    assertThat(fit.kill().middle()).isBetween(0.70, 0.93);
    assertThat(fit.inflow().low()).isLessThan(2);
    ColonyFit.Estimate wash = fit.wash(ROUNDS, 40);
    assertThat(fit.meanWash(ROUNDS, 40)).isBetween(wash.low(), wash.high());
    assertThat(run.total(40)).isBetween(fit.left(ROUNDS, 40).low(), fit.left(ROUNDS, 40).high());
  }

  @Test
  void a_round_that_kills_little_is_told_from_mites_that_come_in() {
    ColonyFit leaky = fit(0.87, exact(400, 0.35, 0));
    ColonyFit robbing = fit(0.87, exact(150, 0.87, 60));
    assertThat(leaky.kill().high()).isLessThan(0.75);
    assertThat(robbing.kill().middle()).isBetween(0.78, 0.95);
    assertThat(robbing.inflow().low()).isGreaterThan(leaky.inflow().middle());
    assertThat(robbing.inflow().middle()).isBetween(35.0, 85.0);
  }

  /** Without scatter, and with samples large enough to leave little to chance. */
  private static List<Seen> exact(double start, double kill, double inflow) {
    MiteRun run =
        new MiteModel(MiteParameters.USUAL.withInflow(inflow), BEES, FLOW)
            .run(UNIT.times(start), Dose.byDay(kill, ROUNDS, DAYS), 0, DAYS);
    List<Seen> seen = new ArrayList<>();
    seen.add(new Seen.Sample(-1, (int) Math.round(1_000 * start / BEES), 1_000, 1));
    for (int round : ROUNDS) {
      seen.add(new Seen.Drop(round, round + 2, CAUGHT * run.killed(round), 0));
    }
    seen.add(new Seen.Sample(40, (int) Math.round(1_000 * run.exposed(40) / BEES), 1_000, 1));
    return seen;
  }

  @Test
  void another_round_leaves_fewer_mites_and_no_count_is_refused() {
    ColonyFit fit = fit(0.87, counted(300, 0.8, 2, new Random(3)));
    assertThat(fit.left(new int[] {0, 7, 14, 21, 28}, 45).middle())
        .isLessThan(fit.left(ROUNDS, 45).middle());
    assertThat(fit.wash(ROUNDS, 45).low()).isLessThan(fit.wash(ROUNDS, 45).high());
    assertThatThrownBy(() -> fit(0.87, List.of())).isInstanceOf(InvalidValue.class);
  }
}
