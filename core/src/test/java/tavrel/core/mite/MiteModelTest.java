package tavrel.core.mite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.Comb;

class MiteModelTest {

  private static final MiteParameters USUAL = MiteParameters.USUAL;
  private static final double BEES = 20_000;

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "0; 0; 0; 0; 269.36,730.64,0; ''; 494.00,1339.67,0; 2458.86",
        "0; 3; 7; 0.95; 269.36,730.64,0; 328.42,314.39,194.73; 170.38,498.67,0; 898.31",
        "0; 7; 5; 0.95; 269.36,730.64,0; 328.42,263.49,288.94,143.72,139.15,94.81,61.08;"
            + " 2.55,122.62,0; 177.79",
        "20; 3; 10; 0.90; 227.82,611.09,161.10; 279.05,350.30,360.81; 250.35,522.71,148.22;"
            + " 1377.67",
      })
  void worked_cases(
      double drones,
      int rounds,
      int gap,
      double kill,
      String start,
      String kills,
      String day30,
      double day45) {
    MiteState begin = steady(1_000, drones);
    int[] days = IntStream.range(0, rounds).map(i -> i * gap).toArray();
    MiteRun run =
        new MiteModel(USUAL, BEES, CellFlow.steady(1_000, drones, 46))
            .run(begin, Dose.byDay(kill, days, 46), 0, 46);

    assertThat(List.of(begin.exposed(), begin.inWorker(), begin.inDrone()))
        .usingComparatorForType(this::near, Double.class)
        .isEqualTo(figures(start));
    assertThat(IntStream.of(days).mapToObj(run::killed).toList())
        .usingComparatorForType(this::near, Double.class)
        .isEqualTo(figures(kills));
    assertThat(List.of(run.exposed(30), run.inWorker(30), run.inDrone(30)))
        .usingComparatorForType(this::near, Double.class)
        .isEqualTo(figures(day30));
    assertThat(run.total(45)).isEqualTo(day45, within(0.01));
  }

  @ParameterizedTest
  @CsvSource({
    "1, 0.90, 0.655",
    "2, 0.90, 0.868",
    "3, 0.90, 0.937",
    "4, 0.68, 0.938",
    "2, 0.20, 0.382"
  })
  void kill_by_the_field_curve(double grams, double kept, double kill) {
    assertThat(KillCurve.FIELD.kill(grams, kept)).isEqualTo(kill, within(0.0005));
    assertThat(KillCurve.TRIAL.kill(grams, kept)).isGreaterThan(kill);
  }

  @Test
  void mites_are_conserved_each_day_whatever_is_done() {
    Random random = new Random(7);
    for (int trial = 0; trial < 200; trial++) {
      MiteParameters figures = MiteParameters.of(Map.of("inflow", random.nextInt(5) * 1.0));
      CellFlow flow =
          CellFlow.steady(random.nextInt(2_000), random.nextInt(60), 90)
              .clearedOn(random.nextInt(90));
      double[] kill = random.doubles(90).map(x -> x < 0.1 ? x * 9 : 0).toArray();
      MiteRun run =
          new MiteModel(figures, 5_000 + random.nextInt(40_000), flow)
              .run(steady(1_000, 20), kill, 0, 90);
      double before = 1_000;
      for (int day = 0; day < 90; day++) {
        double after = before + run.born(day) - run.lost(day) - run.killed(day);
        assertThat(run.total(day)).isEqualTo(after, within(1e-9 * Math.max(before, after)));
        before = run.total(day);
      }
      assertThat(run.end().total()).isEqualTo(before, within(1e-7));
    }
  }

  @Test
  void without_brood_or_treatment_mites_only_die_off() {
    MiteRun run =
        new MiteModel(USUAL, BEES, CellFlow.steady(0, 0, 60))
            .run(MiteState.onBees(500), new double[0], 0, 60);

    for (int day = 0; day < 60; day++) {
      assertThat(run.total(day)).isEqualTo(500 * Math.exp(-0.006 * (day + 1)), within(1e-9));
    }
  }

  @Test
  void a_kill_of_nothing_equals_no_treatment() {
    MiteModel model = new MiteModel(USUAL, BEES, CellFlow.steady(1_000, 20, 80));
    MiteState start = steady(1_000, 20);

    assertThat(model.run(start, Dose.byDay(0, new int[] {0, 7, 14}, 80), 0, 80).total(79))
        .isEqualTo(model.run(start, new double[0], 0, 80).total(79));
  }

  @Test
  void a_further_round_never_leaves_more_on_the_same_date() {
    Random random = new Random(11);
    MiteModel model = new MiteModel(USUAL, BEES, CellFlow.steady(900, 30, 100));
    MiteState start = steady(900, 30);
    for (int trial = 0; trial < 300; trial++) {
      double[] kill = new double[100];
      for (int round = 0; round < 1 + random.nextInt(6); round++) {
        kill[random.nextInt(90)] = 0.3 + 0.65 * random.nextDouble();
      }
      double[] more = kill.clone();
      more[random.nextInt(90)] = 0.95;
      for (int i = 0; i < more.length; i++) {
        more[i] = Math.max(more[i], kill[i]);
      }
      assertThat(model.run(start, more, 0, 100).total(99))
          .isLessThanOrEqualTo(model.run(start, kill, 0, 100).total(99) + 1e-9);
    }
  }

  @Test
  void each_figure_moves_the_outcome_the_right_way() {
    assertThat(growth("naturalLoss", 0.012)).isLessThan(growth("naturalLoss", 0.006));
    assertThat(growth("foundressSurvival", 0.9)).isGreaterThan(growth("foundressSurvival", 0.7));
    assertThat(growth("workerDaughters", 0.9)).isGreaterThan(growth("workerDaughters", 0.6));
    assertThat(growth("droneDaughters", 2)).isGreaterThan(growth("droneDaughters", 1.4));
    assertThat(growth("workerInvasion", 1)).isGreaterThan(growth("workerInvasion", 0.56));
    assertThat(growth("inflow", 5)).isGreaterThan(growth("inflow", 0));
    assertThat(growth("droneInvasion", 12)).isGreaterThan(growth("droneInvasion", 6.49));
    assertThat(growth("beeGrams", 0.15)).isLessThan(growth("beeGrams", 0.125));
  }

  @Test
  void growth_is_about_two_percent_a_day_and_more_with_drones() {
    assertThat(dailyGrowth(0)).isEqualTo(0.020, within(0.0015));
    assertThat(dailyGrowth(20)).isEqualTo(0.027, within(0.0015));
  }

  @Test
  void a_swarm_has_all_its_mites_on_bees_until_its_first_brood_is_capped() {
    LocalDate today = LocalDate.of(2026, 5, 14);
    BroodClock swarm =
        BroodClock.of(
            List.of(new BroodEvent.SwarmHived(today.minusDays(4), Comb.DRAWN)),
            BroodDefaults.USUAL,
            SeasonDates.usual(false),
            today);
    BroodClock steady =
        BroodClock.of(List.of(), BroodDefaults.USUAL, SeasonDates.usual(false), today);
    ColonyLoad load = new ColonyLoad(9, 300, 1, 10, 4, 0.02);

    assertThat(load.divided(swarm, USUAL).total()).isEqualTo(1, within(1e-9));
    assertThat(load.divided(steady, USUAL).total()).isBetween(3.5, 7.0);
    assertThat(load.exposed(USUAL)).isEqualTo(600, within(1e-9));
    assertThat(load.workerCells(USUAL)).isEqualTo(4 * 7_000 * 0.5 * 0.98 / 12, within(1e-9));
  }

  @Test
  void bands_hold_the_middle_course_repeat_exactly_and_widen_with_a_smaller_sample() {
    MiteBands three_hundred = bands(9, 300);
    MiteBands hundred = bands(3, 100);
    MiteRun middle =
        new MiteModel(USUAL, BEES, CellFlow.steady(1_000, 20, 60))
            .run(steady(1_000, 20), Dose.byDay(0.868, new int[] {0, 7, 14}, 60), 0, 60);

    for (int day = 0; day < 60; day += 10) {
      assertThat(three_hundred.low(day)).isLessThan(three_hundred.high(day));
      assertThat(hundred.high(day) - hundred.low(day))
          .isGreaterThan(three_hundred.high(day) - three_hundred.low(day));
    }
    double scale = 600 / steady(1_000, 20).exposed();
    assertThat(middle.total(30) * scale).isBetween(three_hundred.low(30), three_hundred.high(30));
    assertThat(bands(9, 300).high(59)).isEqualTo(three_hundred.high(59));
    assertThat(three_hundred.killLow(0)).isLessThan(three_hundred.killHigh(0));
  }

  @Test
  void counts_and_frames_out_of_reason_are_refused() {
    assertThatThrownBy(() -> new ColonyLoad(301, 300, 1, 10, 6, 0))
        .hasMessageContaining("more mites than bees");
    assertThatThrownBy(() -> new ColonyLoad(0, 0, 1, 10, 6, 0)).isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new ColonyLoad(3, 300, 1, 10, 400, 0))
        .hasMessageContaining("0 to 30 frames");
  }

  private static MiteBands bands(int mites, int sample) {
    MiteModel model = new MiteModel(USUAL, BEES, CellFlow.steady(1_000, 20, 60));
    MiteState start = steady(1_000, 20);
    return MiteBands.of(
        model,
        start.times(1 / start.exposed()),
        new ColonyLoad(mites, sample, 1, 10, 6, 0),
        USUAL,
        new Dose(2, 0.9, KillCurve.FIELD),
        new int[] {0, 7, 14},
        60);
  }

  private static double growth(String key, double value) {
    return new MiteModel(MiteParameters.of(Map.of(key, value)), BEES, CellFlow.steady(900, 20, 80))
        .run(MiteState.onBees(500), new double[0], 0, 80)
        .total(79);
  }

  private static double dailyGrowth(double drones) {
    MiteRun run =
        new MiteModel(USUAL, BEES, CellFlow.steady(1_000, drones, 200))
            .run(MiteState.onBees(1_000), new double[0], 0, 200);
    return Math.log(run.total(199) / run.total(149)) / 50;
  }

  private static MiteState steady(double workers, double drones) {
    MiteState end =
        new MiteModel(USUAL, BEES, CellFlow.steady(workers, drones, 150))
            .run(MiteState.onBees(1_000), new double[0], 0, 150)
            .end();
    return end.times(1_000 / end.total());
  }

  private static List<Double> figures(String text) {
    return text.isEmpty()
        ? List.of()
        : java.util.Arrays.stream(text.split(",")).map(Double::valueOf).toList();
  }

  private int near(double one, double other) {
    return Math.abs(one - other) <= 0.01 ? 0 : Double.compare(one, other);
  }

  @ParameterizedTest
  @CsvSource({"0.5, 6", "1, 6", "1, 4"})
  void brood_that_the_bees_cannot_have_is_refused_with_the_reason(double bees, double capped) {
    BroodClock clock =
        BroodClock.of(
            List.of(), BroodDefaults.USUAL, SeasonDates.usual(false), LocalDate.of(2026, 6, 1));
    ColonyLoad load = new ColonyLoad(9, 300, 1, bees, capped, 0);
    assertThatThrownBy(() -> load.divided(clock, USUAL))
        .isInstanceOfSatisfying(
            InvalidValue.class,
            wrong -> {
              assertThat(wrong.field()).isEqualTo("cappedFrames");
              assertThat(wrong.told().code()).isEqualTo("refusal.cannotAllBeTrue");
              assertThat(wrong.getMessage()).contains("colony.hides");
            });
    assertThat(new ColonyLoad(9, 300, 1, 8, capped, 0).refusal(clock, USUAL)).isNull();
  }
}
