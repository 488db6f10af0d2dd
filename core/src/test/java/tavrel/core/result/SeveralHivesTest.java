package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.AhrensDieterMarsagliaTsangGammaSampler;
import org.apache.commons.rng.sampling.distribution.PoissonSampler;
import org.apache.commons.rng.simple.RandomSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.count.HiveSpread;
import tavrel.core.count.Infestation;
import tavrel.core.count.InfestationStatus;
import tavrel.core.count.Interval;
import tavrel.core.count.YardReading;
import tavrel.core.result.Efficacy.Found;
import tavrel.core.result.WorkedHere.Case;

/** What several hives allow to be said, held against yards whose truth is known. */
class SeveralHivesTest {

  private static final LocalDate DAY = LocalDate.of(2026, 8, 4);
  private final UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(7);

  private double gamma(double shape) {
    return AhrensDieterMarsagliaTsangGammaSampler.of(random, shape, 1 / shape).sample();
  }

  private int mites(double share, double bees) {
    double mean = share * bees;
    return mean <= 0 ? 0 : PoissonSampler.of(random, mean).sample();
  }

  private Infestation sample(double share) {
    return new Infestation(Math.min(300, mites(share, 300)), 300, 1, 1, DAY);
  }

  private List<Infestation> yard(int hives, double mean, double k) {
    return IntStream.range(0, hives).mapToObj(i -> sample(mean * gamma(k))).toList();
  }

  @ParameterizedTest
  @CsvSource({"5, 0.03", "10, 0.02", "25, 0.01", "40, 0.05"})
  void the_interval_of_a_yard_holds_its_mean_about_95_times_of_100(int hives, double mean) {
    int held = 0;
    for (int i = 0; i < 1_000; i++) {
      YardReading read = YardReading.of(yard(hives, mean, 1.5), 0.02, HiveSpread.USUAL);
      held += read.interval().low() <= mean && mean <= read.interval().high() ? 1 : 0;
    }
    assertThat(held).isBetween(925, 985);
  }

  @Test
  void its_ends_are_the_roots_of_the_rule_and_one_hive_says_nothing_of_a_yard() {
    Interval interval = Interval.ofHives(0.03, 10, 3_000, 1.5);
    for (double root : new double[] {interval.low(), interval.high()}) {
      double off = (0.03 - root) * (0.03 - root);
      assertThat(off)
          .isCloseTo(Interval.Z * Interval.Z * (root * root / 15 + root / 3_000), within(1e-15));
    }
    assertThat(Interval.ofHives(0.03, 2, 600, 1.5).high()).as("left open").isEqualTo(1);
    assertThat(YardReading.of(yard(2, 0.03, 1.5), 0.02, HiveSpread.USUAL)).isNull();
    YardReading none =
        YardReading.of(List.of(sample(0), sample(0), sample(0)), 0.02, HiveSpread.USUAL);
    assertThat(none.interval().low()).isZero();
    assertThat(none.standing()).isEqualTo(InfestationStatus.CANNOT_TELL);
  }

  @Test
  void how_much_hives_differ_is_learned_from_twenty_of_the_outfit() {
    assertThat(HiveSpread.of(List.of(yard(19, 0.04, 0.6)))).isEqualTo(HiveSpread.USUAL);
    double sum = 0;
    for (int i = 0; i < 40; i++) {
      HiveSpread own = HiveSpread.of(List.of(yard(40, 0.04, 0.8), yard(40, 0.01, 0.8)));
      assertThat(own.hives()).isEqualTo(80);
      sum += 1 / own.k() / 40;
    }
    assertThat(1 / sum).isBetween(0.6, 1.1);
  }

  @ParameterizedTest
  @CsvSource({"5", "10", "30"})
  void a_reduction_over_hives_holds_the_truth_about_95_times_of_100(int hives) {
    int held = 0;
    for (int i = 0; i < 600; i++) {
      List<OverHives.Counted> counted = new ArrayList<>();
      for (int hive = 0; hive < hives; hive++) {
        double share = 0.05 * gamma(1.5);
        counted.add(
            new OverHives.Counted(
                Found.of(mites(share, 300), 300),
                Found.of(mites(0.15 * share * gamma(2), 300), 300)));
      }
      Efficacy found = OverHives.reduction(counted);
      held += found.low() <= 0.85 && 0.85 <= found.high() ? 1 : 0;
    }
    assertThat(held).as("of 600").isBetween(534, 594);
  }

  private Case hive(String yard, String tool, double grams, double left) {
    double share = 0.05 * gamma(1.5);
    return new Case(
        yard,
        null,
        tool,
        grams,
        10,
        5.0,
        3,
        Found.of(mites(share, 300), 300),
        Found.of(mites(left * share * gamma(2), 300), 300));
  }

  /** Yards differ in what is left; ways do not, or do. */
  private List<Case> year(int yards, int hives, boolean mixed, double times) {
    List<Case> cases = new ArrayList<>();
    for (int yard = 0; yard < yards; yard++) {
      double left = 0.15 * gamma(4);
      for (int hive = 0; hive < hives; hive++) {
        boolean second = mixed ? hive % 2 == 1 : yard % 2 == 1;
        String tool = second ? "Pan" : "Bowl";
        cases.add(hive("Y" + yard, tool, 2 + hive % 3, left * (second ? times : 1)));
      }
    }
    return cases;
  }

  private static boolean different(List<Case> cases) {
    return WorkedHere.of(cases).stream()
        .flatMap(each -> each.compared().stream())
        .anyMatch(each -> each.verdict() == WaysCompared.Verdict.DIFFERENT);
  }

  @ParameterizedTest
  @CsvSource({"true", "false"})
  void a_year_without_any_difference_rarely_shows_one(boolean mixed) {
    int shown = 0;
    for (int year = 0; year < 100; year++) {
      shown += different(year(8, 6, mixed, 1)) ? 1 : 0;
    }
    assertThat(shown).as("years of 100").isLessThanOrEqualTo(9);
  }

  @Test
  void a_way_that_leaves_four_times_as_many_is_found() {
    int shown = 0;
    for (int year = 0; year < 50; year++) {
      shown += different(year(8, 8, true, 4)) ? 1 : 0;
    }
    assertThat(shown).isGreaterThan(40);
  }

  @Test
  void two_yards_with_a_way_each_are_too_few_to_tell() {
    List<WaysCompared> compared =
        WorkedHere.of(year(2, 12, false, 20)).stream()
            .filter(each -> each.what() == WorkedHere.What.TOOL)
            .flatMap(each -> each.compared().stream())
            .toList();
    assertThat(compared)
        .singleElement()
        .satisfies(
            each -> {
              assertThat(each.verdict()).isEqualTo(WaysCompared.Verdict.TOO_FEW);
              assertThat(each.byYards()).isTrue();
              assertThat(each.says().code()).isEqualTo("ways.tooFewYards");
            });
  }
}
