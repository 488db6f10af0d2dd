package tavrel.core.mite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;

/** Bees that follow the brood, held to values reckoned elsewhere. */
class BeesTest {

  private static final int DAYS = 120;
  private static final Offset<Double> CLOSE = within(0.01);
  private static final MiteState START = start();

  private static MiteState start() {
    MiteState end =
        new MiteModel(MiteParameters.USUAL, 20_000, CellFlow.steady(1_000, 0, 150))
            .run(MiteState.onBees(1_000), new double[0], 0, 150)
            .end();
    return end.times(1_000 / end.total());
  }

  /** A thousand cells a day until day 30, then in a straight line to none on day 75. */
  private static double[] autumn() {
    double[] capped = new double[12 + DAYS];
    for (int day = -12; day < DAYS; day++) {
      capped[12 + day] = day <= 30 ? 1_000 : Math.max(0, 1_000 * (75 - day) / 45.0);
    }
    return capped;
  }

  private static BitSet from(int day) {
    BitSet on = new BitSet(DAYS);
    on.set(day, DAYS);
    return on;
  }

  private static MiteModel dwindling() {
    double[] capped = autumn();
    Bees bees = Bees.following(20_000, capped, -1, new Bees.Winter(from(40), 0), BeeLife.USUAL);
    CellFlow flow = CellFlow.byDay(Arrays.copyOfRange(capped, 12, capped.length), new double[DAYS]);
    return new MiteModel(MiteParameters.USUAL, bees, flow);
  }

  @ParameterizedTest
  @CsvSource({
    "30, 20000.00, 494.0031, 1339.6680, 2.4700",
    "60, 22576.96, 1625.7827, 1493.6905, 7.2011",
    "119, 16031.02, 2997.3405, 0, 18.6971"
  })
  void untreated(int day, double bees, double exposed, double inWorker, double wash) {
    MiteModel model = dwindling();
    MiteRun run = model.run(START, new double[0], 0, DAYS);
    assertThat(model.bees().on(day)).isCloseTo(bees, CLOSE);
    assertThat(run.exposed(day)).isCloseTo(exposed, CLOSE);
    assertThat(run.inWorker(day)).isCloseTo(inWorker, CLOSE);
    assertThat(100 * run.exposed(day) / model.bees().on(day)).isCloseTo(wash, within(0.0001));
  }

  @Test
  void three_rounds() {
    MiteModel model = dwindling();
    int[] rounds = {0, 7, 14};
    MiteRun run = model.run(START, Dose.byDay(0.9, rounds, DAYS), 0, DAYS);
    assertThat(run.killed(0)).isCloseTo(311.1320, CLOSE);
    assertThat(run.killed(7)).isCloseTo(300.9568, CLOSE);
    assertThat(run.killed(14)).isCloseTo(195.7513, CLOSE);
    assertThat(run.exposed(60)).isCloseTo(628.9902, CLOSE);
    assertThat(run.inWorker(60)).isCloseTo(588.1771, CLOSE);
    assertThat(100 * run.exposed(60) / model.bees().on(60)).isCloseTo(2.7860, within(0.0001));
    assertThat(run.exposed(119)).isCloseTo(1171.1951, CLOSE);
    assertThat(100 * run.exposed(119) / model.bees().on(119)).isCloseTo(7.3058, within(0.0001));
  }

  @Test
  void with_steady_laying_all_is_as_with_bees_held() {
    double[] steady = new double[12 + DAYS];
    Arrays.fill(steady, 1_000);
    Bees bees = Bees.following(20_000, steady, -1, Bees.Winter.none(DAYS), BeeLife.USUAL);
    assertThat(bees.on(-1)).isEqualTo(20_000);
    assertThat(bees.on(DAYS - 1)).isCloseTo(20_000, within(1e-6));
    assertThat(bees.drifts()).isFalse();
    assertThat(Bees.following(5_000, steady, -1, Bees.Winter.none(DAYS), BeeLife.USUAL).drifts())
        .as("too much brood for so few bees")
        .isTrue();
    assertThat(BeeLife.of(Map.of("beesFollow", 0.0)).follow()).isFalse();
  }

  @Test
  void frames_taken_out_bring_no_bees() {
    double[] steady = new double[12 + DAYS];
    Arrays.fill(steady, 1_000);
    Bees bees = Bees.following(20_000, steady, 0, Bees.Winter.none(DAYS), BeeLife.USUAL);
    assertThat(bees.on(11)).isCloseTo(20_000 * Math.exp(-12 * 950 / 20_000.0), within(1e-6));
    assertThat(bees.on(12)).isGreaterThan(bees.on(11));
  }

  @Test
  void winter_bees_are_raised_from_their_date_to_three_weeks_after_laying_starts() {
    SeasonDates dates = SeasonDates.usual(false);
    LocalDate begin = LocalDate.of(2026, 9, 5);
    assertThat(dates.winterBeesSince(begin.minusDays(1))).isNull();
    assertThat(dates.winterBeesSince(begin)).isEqualTo(begin);
    assertThat(dates.winterBeesSince(LocalDate.of(2027, 2, 14))).isEqualTo(begin);
    assertThat(dates.winterBeesSince(LocalDate.of(2027, 2, 15))).isNull();
    Bees.Winter half = Bees.Winter.of(dates, begin.plusDays(20), 5, BeeLife.USUAL);
    assertThat(half.share()).isEqualTo(0.5);
    assertThat(half.on().cardinality()).isEqualTo(5);
  }

  @Test
  void a_colony_does_not_grow_into_winter_as_its_laying_falls() {
    LocalDate june = LocalDate.of(2026, 6, 20);
    SeasonDates dates = SeasonDates.usual(false);
    BroodClock clock = BroodClock.of(List.of(), BroodDefaults.USUAL, dates, june);
    ColonyLoad load = new ColonyLoad(6, 300, 1, 9, 4, 0);

    Bees bees = load.days(clock, june, dates, MiteParameters.USUAL, 200, false).bees();

    assertThat(bees.on(45)).isCloseTo(18_000, within(4_000.0));
    assertThat(bees.on(130)).as("end of October").isLessThan(23_000);
    assertThat(bees.on(199)).as("January").isLessThan(bees.on(130));
  }
}
