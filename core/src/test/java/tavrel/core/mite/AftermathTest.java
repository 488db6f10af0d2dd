package tavrel.core.mite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Reading the model backwards is the same as running it forwards. */
class AftermathTest {

  private static final int DAYS = 120;

  private final Random random = new Random(20_261_130);

  private MiteModel model(double inflow) {
    double[] workers = new double[DAYS];
    double[] drones = new double[DAYS];
    double[] bees = new double[DAYS];
    for (int day = 0; day < DAYS; day++) {
      boolean pause = day > 40 && day < 60;
      workers[day] = pause ? 0 : 400 + random.nextInt(900);
      drones[day] = pause ? 0 : random.nextInt(30);
      bees[day] = workers[day];
    }
    MiteParameters figures = MiteParameters.of(Map.of("inflow", inflow));
    return new MiteModel(figures, Bees.held(18_000, DAYS), CellFlow.byDay(workers, drones));
  }

  private MiteState unit() {
    double[] worker = new double[MiteState.WORKER_DAYS];
    double[] drone = new double[MiteState.DRONE_DAYS];
    for (int i = 0; i < worker.length; i++) {
      worker[i] = random.nextDouble() / 5;
    }
    for (int i = 0; i < drone.length; i++) {
      drone[i] = random.nextDouble() / 20;
    }
    return new MiteState(1, worker, drone);
  }

  @Test
  void it_says_what_a_run_of_the_model_says_for_any_rounds() {
    for (int i = 0; i < 300; i++) {
      MiteModel model = model(i % 3 == 0 ? random.nextDouble() * 20 : 0);
      MiteState unit = unit();
      int last = random.nextInt(DAYS);
      double exposed = 1 + random.nextInt(900);
      double kill = random.nextDouble();
      TreeSet<Integer> days = new TreeSet<>();
      for (int round = random.nextInt(9); round > 0; round--) {
        days.add(random.nextInt(DAYS));
      }
      int[] rounds = days.stream().mapToInt(day -> day).toArray();
      MiteRun run = model.run(unit.times(exposed), Dose.byDay(kill, rounds, DAYS), 0, DAYS);

      int split = random.nextInt(rounds.length + 1);
      int[] given = Arrays.copyOf(rounds, split);
      int[] others = Arrays.copyOfRange(rounds, split, rounds.length);
      Aftermath onBees = new Aftermath(model, unit, last, Aftermath.Counted.ON_BEES, kill, given);
      Aftermath all = new Aftermath(model, unit, last, Aftermath.Counted.ALL, kill, given);

      assertThat(onBees.after(others).of(exposed))
          .isCloseTo(run.exposed(last), within(1e-9 * (1 + run.total(last))));
      assertThat(all.after(others).of(exposed))
          .isCloseTo(run.total(last), within(1e-9 * (1 + run.total(last))));
    }
  }

  @Test
  void one_question_leaves_nothing_behind_for_the_next() {
    Aftermath all = new Aftermath(model(0), unit(), 100, Aftermath.Counted.ALL, 0.9);
    double untreated = all.after().of(100);

    double once = all.after(10, 17, 24).of(100);
    all.after(3, 99);

    assertThat(all.after(10, 17, 24).of(100)).isEqualTo(once).isLessThan(untreated);
    assertThat(all.after().of(100)).isEqualTo(untreated);
  }

  @Test
  void a_day_that_is_not_run_is_refused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Aftermath(model(0), unit(), DAYS, Aftermath.Counted.ALL, 0.9));
  }
}
