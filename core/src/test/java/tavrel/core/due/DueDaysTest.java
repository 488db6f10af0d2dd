package tavrel.core.due;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.DaySpan;
import tavrel.core.apiaryyear.SeasonDates;

class DueDaysTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 8, 18);
  private static final SeasonDates NORTH = SeasonDates.usual(false);

  @ParameterizedTest
  @CsvSource({
    "-40, ROUND_LATE",
    "-1, ROUND_LATE",
    "0, ROUND_DUE",
    "1, MAKE_READY",
    "2, ROUND_AHEAD",
    "3, ROUND_AHEAD",
  })
  void a_round_is_late_due_made_ready_for_or_ahead(int days, DueTaskKind kind) {
    assertThat(DueDays.ofRound(TODAY.plusDays(days), TODAY)).contains(kind);
    assertThat(DueDays.hoursMatter(kind)).isEqualTo(days == 0 || days == 1);
  }

  @Test
  void a_round_further_ahead_is_not_named_yet() {
    assertThat(DueDays.ofRound(TODAY.plusDays(4), TODAY)).isEmpty();
  }

  @Test
  void strips_are_named_from_three_days_before_until_they_are_out() {
    assertThat(DueDays.takeOutIsDue(TODAY.plusDays(4), TODAY)).isFalse();
    assertThat(DueDays.takeOutIsDue(TODAY.plusDays(3), TODAY)).isTrue();
    assertThat(DueDays.takeOutIsDue(TODAY.minusDays(30), TODAY)).isTrue();
  }

  @Test
  void a_wash_tells_of_a_series_two_to_four_weeks_after_its_last_round() {
    assertThat(DueDays.recount(TODAY))
        .isEqualTo(new DaySpan(LocalDate.of(2026, 9, 1), LocalDate.of(2026, 9, 15)));
  }

  @Test
  void a_count_is_due_again_on_the_thirtieth_day() {
    assertThat(DueDays.countIsDue(TODAY.minusDays(29), NORTH, TODAY)).isFalse();
    assertThat(DueDays.countIsDue(TODAY.minusDays(30), NORTH, TODAY)).isTrue();
  }

  @Test
  void an_apiary_never_counted_is_due_while_its_queens_lay() {
    assertThat(DueDays.countIsDue(null, NORTH, TODAY)).isTrue();
    assertThat(DueDays.countIsDue(null, NORTH, LocalDate.of(2026, 12, 20))).isFalse();
    assertThat(DueDays.countIsDue(null, NORTH, LocalDate.of(2027, 1, 5))).isFalse();
  }

  @Test
  void danger_presses_most_and_habits_least() {
    assertThat(DueTaskKind.values()).startsWith(DueTaskKind.DANGER).endsWith(DueTaskKind.UNSEEN);
  }

  @Test
  void a_hive_is_unseen_after_two_months_but_not_in_the_pause_in_laying() {
    assertThat(DueDays.isUnseen(TODAY.minusDays(60), NORTH, TODAY)).isFalse();
    assertThat(DueDays.isUnseen(TODAY.minusDays(61), NORTH, TODAY)).isTrue();
    assertThat(DueDays.isUnseen(null, NORTH, TODAY)).isTrue();
    assertThat(DueDays.isUnseen(null, NORTH, LocalDate.of(2026, 12, 20))).isFalse();
  }

  @Test
  void a_look_is_named_two_days_ahead() {
    assertThat(DueDays.lookIsDue(TODAY.plusDays(2), NORTH, TODAY)).isTrue();
    assertThat(DueDays.lookIsDue(TODAY.plusDays(3), NORTH, TODAY)).isFalse();
    LocalDate winter = LocalDate.of(2026, 12, 20);
    assertThat(DueDays.lookIsDue(winter, NORTH, winter)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "2026-04-10, 2026-05-20, 2026-05-01",
    "2026-04-02, 2026-05-20,",
    "2026-04-10, 2026-05-01,",
    "2026-06-10, 2026-06-20, 2026-06-10",
    "2026-09-10, 2026-12-20,"
  })
  void honey_that_waits_is_told_when_supers_go_on_within_four_weeks_or_are_there(
      LocalDate today, LocalDate waitsUntil, @Nullable LocalDate told) {
    SeasonDates supers =
        new SeasonDates(
            NORTH.layingStops(),
            NORTH.layingStarts(),
            0,
            MonthDay.of(5, 1),
            MonthDay.of(8, 1),
            NORTH.winterBees());

    assertThat(DueDays.supersMeetWait(waitsUntil, supers, today).orElse(null)).isEqualTo(told);
    assertThat(DueDays.supersMeetWait(waitsUntil, NORTH, today)).as("no supers there").isEmpty();
  }

  @Test
  void the_first_round_too_many_is_the_one_after_those_that_the_label_leaves() {
    LocalDate next = TODAY.plusDays(7);
    List<LocalDate> agreed = List.of(TODAY.plusDays(14), next, TODAY, TODAY.plusYears(1));

    assertThat(DueDays.beyondLabel(3, agreed, List.of(), TODAY)).isEmpty();
    assertThat(DueDays.beyondLabel(2, agreed, List.of(), TODAY)).contains(TODAY.plusDays(14));
    assertThat(DueDays.beyondLabel(1, agreed, List.of(TODAY), TODAY)).contains(TODAY.plusDays(14));
    assertThat(DueDays.beyondLabel(0, agreed, List.of(TODAY), TODAY)).contains(next);
  }
}
