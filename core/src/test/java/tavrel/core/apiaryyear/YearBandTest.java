package tavrel.core.apiaryyear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.DaySpan;
import tavrel.core.InvalidValue;
import tavrel.core.seasonplan.SeasonPreset;

class YearBandTest {

  private static final SeasonDates DATES =
      new SeasonDates(
          MonthDay.of(Month.OCTOBER, 28),
          MonthDay.of(Month.JANUARY, 20),
          0,
          MonthDay.of(Month.MAY, 1),
          MonthDay.of(Month.JULY, 20),
          MonthDay.of(Month.SEPTEMBER, 5));

  @Test
  void laying_that_stops_on_28_october_leaves_nothing_capped_from_18_november_to_28_january() {
    DaySpan free = new DaySpan(LocalDate.of(2026, 11, 18), LocalDate.of(2027, 1, 28));
    assertThat(DATES.broodlessAfter(LocalDate.of(2026, 8, 18))).isEqualTo(free);
    assertThat(DATES.broodlessAfter(LocalDate.of(2027, 1, 28))).isEqualTo(free);
    assertThat(DATES.broodlessAfter(LocalDate.of(2027, 1, 29)))
        .isEqualTo(new DaySpan(LocalDate.of(2027, 11, 18), LocalDate.of(2028, 1, 28)));
  }

  @Test
  void a_pause_shorter_than_brood_needs_to_emerge_has_no_such_time() {
    SeasonDates mild =
        new SeasonDates(
            MonthDay.of(Month.DECEMBER, 20),
            MonthDay.of(Month.DECEMBER, 28),
            0,
            null,
            null,
            MonthDay.of(Month.SEPTEMBER, 5));
    assertThat(mild.broodlessAfter(LocalDate.of(2026, 8, 18))).isNull();
  }

  @Test
  void further_supers_that_meet_others_are_refused_with_their_name() {
    YearBand heather = band(YearBand.Kind.SUPERS, "heather", "2026-08-01", "2026-09-10");
    YearBand late = band(YearBand.Kind.SUPERS, "late crop", "2026-09-05", "2026-09-20");
    assertThatThrownBy(() -> late.refuseOverlap(List.of(heather), DATES))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("heather");
    YearBand early = band(YearBand.Kind.SUPERS, "early", "2026-07-10", "2026-07-30");
    assertThatThrownBy(() -> early.refuseOverlap(List.of(), DATES))
        .hasMessageContaining("the usual supers, which are on, on 10 Jul");
    assertThatCode(() -> heather.refuseOverlap(List.of(heather), DATES)).doesNotThrowAnyException();
    YearBand flow = band(YearBand.Kind.FLOW, "lime", "2026-06-20", "2026-07-05");
    assertThatCode(() -> flow.refuseOverlap(List.of(heather), DATES)).doesNotThrowAnyException();
  }

  @Test
  void yearly_bands_come_again_and_others_do_not() {
    DaySpan next = new DaySpan(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31));
    assertThat(band(YearBand.Kind.FLOW, "lime", "2026-06-20", "2026-07-05").in(next))
        .containsExactly(new DaySpan(LocalDate.of(2027, 6, 20), LocalDate.of(2027, 7, 5)));
    YearBand once =
        new YearBand(
            UUID.randomUUID(),
            YearBand.Kind.OFF,
            "fair",
            LocalDate.of(2026, 6, 20),
            LocalDate.of(2026, 6, 21),
            false);
    assertThat(once.in(next)).isEmpty();
  }

  @Test
  void higher_up_spring_comes_later_and_autumn_earlier() {
    HeightShift up = HeightShift.between(100.0, 500.0, false, Map.of());
    assertThat(up.days()).isEqualTo(12);
    SeasonDates moved = up.of(DATES);
    assertThat(moved.layingStarts()).isEqualTo(MonthDay.of(Month.FEBRUARY, 1));
    assertThat(moved.supersOn()).isEqualTo(MonthDay.of(Month.MAY, 13));
    assertThat(moved.supersOff()).isEqualTo(MonthDay.of(Month.JULY, 8));
    assertThat(moved.layingStops()).isEqualTo(MonthDay.of(Month.OCTOBER, 16));
    assertThat(moved.winterBees()).isEqualTo(MonthDay.of(Month.AUGUST, 24));
    assertThat(HeightShift.between(null, 500.0, false, Map.of()).days()).isZero();
  }

  @Test
  void the_year_is_drawn_from_dates_and_bands() {
    List<YearStretch> year =
        YearStretch.of(
            DATES,
            List.of(band(YearBand.Kind.FLOW, "heather", "2026-08-10", "2026-09-01")),
            new DaySpan(LocalDate.of(2026, 8, 18), LocalDate.of(2027, 8, 17)));
    assertThat(year)
        .extracting(YearStretch::kind)
        .contains(
            YearStretch.Kind.FLOW,
            YearStretch.Kind.WINTER_BEES,
            YearStretch.Kind.NO_LAYING,
            YearStretch.Kind.BROODLESS,
            YearStretch.Kind.SUPERS);
    assertThat(year.get(0).from()).isEqualTo(LocalDate.of(2026, 8, 18));
  }

  @Test
  void the_usual_work_of_the_year_follows_its_dates() {
    List<SeasonPreset> presets = SeasonPreset.of(DATES, LocalDate.of(2026, 8, 1));
    assertThat(presets.get(0).startOn()).isEqualTo(LocalDate.of(2026, 8, 15));
    assertThat(presets.get(0).finishBy()).isEqualTo(LocalDate.of(2026, 9, 5));
    assertThat(presets.get(1).startOn()).isEqualTo(LocalDate.of(2026, 11, 18));
    assertThat(presets.get(1).lastDay()).isEqualTo(LocalDate.of(2027, 1, 28));
    assertThat(SeasonPreset.of(DATES, LocalDate.of(2026, 8, 28)).get(0).startOn())
        .isEqualTo(LocalDate.of(2026, 8, 28));
  }

  private static YearBand band(YearBand.Kind kind, String name, String from, String to) {
    return new YearBand(
        UUID.randomUUID(), kind, name, LocalDate.parse(from), LocalDate.parse(to), true);
  }
}
