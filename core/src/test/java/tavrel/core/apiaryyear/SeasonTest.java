package tavrel.core.apiaryyear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.MonthDay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.InvalidValue;

class SeasonTest {

  @ParameterizedTest
  @CsvSource({
    "false, 2026-03-01, 2",
    "false, 2026-10-31, 2.5",
    "false, 2026-11-01, 1",
    "false, 2026-02-28, 1",
    "true, 2026-05-01, 1",
    "true, 2026-02-01, 2.5"
  })
  void the_limit_follows_the_season_on_either_side_of_the_equator(
      boolean south, LocalDate day, double percent) {
    SeasonLimits usual = SeasonLimits.usual(south);
    SeasonLimits limits =
        new SeasonLimits(usual.springFrom(), 2, usual.lateSummerFrom(), 2.5, usual.winterFrom(), 1);

    assertThat(limits.on(day).percent()).isEqualTo(percent);
  }

  @Test
  void seasons_out_of_order_and_limits_out_of_reason_are_refused() {
    SeasonLimits usual = SeasonLimits.usual(false);
    assertThatThrownBy(
            () ->
                new SeasonLimits(
                    usual.springFrom(), 2, usual.winterFrom(), 2, usual.lateSummerFrom(), 1))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(
            () ->
                new SeasonLimits(
                    usual.springFrom(), 90, usual.lateSummerFrom(), 2, usual.winterFrom(), 1))
        .hasMessageContaining("% of bees");
  }

  @Test
  void supers_and_winter_bees_are_read_from_the_calendar() {
    SeasonDates dates =
        new SeasonDates(
            MonthDay.of(11, 10),
            MonthDay.of(1, 25),
            0,
            MonthDay.of(5, 1),
            MonthDay.of(8, 1),
            MonthDay.of(9, 5));

    assertThat(dates.supersOn(LocalDate.of(2026, 7, 31))).isTrue();
    assertThat(dates.supersOn(LocalDate.of(2026, 8, 1))).isFalse();
    assertThat(dates.supersAfter(LocalDate.of(2026, 8, 1)).from()).isEqualTo("2027-05-01");
    assertThat(dates.supersAfter(LocalDate.of(2026, 7, 31)).to()).isEqualTo("2026-07-31");
    assertThat(SeasonDates.usual(true).supersAfter(LocalDate.of(2026, 7, 31))).isNull();
    assertThat(dates.winterBeesAfter(LocalDate.of(2026, 9, 6))).isEqualTo("2027-09-05");
    assertThat(dates.pauseOf(2026).to()).isEqualTo("2027-01-24");
    assertThatThrownBy(
            () ->
                new SeasonDates(
                    MonthDay.of(11, 10),
                    MonthDay.of(1, 25),
                    0,
                    MonthDay.of(5, 1),
                    null,
                    MonthDay.of(9, 5)))
        .hasMessageContaining("give both or neither");
  }

  @Test
  void the_last_days_of_february_are_one_pair_in_every_year() {
    MonthDay last = MonthDay.of(2, 28);
    MonthDay leap = MonthDay.of(2, 29);
    SeasonDates odd = new SeasonDates(last, leap, 0, last, leap, MonthDay.of(9, 5));
    for (int year = 2025; year <= 2029; year++) {
      assertThat(odd.pauseOf(year).days()).isEqualTo(1);
      assertThat(odd.supersAfter(LocalDate.of(year, 2, 1)).days()).isEqualTo(1);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "false, 2026-06-15, 1",
    "false, 2026-09-05, 0.5",
    "false, 2026-10-08, 0.1464",
    "false, 2026-11-09, 0.1",
    "false, 2026-12-24, 0.1",
    "false, 2027-01-25, 1",
    "true, 2026-01-15, 0.9595",
    "true, 2026-03-05, 0.5",
    "true, 2026-06-20, 0.1"
  })
  void laying_falls_from_midsummer_is_half_at_the_winter_bee_date_and_nothing_when_it_stops(
      boolean south, LocalDate day, double share) {
    assertThat(SeasonDates.usual(south).layingShareOn(day)).isCloseTo(share, within(0.02));
  }

  @Test
  void laying_that_stops_before_the_winter_bee_date_is_not_taken_to_fall() {
    SeasonDates odd =
        new SeasonDates(MonthDay.of(8, 1), MonthDay.of(8, 20), 0, null, null, MonthDay.of(9, 5));

    assertThat(odd.layingShareOn(LocalDate.of(2026, 7, 20))).isEqualTo(1);
    assertThat(odd.layingShareOn(LocalDate.of(2026, 10, 1))).isEqualTo(1);
  }
}
