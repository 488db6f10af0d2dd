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

  private static MiteState unit() {
    MiteState end =
        new MiteModel(MiteParameters.USUAL, BEES, CellFlow.steady(1_000, 0, 150))
            .run(MiteState.onBees(1_000), new double[0], 0, 150)
            .end();
    return end.times(1 / end.exposed());
  }

  private static ColonyFit fit(double expectedKill, List<Seen> seen) {
    return new ColonyFit(MiteParameters.USUAL, BEES, UNIT, FLOW, ROUNDS, expectedKill, seen);
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
          run.killed(round) * Math.exp(ColonyFit.SCATTER * random.nextGaussian() - 0.03);
      seen.add(new Seen.Drop(round, round + 2, Math.round(scattered)));
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
      seen.add(new Seen.Drop(round, round + 2, run.killed(round)));
    }
    ColonyFit fit = fit(0.87, seen);
    assertThat(fit.exposed().low()).isLessThan(400);
    assertThat(fit.exposed().high()).isGreaterThan(400);
    assertThat(fit.kill().middle()).isBetween(0.70, 0.93);
    assertThat(fit.inflow().low()).isLessThan(2);
    ColonyFit.Estimate wash = fit.wash(ROUNDS, 40);
    assertThat(fit.meanWash(ROUNDS, 40)).isBetween(wash.low(), wash.high());
    for (int round : ROUNDS) {
      ColonyFit.Estimate drop = fit.drop(ROUNDS, round, round + 2);
      assertThat(run.killed(round)).isBetween(drop.low(), drop.high());
    }
  }

  @Test
  void over_many_simulated_colonies_the_bands_hold_and_nothing_leans_to_one_side() {
    Random random = new Random(20_261_126);
    int colonies = 120;
    int startIn = 0;
    int killIn = 0;
    double startOff = 0;
    double killOff = 0;
    for (int i = 0; i < colonies; i++) {
      double start = 50 * Math.exp(2.5 * random.nextDouble());
      double logit = 1.7 + 0.9 * random.nextGaussian();
      double kill = 1 / (1 + Math.exp(-logit));
      double inflow = -4 * Math.log(random.nextDouble());
      ColonyFit fit = fit(1 / (1 + Math.exp(-1.7)), counted(start, kill, inflow, random));
      startIn += holds(fit.exposed(), start) ? 1 : 0;
      killIn += holds(fit.kill(), kill) ? 1 : 0;
      startOff += Math.log(fit.exposed().middle() / start);
      killOff += fit.kill().middle() - kill;
    }
    assertThat(startIn).as("80 %% band of the start").isBetween(84, 114);
    assertThat(killIn).as("80 %% band of the kill").isBetween(84, 114);
    assertThat(startOff / colonies).as("bias of the start, log").isBetween(-0.1, 0.1);
    assertThat(killOff / colonies).as("bias of the kill").isBetween(-0.06, 0.06);
  }

  private static boolean holds(ColonyFit.Estimate band, double truth) {
    return truth >= band.low() * 0.999 && truth <= band.high() * 1.001;
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
      seen.add(new Seen.Drop(round, round + 2, run.killed(round)));
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
