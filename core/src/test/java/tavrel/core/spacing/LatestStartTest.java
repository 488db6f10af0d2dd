package tavrel.core.spacing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tavrel.core.measure.GramsOf;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.KillCurve;
import tavrel.core.mite.MiteDraws;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteParameters;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.RuleSheet;

class LatestStartTest {

  private static final LocalDate JUNE = LocalDate.of(2026, 6, 20);
  private static final LocalDate WINTER_BEES = LocalDate.of(2026, 9, 5);
  private static final double DANGER = 0.1;
  private static final Schedule NONE = new Schedule(List.of());

  private static Colony colony(int mites, double target, @Nullable RuleSheet sheet) {
    return colony(mites, target, sheet, Map.of());
  }

  private static Colony colony(
      int mites, double target, @Nullable RuleSheet sheet, Map<Integer, Integer> treated) {
    return new Colony(
        new ColonyLoad(mites, 300, 1, 10, 4, 0.02),
        tavrel.core.brood.BroodClock.of(
            List.of(), tavrel.core.brood.BroodDefaults.USUAL, Colonies.SEASON, JUNE),
        Colonies.SEASON,
        MiteParameters.USUAL,
        new Dose(2, 0.9, KillCurve.FIELD),
        sheet,
        null,
        treated,
        WINTER_BEES,
        target,
        12);
  }

  private static RuleSheet sheet(int rounds, int aYear, int daysBetween) {
    return new RuleSheet(
        UUID.randomUUID(),
        "sheet",
        false,
        "Wren",
        JUNE,
        GramsOf.ACID_DIHYDRATE,
        2.0,
        null,
        rounds,
        aYear,
        daysBetween,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        1,
        null);
  }

  private static LatestStart of(Colony colony) {
    return LatestStart.of(colony, JUNE, NONE, NONE, DANGER);
  }

  @Test
  void where_no_mite_was_found_the_best_series_is_not_simply_the_first() {
    Colony none = colony(0, 0.001, sheet(2, 4, 5));
    Colony few = colony(1, 0.001, sheet(2, 4, 5));

    LatestStart.Begun best = Objects.requireNonNull(of(none).best());

    assertThat(best.left()).as("none were found, none are reckoned").isZero();
    assertThat(best.schedule()).isEqualTo(Objects.requireNonNull(of(few).best()).schedule());
    assertThat(best.start()).isAfter(JUNE);
  }

  /** Mites then, by the model run from day to day. */
  private static double run(Colony colony, int counted, int... rounds) {
    int horizon = colony.horizon();
    double[] left = new double[3];
    MiteModel model = colony.model(horizon + 1);
    model.left(
        colony.start(),
        Dose.byDay(colony.dose().kill(), rounds, horizon + 1),
        horizon,
        horizon,
        left);
    return left[counted];
  }

  /** Whether four draws in five stay within the target, each run from day to day. */
  private static boolean reaches(Colony colony, MiteDraws draws, int... rounds) {
    int horizon = colony.horizon();
    MiteModel model = colony.model(horizon + 1);
    MiteState unit = colony.load().divided(colony.clock(), colony.figures());
    double bees = colony.load().bees(colony.figures());
    double[] left = new double[3];
    int within = 0;
    for (int draw = 0; draw < MiteDraws.NUMBER; draw++) {
      model.left(
          unit.times(draws.share(draw) * bees),
          Dose.byDay(draws.kill(draw), rounds, horizon + 1),
          horizon,
          horizon,
          left);
      within += left[2] / model.bees().on(horizon) <= colony.target() ? 1 : 0;
    }
    return within >= 0.8 * MiteDraws.NUMBER;
  }

