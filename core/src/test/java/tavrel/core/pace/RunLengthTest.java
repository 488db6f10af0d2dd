package tavrel.core.pace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.InvalidValue;
import tavrel.core.burn.Pack;
import tavrel.core.burn.ToolFamily;
import tavrel.core.pace.Pace.Doing;
import tavrel.core.pace.Pace.HiveLine;
import tavrel.core.pace.Pace.Stretch;

class RunLengthTest {

  /** Walk and shut 20 s, withdraw 10 s, opening 15 s, seal 600 s, no set-up. */
  private static final PaceTimes WORKED =
      new PaceTimes(0, 0, 20, 15, 5, 10, 15, 12, 600, 180, true);

  private static final ToolAtWork BOWL = bowl(40, 0, null);
  private static final ToolAtWork PAN =
      new ToolAtWork("Pan", ToolFamily.PAN_WAND, 4, 170, 0, 0, 120, 60, null);

  @Test
  void twelve_hives_with_one_bowl_end_when_the_last_seal_does() {
    Pace pace = RunLength.plain(bowls(12, 12));
    assertThat(pace.finish()).as("840 + 600 + 15").isEqualTo(1_455);
    assertThat(pace.mostShut()).isEqualTo(12);
    assertThat(pace.hives().get(11).out()).isEqualTo(840);
    assertThat(pace.hives().get(0).due()).isEqualTo(670);
    assertThat(pace.hives().get(0).opened()).as("free only at 840").isEqualTo(855);
  }

  @Test
  void with_six_cloths_the_twelfth_waits_for_the_sixth() {
    RunLength length = RunLength.of(bowls(12, 6));
    assertThat(length.pace().finish()).as("best of all orders").isEqualTo(1_795);
    assertThat(length.pace().mostShut()).isEqualTo(6);
    assertThat(length.savings().get(0).more()).isEqualTo(RunLength.More.CLOTHS);
    assertThat(RunLength.of(bowls(12, 11)).pace().finish()).isLessThan(1_795);
  }

  @Test
  void a_hive_three_minutes_over_its_time_is_opened_before_the_next_burn() {
    Pace pace = RunLength.plain(bowls(60, 60));
    assertThat(pace.worstOverdue()).as("180 s and the burn in hand").isLessThanOrEqualTo(250);
    Pace atOnce = RunLength.plain(withOpenFirst(bowls(60, 60), 0));
    assertThat(atOnce.worstOverdue()).as("the burn in hand").isLessThanOrEqualTo(70);
  }

  @Test
  void a_pan_burns_and_cools_alone_so_two_pans_alternate() {
    RunSetUp one = new RunSetUp(hives(8, 0), List.of(PAN), Crew.ONE, 20, null, WORKED);
    Pace pace = RunLength.plain(one);
    assertThat(pace.tools().get(0).stretches())
        .extracting(Stretch::doing)
        .startsWith(Doing.BURN, Doing.COOL, Doing.BURN);
    // Load and walk 35, burn 170, disconnect 5, cool 120, out 10, rest 60: 400 s a hive.
    assertThat(pace.hives().get(7).out()).isEqualTo(7 * 400 + 340);
    assertThat(RunLength.best(one.withTools(List.of(PAN, PAN))).pace().finish())
        .as("little more than half of the burning")
        .isLessThan(4 * 400 + 340 + 600 + 200);
  }

  @Test
  void two_loads_of_a_pan_keep_the_hive_shut_and_its_seal_begins_after_the_second() {
    List<HiveWork> twice = List.of(new HiveWork(UUID.randomUUID(), "H1", 8, 0, true));
    Pace pace = RunLength.plain(new RunSetUp(twice, List.of(PAN), Crew.ONE, 5, null, WORKED));
    int load = 35 + 170 + 5 + 120 + 10;
    assertThat(pace.hives().get(0).out()).isEqualTo(2 * load + 60);
    assertThat(pace.hives().get(0).due()).isEqualTo(2 * load + 60 + 600);
    assertThat(pace.mostShut()).isEqualTo(1);
  }

