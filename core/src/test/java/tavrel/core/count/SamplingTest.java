package tavrel.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;

class SamplingTest {

  private static final LocalDate DAY = LocalDate.of(2026, 7, 1);

  private static List<Hive> yard(int hives) {
    return IntStream.rangeClosed(1, hives)
        .mapToObj(
            i ->
                Hive.ofRoster(
                    new UUID(1, i), "Q" + i, i, BoxNotation.read("deep 10"), 0, Floor.SOLID))
        .toList();
  }

  private static Infestation wash(int mites) {
    return new Infestation(mites, 300, 1, 1, DAY);
  }

  @Test
  void hives_are_drawn_one_from_each_stretch_of_the_walk_and_the_same_seed_draws_the_same() {
    YardSampling one = YardSampling.draw(yard(40), Set.of(), HiveSpread.USUAL, 7);

    assertThat(one).isEqualTo(YardSampling.draw(yard(40), Set.of(), HiveSpread.USUAL, 7));
    assertThat(one.most()).isEqualTo(12);
    List<Integer> places = one.drawn().stream().map(Hive::place).sorted().toList();
    for (int part = 0; part < 12; part++) {
      assertThat(places.get(part)).isBetween(part * 40 / 12 + 1, (part + 1) * 40 / 12);
    }
  }

  @Test
  void hives_with_signs_are_washed_besides_and_never_among_those_drawn() {
    Set<UUID> signs = Set.of(new UUID(1, 3), new UUID(1, 9));
    for (int seed = 0; seed < 200; seed++) {
      YardSampling drawn = YardSampling.draw(yard(20), signs, HiveSpread.USUAL, seed);
      assertThat(drawn.drawn()).noneMatch(hive -> signs.contains(hive.id()));
      assertThat(drawn.besides()).extracting(Hive::name).containsExactly("Q3", "Q9");
    }
  }

  @Test
  void hives_long_unseen_are_washed_besides_unless_they_are_much_of_the_yard() {
    Set<UUID> signs = Set.of(new UUID(1, 3));
    Set<UUID> five = ids(4, 8);
    Set<UUID> six = ids(4, 9);

    assertThat(YardSampling.besides(yard(20), signs, five)).hasSize(6).containsAll(five);
    assertThat(YardSampling.besides(yard(20), signs, six)).isEqualTo(signs);
  }

  private static Set<UUID> ids(int from, int to) {
    return IntStream.rangeClosed(from, to)
        .mapToObj(i -> new UUID(1, i))
        .collect(Collectors.toSet());
  }

  @Test
  void each_hive_comes_as_often_as_any_other() {
    int[] often = new int[24];
    for (int seed = 0; seed < 4_000; seed++) {
      YardSampling.draw(yard(24), Set.of(), HiveSpread.USUAL, seed)
          .drawn()
          .forEach(hive -> often[hive.place() - 1]++);
    }
    assertThat(IntStream.of(often).boxed())
        .allSatisfy(times -> assertThat(times).isBetween(1_800, 2_200));
  }

  @Test
  void nothing_is_said_from_fewer_than_four_hives_and_between_counts_only_by_99_percent() {
    YardSampling plan = YardSampling.draw(yard(40), Set.of(), new HiveSpread(20, 40), 1);

    assertThat(plan.read(List.of(wash(30), wash(31), wash(33)), 0.02).go())
        .isEqualTo(YardSampling.Go.NEXT);
    assertThat(plan.read(List.of(wash(30), wash(31), wash(33), wash(28)), 0.02).go())
        .isEqualTo(YardSampling.Go.ABOVE);
    assertThat(plan.read(List.of(wash(6), wash(7), wash(5), wash(8)), 0.02).go())
        .isEqualTo(YardSampling.Go.NEXT);
    assertThat(plan.read(Collections.nCopies(12, wash(6)), 0.02).go())
        .isEqualTo(YardSampling.Go.CANNOT_TELL);
  }

  @Test
  void a_jar_counts_for_all_its_hives_and_tells_the_mean_as_washes_one_by_one_would() {
    YardSampling plan = YardSampling.draw(yard(40), Set.of(), HiveSpread.USUAL, 1);
    List<Infestation> alone = List.of(wash(3), wash(9));
    Jar four = new Jar(DAY, WashKind.WASH, 4, 24, 1_200);

    YardSampling.SoFar together = plan.read(alone, List.of(four), 1, 0.02);
    YardSampling.SoFar oneByOne =
        plan.read(List.of(wash(3), wash(9), wash(6), wash(6), wash(6), wash(6)), 0.02);

    assertThat(together.hives()).isEqualTo(6);
    assertThat(together.share()).isCloseTo(oneByOne.share(), within(1e-12));
    assertThat(together.interval().low()).isCloseTo(oneByOne.interval().low(), within(1e-9));
    assertThat(together.interval().high()).isCloseTo(oneByOne.interval().high(), within(1e-9));
  }