  @Test
  void the_last_day_is_the_last_from_which_any_series_reaches_the_target() {
    Colony colony = colony(2, 0.04, sheet(5, 6, 7));

    LatestStart found = of(colony);

    assertThat(found.standing()).isEqualTo(LatestStart.Standing.TO_BEGIN);
    MiteDraws draws = MiteDraws.of(colony.load(), colony.dose());
    LatestStart.Begun last = java.util.Objects.requireNonNull(found.last());
    assertThat(reaches(colony, draws, last.schedule().indexesFrom(JUNE))).isTrue();
    int after = last.schedule().indexesFrom(JUNE)[0] + 1;
    for (int start = after; start <= colony.horizon() - Colony.SETTLED; start++) {
      for (int rounds = 1; rounds <= 5; rounds++) {
        for (int gap = 7; gap <= SpacingSearch.LAST_GAP; gap++) {
          int first = start;
          int apart = gap;
          int[] days = IntStream.range(0, rounds).map(i -> first + i * apart).toArray();
          if (days[rounds - 1] <= colony.horizon() - Colony.SETTLED) {
            assertThat(reaches(colony, draws, days)).as("%s", (Object) days).isFalse();
          }
        }
      }
    }
  }

  @Test
  void waiting_a_week_costs_what_the_model_says_of_both() {
    Colony colony = colony(2, 0.04, sheet(5, 6, 7));

    LatestStart found = of(colony);

    LatestStart.Begun soonest = java.util.Objects.requireNonNull(found.soonest());
    int[] days = soonest.schedule().indexesFrom(JUNE);
    int[] later = IntStream.of(days).map(day -> day + 7).toArray();
    assertThat(soonest.left()).isCloseTo(run(colony, 1, days), within(0.1));
    assertThat(found.weekCosts())
        .isCloseTo(run(colony, 1, later) - run(colony, 1, days), within(0.2));
  }

  @Test
  void no_series_is_named_that_the_label_does_not_allow() {
    LatestStart found = of(colony(1, 0.05, sheet(3, 3, 10)));
    LatestStart spent = of(colony(1, 0.05, sheet(3, 3, 10), Map.of(2026, 3)));

    assertThat(found.last()).isNotNull();
    assertThat(found.last().rounds()).isLessThanOrEqualTo(3);
    assertThat(found.last().gap()).isGreaterThanOrEqualTo(10);
    assertThat(spent.standing()).isEqualTo(LatestStart.Standing.NONE_ON_LABEL);
    assertThat(spent.best()).isNull();
  }

  @Test
  void a_colony_that_needs_nothing_has_nothing_to_begin() {
    LatestStart found = of(colony(0, 0.1, null));

    assertThat(found.standing()).isEqualTo(LatestStart.Standing.HOLDS);
    assertThat(found.asksForWork()).isFalse();
    assertThat(found.weekCosts()).isZero();
  }

  @Test
  void where_nothing_reaches_it_the_best_there_is_is_named() {
    LatestStart found = of(colony(45, 0.005, sheet(1, 1, 7)));

    assertThat(found.standing()).isEqualTo(LatestStart.Standing.TOO_LATE);
    assertThat(found.last()).isNull();
    assertThat(found.best()).isNotNull();
    assertThat(found.best().wash()).isLessThan(found.untreated()).isGreaterThan(0.005);
  }

  @Test
  void agreed_rounds_that_reach_it_leave_nothing_to_begin_and_others_fall_short() {
    Colony colony = colony(2, 0.04, sheet(5, 6, 7));
    Schedule enough = Schedule.every(JUNE.plusDays(21), 5, 10);
    Schedule tooFew = Schedule.every(JUNE.plusDays(3), 1, 7);

    assertThat(LatestStart.of(colony, JUNE, NONE, enough, DANGER).standing())
        .isEqualTo(LatestStart.Standing.PLANNED);
    LatestStart short1 = LatestStart.of(colony, JUNE, NONE, tooFew, DANGER);
    assertThat(short1.standing()).isEqualTo(LatestStart.Standing.TO_BEGIN);
    assertThat(short1.planned()).isNotNull();
    assertThat(short1.planned().reaches()).isFalse();
  }

  @Test
  void rounds_given_since_the_count_are_reckoned_in() {
    Colony colony = colony(4, 0.02, null);
    LocalDate today = JUNE.plusDays(21);
    Schedule given = Schedule.every(JUNE.plusDays(2), 3, 7);

    LatestStart left = LatestStart.of(colony, today, NONE, NONE, DANGER);
    LatestStart treated = LatestStart.of(colony, today, given, NONE, DANGER);

    assertThat(left.expected()).isGreaterThan(4 / 300.0);
    assertThat(treated.expected()).isLessThan(left.expected());
    LatestStart.Begun next =
        treated.soonest() == null
            ? java.util.Objects.requireNonNull(treated.best())
            : treated.soonest();
    assertThat(next.start()).isAfterOrEqualTo(today);
  }