  @Test
  void a_helper_who_makes_ready_saves_the_burner_that_time() {
    RunSetUp alone = new RunSetUp(hives(20, 30), List.of(BOWL), Crew.ONE, 40, null, WORKED);
    RunLength length = RunLength.of(alone);
    assertThat(saved(length, RunLength.More.HELPER)).isGreaterThan(19 * 30 - 120);
    assertThat(saved(length, RunLength.More.CLOTHS)).isZero();
    Pace helped = RunLength.best(alone.with(new Crew(1, 1))).pace();
    assertThat(helped.people().get(1).stretches())
        .extracting(Stretch::doing)
        .contains(Doing.MAKE_READY, Doing.OPEN)
        .doesNotContain(Doing.START);
  }

  @Test
  void caps_run_out_unless_somebody_fills_them() {
    RunSetUp few = new RunSetUp(hives(12, 0), List.of(BOWL), Crew.ONE, 20, 3, WORKED);
    Pace pace = RunLength.plain(few);
    assertThat(pace.unfinished()).isZero();
    assertThat(pace.people().get(0).stretches()).extracting(Stretch::doing).contains(Doing.FILL);
    assertThat(pace.finish()).isGreaterThan(1_455);
    assertThat(RunLength.best(few.with(new Crew(1, 1))).pace().finish())
        .as("a helper fills ahead")
        .isEqualTo(1_455);
  }

  @Test
  void packs_are_swapped_counted_and_where_they_end_the_hives_left_are_told() {
    ToolAtWork.Packs two = new ToolAtWork.Packs(2, 5, 30, null);
    Pace pace = RunLength.plain(withPacks(12, two));
    assertThat(pace.unfinished()).isEqualTo(2);
    assertThat(pace.hives()).hasSize(10);
    assertThat(pace.tools().get(0).charges()).isEqualTo(2);
    ToolAtWork.Packs three = new ToolAtWork.Packs(3, 5, 30, null);
    assertThat(RunLength.plain(withPacks(12, three)).finish()).isEqualTo(1_455 + 2 * 30);
    ToolAtWork.Packs charged = new ToolAtWork.Packs(2, 5, 30, 900);
    Pace waited = RunLength.plain(withPacks(12, charged));
    assertThat(waited.unfinished()).isZero();
    assertThat(waited.hives().get(10).shut())
        .as("charged again")
        .isGreaterThanOrEqualTo(5 * 70 + 900);
  }

  @Test
  void set_up_heating_and_clearing_come_once() {
    PaceTimes times = new PaceTimes(900, 600, 20, 15, 5, 10, 15, 12, 600, 180, true);
    ToolAtWork cold = bowl(40, 105, null);
    Pace pace =
        RunLength.plain(new RunSetUp(hives(12, 0), List.of(cold), Crew.ONE, 20, null, times));
    assertThat(pace.finish()).isEqualTo(900 + 105 + 1_455 + 600);
    assertThat(pace.openBy(pace.hives().get(4).opened())).isEqualTo(5);
    assertThat(pace.openBy(900)).isZero();
  }

  @Test
  void no_hive_opens_early_no_tool_or_hand_does_two_things_and_cloths_are_conserved() {
    SplittableRandom random = new SplittableRandom(29);
    for (int i = 0; i < 400; i++) {
      RunSetUp setUp = any(random);
      Pace pace = RunLength.plain(setUp);
      String what = setUp.toString();
      for (HiveLine hive : pace.hives()) {
        assertThat(hive.opened()).as(what).isGreaterThanOrEqualTo(hive.due());
        assertThat(hive.due() - hive.out())
            .as("a hive left open has no seal period")
            .isEqualTo(isShut(setUp, hive) ? setUp.times().seal() : 0);
      }
      pace.tools().forEach(tool -> assertApart(tool.stretches(), what));
      pace.people().forEach(person -> assertApart(person.stretches(), what));
      assertThat(shutAtOnce(setUp, pace)).as(what).isEqualTo(pace.mostShut());
      assertThat(pace.mostShut()).as(what).isLessThanOrEqualTo(setUp.cloths());
      assertThat(pace.hives().size() + pace.unfinished()).isEqualTo(setUp.hives().size());
      if (pace.unfinished() == 0) {
        assertThat(Bound.of(setUp, setUp.cloths())).as(what).isLessThanOrEqualTo(pace.finish());
      }
    }
  }

