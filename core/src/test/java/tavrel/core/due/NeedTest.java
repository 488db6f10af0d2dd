package tavrel.core.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.apiaryyear.SeasonLimits;
import tavrel.core.spacing.LatestStart;

class NeedTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 7, 1);
  private static final LatestStart.Begun NOW = begun(TODAY);
  private static final LatestStart.Planned TOO_LITTLE = new LatestStart.Planned(900, 0.03, false);

  private static final Deadline WINTER_BEES =
      new Deadline(TODAY.plusDays(66), 0.01, Deadline.Occasion.WINTER_BEES);

  private static LatestStart.Begun begun(LocalDate day) {
    return new LatestStart.Begun(day, 3, 7, 400, 0.008);
  }

  private static LatestStart reading(
      LatestStart.Standing standing,
      LatestStart.@Nullable Planned planned,
      LatestStart.@Nullable Begun last,
      LatestStart.@Nullable Begun best,
      double costs) {
    return new LatestStart(
        standing,
        0.02,
        TODAY.plusDays(66),
        0.01,
        0.08,
        planned,
        last == null ? null : NOW,
        last,
        best,
        costs,
        null,
        null);
  }

  @Test
  void a_last_day_is_named_four_weeks_ahead_and_not_before() {
    LatestStart soon =
        reading(LatestStart.Standing.TO_BEGIN, null, begun(TODAY.plusDays(28)), null, 420);
    LatestStart far =
        reading(LatestStart.Standing.TO_BEGIN, null, begun(TODAY.plusDays(29)), null, 420);

    assertThat(Need.of(soon, WINTER_BEES, TODAY))
        .contains(new Need(DueTaskKind.BEGIN_BY, TODAY.plusDays(28), NOW, 420));
    assertThat(Need.of(far, WINTER_BEES, TODAY)).isEmpty();
    assertThat(Need.ahead(far, WINTER_BEES, TODAY))
        .as("for whoever plans a season")
        .contains(new Need(DueTaskKind.BEGIN_BY, TODAY.plusDays(29), NOW, 420));
  }

  @Test
  void that_nothing_reaches_the_target_is_not_told_while_the_best_lies_far_ahead() {
    LatestStart far =
        reading(LatestStart.Standing.TOO_LATE, null, null, begun(TODAY.plusDays(29)), 100);

    assertThat(Need.of(far, WINTER_BEES, TODAY)).as("later counts will know better").isEmpty();
    assertThat(Need.ahead(far, WINTER_BEES, TODAY)).isPresent();
  }

  @Test
  void while_winter_bees_are_raised_nothing_waits() {
    Deadline raising = new Deadline(TODAY.plusDays(45), 0.02, Deadline.Occasion.RAISING);
    LatestStart later =
        reading(LatestStart.Standing.TO_BEGIN, null, begun(TODAY.plusDays(25)), null, 420);

    assertThat(Need.of(later, raising, TODAY))
        .contains(new Need(DueTaskKind.BEGIN_BY, TODAY, NOW, 420));
  }

  @Test
  void rounds_that_fall_short_are_named_whenever_the_last_day_is() {
    LatestStart far =
        reading(LatestStart.Standing.TO_BEGIN, TOO_LITTLE, begun(TODAY.plusDays(50)), null, -12);

    assertThat(Need.of(far, WINTER_BEES, TODAY))
        .contains(new Need(DueTaskKind.FALLS_SHORT, TODAY.plusDays(50), NOW, 0));
  }

  @Test
  void where_nothing_reaches_it_the_best_is_named_and_where_nothing_is_allowed_today() {
    LatestStart.Begun best = begun(TODAY.plusDays(9));

    assertThat(
            Need.of(
                reading(LatestStart.Standing.TOO_LATE, null, null, best, 80), WINTER_BEES, TODAY))
        .contains(new Need(DueTaskKind.OUT_OF_REACH, TODAY.plusDays(9), best, 80));
    assertThat(
            Need.of(
                reading(LatestStart.Standing.NONE_ON_LABEL, null, null, null, 0),
                WINTER_BEES,
                TODAY))
        .contains(new Need(DueTaskKind.OUT_OF_REACH, TODAY, null, 0));
  }

  @Test
  void a_colony_that_holds_or_is_planned_for_asks_for_nothing() {
    LatestStart.Planned enough = new LatestStart.Planned(90, 0.003, true);

    assertThat(
            Need.of(reading(LatestStart.Standing.HOLDS, null, null, null, 0), WINTER_BEES, TODAY))
        .isEmpty();
    assertThat(
            Need.of(
                reading(LatestStart.Standing.PLANNED, enough, null, null, 0), WINTER_BEES, TODAY))
        .isEmpty();
  }

  @Test
  void every_day_of_every_year_has_a_deadline_that_can_be_reckoned_with() {
    for (boolean south : new boolean[] {false, true}) {
      SeasonDates dates = SeasonDates.usual(south);
      SeasonLimits limits = SeasonLimits.usual(south);
      for (LocalDate day = LocalDate.of(2026, 1, 1); day.getYear() < 2029; day = day.plusDays(1)) {
        Deadline deadline = Deadline.of(day, dates, limits);

        assertThat(deadline.date())
            .as("%s %s", day, deadline)
            .isBetween(day.plusDays(20), day.plusDays(180));
        assertThat(deadline.target()).isPositive();
      }
    }
  }

  @Test
  void mites_are_to_be_down_before_the_winter_bees_then_soon_then_before_laying_starts() {
    SeasonDates dates = SeasonDates.usual(false);
    SeasonLimits limits = SeasonLimits.usual(false);

    assertThat(Deadline.of(LocalDate.of(2026, 6, 20), dates, limits))
        .isEqualTo(new Deadline(LocalDate.of(2026, 9, 5), 0.01, Deadline.Occasion.WINTER_BEES));
    assertThat(Deadline.of(LocalDate.of(2026, 8, 30), dates, limits).occasion())
        .isEqualTo(Deadline.Occasion.RAISING);
    assertThat(Deadline.of(LocalDate.of(2026, 10, 10), dates, limits).occasion())
        .isEqualTo(Deadline.Occasion.RAISING);
    assertThat(Deadline.of(LocalDate.of(2026, 11, 20), dates, limits))
        .isEqualTo(new Deadline(LocalDate.of(2027, 1, 25), 0.01, Deadline.Occasion.LAYING_STARTS));
    assertThat(Deadline.of(LocalDate.of(2027, 2, 1), dates, limits).occasion())
        .isEqualTo(Deadline.Occasion.AHEAD);
  }
}