  @Test
  void a_round_agreed_for_a_day_on_which_one_was_given_is_that_one() {
    Colony colony = colony(4, 0.02, null);
    Schedule given = Schedule.every(JUNE, 1, 1);

    LatestStart twice = LatestStart.of(colony, JUNE, given, Schedule.every(JUNE, 1, 1), DANGER);

    assertThat(twice).isEqualTo(LatestStart.of(colony, JUNE, given, NONE, DANGER));
  }

  @Test
  void nobody_is_told_to_wait_until_a_colony_is_in_danger() {
    Colony colony = colony(20, 0.01, null);
    MiteModel model = colony.model(colony.horizon() + 1);

    LatestStart found = of(colony);

    LatestStart.Begun best = java.util.Objects.requireNonNull(found.best());
    int waited = best.schedule().indexesFrom(JUNE)[0];
    double then =
        model.run(colony.start(), new double[0], 0, waited + 1).exposed(Math.max(0, waited - 1));
    assertThat(then / model.bees().on(Math.max(0, waited - 1))).isLessThanOrEqualTo(DANGER);
  }

  @Test
  void a_label_year_is_kept_so_that_it_lasts_until_laying_stops() {
    Colony colony = colony(2, 0.04, sheet(5, 10, 5));

    LatestStart found = of(colony);

    LatestStart.Begun act = Objects.requireNonNull(found.act());
    LocalDate last = act.schedule().days().get(act.rounds() - 1);
    LocalDate stops = Colonies.SEASON.pauseOf(2026).from();
    assertThat(found.labelYear()).isEqualTo(new LabelYear(10, 11, stops));
    assertThat(last.plusDays((10 - act.rounds()) * 11L)).isAfterOrEqualTo(stops);
  }

  @Test
  void what_would_reach_the_target_by_spending_the_year_is_named_beside_it() {
    LatestStart kept = of(colony(2, 0.04, sheet(5, 10, 5)));
    LatestStart free = of(colony(2, 0.04, sheet(5, 6, 5)));

    assertThat(kept.standing()).isEqualTo(LatestStart.Standing.TOO_LATE);
    assertThat(kept.spends()).isEqualTo(free.soonest()).isNotNull();
    assertThat(free.labelYear()).as("six do not last from the winter-bee date on").isNull();
    assertThat(free.spends()).isNull();
  }

  @Test
  void a_colony_that_cannot_wait_for_its_share_of_the_year_gets_the_fewest_rounds_that_bridge_it() {
    Colony colony = colony(12, 0.01, sheet(5, 10, 5));
    MiteModel model = colony.model(colony.horizon() + 1);

    LatestStart.Begun best = Objects.requireNonNull(of(colony).best());

    int[] rounds = best.schedule().indexesFrom(JUNE);
    double[] kills = Dose.byDay(colony.dose().kill(), rounds, colony.horizon() + 1);
    var run = model.run(colony.start(), kills, 0, colony.horizon() + 1);
    int share = (int) JUNE.until(LocalDate.of(2026, 8, 3), java.time.temporal.ChronoUnit.DAYS);
    assertThat(IntStream.range(0, share))
        .allMatch(day -> run.exposed(day) <= DANGER * model.bees().on(day));
    assertThat(best.rounds()).isLessThan(5);
  }

  @Test
  void agreed_rounds_that_come_after_danger_do_not_count() {
    Colony colony = colony(20, 0.03, sheet(5, 6, 5));
    Schedule late = Schedule.every(WINTER_BEES.minusDays(35), 5, 5);

    LatestStart found = LatestStart.of(colony, JUNE, NONE, late, DANGER);

    assertThat(found.standing()).isNotEqualTo(LatestStart.Standing.PLANNED);
    assertThat(Objects.requireNonNull(found.act()).start()).isBefore(late.days().get(0));
  }
}