  @Test
  void a_jar_with_few_bees_of_many_hives_is_less_sure_and_a_roll_in_it_finds_less() {
    YardSampling plan = YardSampling.draw(yard(40), Set.of(), HiveSpread.USUAL, 1);
    Jar full = new Jar(DAY, WashKind.WASH, 6, 36, 1_800);
    Jar half = new Jar(DAY, WashKind.WASH, 6, 6, 300);
    Jar rolled = new Jar(DAY, WashKind.SUGAR_ROLL, 6, 36, 1_800);

    Interval sure = plan.read(List.of(), List.of(full), 1, 0.02).interval();
    Interval unsure = plan.read(List.of(), List.of(half), 1, 0.02).interval();
    assertThat(unsure.low()).isLessThan(sure.low());
    assertThat(unsure.high()).isGreaterThan(sure.high());
    assertThat(plan.read(List.of(), List.of(rolled), 0.7, 0.02).share())
        .isCloseTo(0.02 / 0.7, within(1e-12));
  }

  @Test
  void boundaries_for_a_pad_say_what_the_reading_says() {
    YardSampling plan = YardSampling.draw(yard(40), Set.of(), HiveSpread.USUAL, 1);

    for (YardSampling.Boundary each : plan.boundaries(300, 1, 0.02, DAY)) {
      for (int mites = 0; mites < 40 * each.hives(); mites += 1 + mites / 7) {
        int more = mites % each.hives();
        int least = mites / each.hives();
        int hives = each.hives();
        List<Infestation> counted =
            IntStream.range(0, hives).mapToObj(i -> wash(least + (i < more ? 1 : 0))).toList();
        YardSampling.Go go = plan.read(counted, 0.02).go();
        assertThat(go == YardSampling.Go.BELOW)
            .isEqualTo(each.belowUpTo() != null && mites <= each.belowUpTo());
        assertThat(go == YardSampling.Go.ABOVE)
            .isEqualTo(each.aboveFrom() != null && mites >= each.aboveFrom());
      }
    }
  }

  @Test
  void below_is_said_of_the_mean_and_how_many_hives_are_above_all_the_same() {
    YardSampling plan = YardSampling.draw(yard(40), Set.of(), HiveSpread.USUAL, 1);

    YardSampling.SoFar reading = plan.read(Collections.nCopies(12, wash(2)), 0.02);

    assertThat(reading.go()).isEqualTo(YardSampling.Go.BELOW);
    assertThat(reading.hivesAbove()).isBetween(0.001, 0.05);
  }

  /** Yards drawn with gamma hives and Poisson counts; the plan sees nothing but the counts. */
  @Test
  void in_two_thousand_yards_at_most_one_in_twenty_is_stopped_wrongly() {
    Random random = new Random(20_261_130);
    int wrong = 0;
    int told = 0;
    for (int yard = 0; yard < 2_000; yard++) {
      double mean = 0.02 * Math.exp(random.nextGaussian());
      int hives = 12 + random.nextInt(60);
      double[] shares = new double[hives];
      for (int i = 0; i < hives; i++) {
        shares[i] = Math.min(0.5, gamma(1.5, random) * mean / 1.5);
      }
      double truth = java.util.Arrays.stream(shares).average().orElse(0);
      YardSampling plan = YardSampling.draw(yard(hives), Set.of(), HiveSpread.USUAL, yard);
      List<Infestation> counted = new ArrayList<>();
      YardSampling.SoFar reading = plan.read(counted, 0.02);
      for (Hive hive : plan.drawn()) {
        counted.add(wash(Math.min(300, poisson(300 * shares[hive.place() - 1], random))));
        reading = plan.read(counted, 0.02);
        if (reading.go() != YardSampling.Go.NEXT) {
          break;
        }
      }
      assertThat(reading.go()).isNotEqualTo(YardSampling.Go.NEXT);
      if (reading.go() != YardSampling.Go.CANNOT_TELL) {
        told++;
        wrong += (reading.go() == YardSampling.Go.ABOVE) == (truth > 0.02) ? 0 : 1;
      }
    }
    assertThat(wrong).isLessThanOrEqualTo(100);
    assertThat(told).isGreaterThan(700);
  }

  private static double gamma(double shape, Random random) {
    // Marsaglia and Tsang 2000, ACM Transactions on Mathematical Software 26.
    double d = shape - 1.0 / 3;
    double c = 1 / Math.sqrt(9 * d);
    while (true) {
      double x = random.nextGaussian();
      double v = Math.pow(1 + c * x, 3);
      if (v > 0 && Math.log(random.nextDouble()) < 0.5 * x * x + d - d * v + d * Math.log(v)) {
        return d * v;
      }
    }
  }

  private static int poisson(double mean, Random random) {
    double left = Math.exp(-Math.min(700, mean));
    int n = 0;
    for (double product = random.nextDouble(); product > left; product *= random.nextDouble()) {
      n++;
    }
    return n;
  }