  @Test
  void a_hive_whose_entrance_is_left_open_is_done_when_the_tool_is_out() {
    RunSetUp shut = bowls(12, 12);
    List<HiveWork> open =
        shut.hives().stream()
            .map(hive -> new HiveWork(hive.hiveId(), hive.name(), 2, 0, false))
            .toList();
    Pace pace = RunLength.plain(new RunSetUp(open, List.of(BOWL), Crew.ONE, 1, null, shut.times()));
    assertThat(pace.finish()).as("the last withdrawal").isEqualTo(840);
    assertThat(pace.mostShut()).isZero();
    assertThat(pace.longestShut()).isZero();
  }

  private static boolean isShut(RunSetUp setUp, HiveLine line) {
    return setUp.hives().stream()
        .anyMatch(hive -> hive.hiveId().equals(line.hiveId()) && hive.cloth());
  }

  @Test
  void one_tool_and_one_person_never_beat_the_sum_of_walks_and_burns() {
    SplittableRandom random = new SplittableRandom(30);
    for (int i = 0; i < 100; i++) {
      List<HiveWork> hives = anyHives(random);
      RunSetUp setUp = new RunSetUp(hives, List.of(BOWL), Crew.ONE, 500, null, WORKED);
      int sum = hives.stream().mapToInt(hive -> 20 + BOWL.loads(hive) * BOWL.burn(hive)).sum();
      assertThat(RunLength.best(setUp).pace().finish())
          .isGreaterThanOrEqualTo(sum + (hives.get(hives.size() - 1).cloth() ? 600 : 0));
    }
  }

  @Test
  void one_more_tool_helper_burner_or_cloth_never_makes_the_finish_later() {
    SplittableRandom random = new SplittableRandom(31);
    for (int i = 0; i < 50; i++) {
      RunSetUp setUp = any(random);
      Pace before = RunLength.best(setUp).pace();
      Crew crew = setUp.crew();
      Stream<RunSetUp> more =
          Stream.of(
              setUp.oneMoreTool(),
              setUp.withCloths(setUp.cloths() + 1),
              setUp.with(new Crew(crew.burners(), crew.helpers() + 1)),
              setUp.with(new Crew(crew.burners() + 1, crew.helpers())));
      more.forEach(
          other -> {
            Pace after = RunLength.best(other).pace();
            assertThat(after.unfinished()).isLessThanOrEqualTo(before.unfinished());
            if (after.unfinished() == before.unfinished()) {
              assertThat(after.finish())
                  .as("%s%n%s", setUp, other)
                  .isLessThanOrEqualTo(before.finish());
            }
          });
    }
  }

  @ParameterizedTest
  @CsvSource({"0, 1, 5, 40", "1, 0, 5, 40", "1, 1, 0, 40", "1, 1, 5, -5"})
  void what_cannot_be_is_refused(int hives, int burners, int cloths, int burn) {
    assertThatThrownBy(
            () ->
                new RunSetUp(
                    hives(hives, 0),
                    List.of(bowl(burn, 0, null)),
                    new Crew(burners, 0),
                    cloths,
                    null,
                    WORKED))
        .isInstanceOf(InvalidValue.class);
  }

  private static int saved(RunLength length, RunLength.More more) {
    return length.savings().stream()
        .filter(gain -> gain.more() == more)
        .mapToInt(RunLength.Saving::saved)
        .sum();
  }

  private static ToolAtWork bowl(int burn, int preheat, ToolAtWork.Packs packs) {
    return new ToolAtWork("Bowl", ToolFamily.HEATED_BOWL, 4.5, burn, 0, preheat, 0, 20, packs);
  }

  private static RunSetUp bowls(int count, int cloths) {
    return new RunSetUp(hives(count, 0), List.of(BOWL), Crew.ONE, cloths, null, WORKED);
  }

  private static RunSetUp withPacks(int count, ToolAtWork.Packs packs) {
    ToolAtWork tool = bowl(40, 0, packs);
    return new RunSetUp(hives(count, 0), List.of(tool), Crew.ONE, 40, null, WORKED);
  }