  @Test
  void eighteen_of_forty_hives_are_looked_into_to_call_a_yard_broodless() {
    assertThat(LooksInside.wanted(40)).isEqualTo(18);
    assertThat(new LooksInside(40, 18, 0).broodless()).isTrue();
    assertThat(new LooksInside(40, 17, 0).broodless()).isFalse();
    assertThat(new LooksInside(40, 5, 0).atMost()).isEqualTo(17);
    assertThat(new LooksInside(40, 40, 0).atMost()).isZero();
    assertThat(new LooksInside(40, 40, 3).atMost()).isEqualTo(3);
  }

  @Test
  void looks_are_as_sure_as_they_say() {
    Random random = new Random(5);
    for (int hives : new int[] {9, 24, 60}) {
      int looked = LooksInside.wanted(hives);
      int most = (int) (0.1 * hives);
      int passed = 0;
      for (int i = 0; i < 4_000; i++) {
        Set<Integer> seen = new HashSet<>();
        while (seen.size() < looked) {
          seen.add(random.nextInt(hives));
        }
        int found = (int) seen.stream().filter(hive -> hive <= most).count();
        passed += new LooksInside(hives, looked, found).broodless() ? 1 : 0;
      }
      assertThat(passed).as("%d hives", hives).isLessThanOrEqualTo(240);
    }
  }

  @Test
  void more_hives_than_stand_there_cannot_be_looked_into() {
    assertThatThrownBy(() -> new LooksInside(40, 41, 0))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("looked"));
    assertThatThrownBy(() -> new LooksInside(40, 5, 6)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void squares_of_a_board_are_added_up_strip_by_strip() {
    // By hand: 10·4 + 20·2 = 80; 100·0.8·2/2 + 400·0.9·2/2 = 440; t(2) = 4.3027.
    SquaresCounted.BoardTotal reading =
        new SquaresCounted(
                List.of(
                    new SquaresCounted.Strip(10, List.of(3, 5)),
                    new SquaresCounted.Strip(20, List.of(1, 3))))
            .read();

    assertThat(reading.total()).isCloseTo(80, within(1e-9));
    assertThat(reading.seen()).isEqualTo(12);
    assertThat(reading.high()).isCloseTo(80 + 4.302_653 * Math.sqrt(440), within(1e-3));
    assertThat(reading.low()).isEqualTo(12);
  }

  @Test
  void a_board_counted_whole_is_no_guess_and_equal_squares_still_leave_poissons() {
    SquaresCounted whole =
        new SquaresCounted(List.of(new SquaresCounted.Strip(3, List.of(4, 0, 7))));
    SquaresCounted even =
        new SquaresCounted(List.of(new SquaresCounted.Strip(100, List.of(5, 5, 5, 5))));

    assertThat(whole.read().low()).isEqualTo(11);
    assertThat(whole.read().high()).isEqualTo(11);
    assertThat(even.read().low()).isBetween(250.0, 400.0);
    assertThat(even.read().high()).isBetween(700.0, 800.0);
  }

  @Test
  void the_interval_of_squares_holds_the_board_about_as_often_as_it_says() {
    Random random = new Random(11);
    int held = 0;
    for (int board = 0; board < 2_000; board++) {
      List<SquaresCounted.Strip> strips = new ArrayList<>();
      int total = 0;
      for (int strip = 0; strip < 6; strip++) {
        double mean = 1 + 6 * random.nextDouble();
        List<Integer> all = new ArrayList<>();
        for (int square = 0; square < 20; square++) {
          all.add(poisson(gamma(2, random) * mean / 2, random));
        }
        total += all.stream().mapToInt(each -> each).sum();
        Collections.shuffle(all, random);
        strips.add(new SquaresCounted.Strip(20, all.subList(0, 3)));
      }
      SquaresCounted.BoardTotal reading = new SquaresCounted(strips).read();
      held += reading.low() <= total && total <= reading.high() ? 1 : 0;
    }
    assertThat(held).isBetween(1_800, 1_990);
  }

  @Test
  void half_the_width_takes_more_squares_until_they_run_out() {
    SquaresCounted some =
        new SquaresCounted(List.of(new SquaresCounted.Strip(400, List.of(3, 5, 1, 4))));
    SquaresCounted few = new SquaresCounted(List.of(new SquaresCounted.Strip(4, List.of(3, 9))));

    assertThat(some.read().toHalve()).isBetween(14, 17);
    assertThat(few.read().toHalve()).isEqualTo(4);
  }

  @Test
  void squares_beyond_the_board_and_single_squares_are_refused() {
    assertThatThrownBy(() -> new SquaresCounted.Strip(2, List.of(1, 2, 3)))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("mites"));
    assertThatThrownBy(() -> new SquaresCounted.Strip(9, List.of(1)))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void squares_are_written_in_a_line_and_read_back() {
    SquaresCounted squares =
        new SquaresCounted(
            List.of(
                new SquaresCounted.Strip(10, List.of(3, 5)),
                new SquaresCounted.Strip(20, List.of(1, 3, 0))));

    assertThat(squares.written()).isEqualTo("10:3,5|20:1,3,0");
    assertThat(SquaresCounted.of(squares.written())).isEqualTo(squares);
  }
}