  private static RunSetUp withOpenFirst(RunSetUp setUp, int seconds) {
    PaceTimes times = new PaceTimes(0, 0, 20, 15, 5, 10, 15, 12, 600, seconds, true);
    return new RunSetUp(
        setUp.hives(), setUp.tools(), setUp.crew(), setUp.cloths(), setUp.caps(), times);
  }

  static List<HiveWork> hives(int count, int prep) {
    return IntStream.rangeClosed(1, count)
        .mapToObj(i -> new HiveWork(new UUID(0, i), "H" + i, 2, prep, true))
        .toList();
  }

  private static List<HiveWork> anyHives(SplittableRandom random) {
    List<HiveWork> hives = new ArrayList<>();
    int count = random.nextInt(1, 26);
    for (int i = 0; i < count; i++) {
      hives.add(
          new HiveWork(
              new UUID(0, i),
              "H" + i,
              random.nextInt(4) == 0 ? 6 : random.nextDouble(1, 4),
              random.nextInt(3) == 0 ? random.nextInt(5, 90) : 0,
              random.nextInt(8) > 0));
    }
    return hives;
  }

  private static RunSetUp any(SplittableRandom random) {
    List<ToolAtWork> tools = new ArrayList<>();
    int count = random.nextInt(1, 4);
    for (int i = 0; i < count; i++) {
      boolean pan = random.nextInt(3) == 0;
      ToolAtWork.Packs packs =
          random.nextInt(3) == 0
              ? new ToolAtWork.Packs(
                  random.nextInt(1, 5),
                  random.nextInt(2, 9),
                  20,
                  random.nextBoolean() ? 1_500 : null)
              : null;
      tools.add(
          pan
              ? new ToolAtWork(
                  "Pan", ToolFamily.PAN_WAND, 4, 60, random.nextInt(40), 0, 90, 45, packs)
              : bowl(random.nextInt(15, 200), 100, packs));
    }
    PaceTimes times =
        new PaceTimes(
            random.nextInt(0, 400),
            random.nextInt(0, 400),
            random.nextInt(5, 60),
            15,
            5,
            10,
            random.nextInt(5, 60),
            12,
            random.nextInt(60, 900),
            random.nextInt(0, 300),
            random.nextBoolean());
    return new RunSetUp(
        anyHives(random),
        tools,
        new Crew(random.nextInt(1, 3), random.nextInt(0, 3)),
        random.nextInt(1, 14),
        random.nextInt(3) == 0 ? random.nextInt(1, 6) : null,
        times);
  }

  private static void assertApart(List<Stretch> stretches, String what) {
    List<Stretch> sorted = stretches.stream().sorted(Comparator.comparing(Stretch::from)).toList();
    for (int i = 1; i < sorted.size(); i++) {
      assertThat(sorted.get(i).from()).as(what).isGreaterThanOrEqualTo(sorted.get(i - 1).to());
    }
  }

  private static int shutAtOnce(RunSetUp setUp, Pace pace) {
    int most = 0;
    for (HiveLine at : pace.hives()) {
      int count = 0;
      for (int i = 0; i < pace.hives().size(); i++) {
        HiveLine other = pace.hives().get(i);
        boolean shut = other.shut() <= at.shut() && at.shut() < other.opened();
        count += shut && setUp.hives().get(i).cloth() ? 1 : 0;
      }
      most = Math.max(most, count);
    }
    return most;
  }

  @Test
  void tools_of_a_run_share_their_packs_evenly_and_have_one_at_the_least() {
    Pack three = pack(3, 6);
    assertThat(ToolAtWork.Packs.shared(three, 1)).isEqualTo(new ToolAtWork.Packs(3, 6, 45, null));
    assertThat(ToolAtWork.Packs.shared(three, 2)).isEqualTo(new ToolAtWork.Packs(1, 6, 45, null));
    assertThat(ToolAtWork.Packs.shared(three, 5)).isEqualTo(new ToolAtWork.Packs(1, 6, 45, null));
    assertThat(ToolAtWork.Packs.shared(null, 1)).isNull();
    assertThat(ToolAtWork.Packs.shared(pack(3, null), 1)).isNull();
  }

  private static Pack pack(int count, Integer burns) {
    return new Pack(UUID.randomUUID(), "Pack", 18, 9, 15, burns, null, count);
  }
}
