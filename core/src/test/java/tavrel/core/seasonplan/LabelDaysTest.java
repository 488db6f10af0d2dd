package tavrel.core.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.measure.GramsOf;
import tavrel.core.rulesheet.BroodRule;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SupersRule;

class LabelDaysTest {

  private static final Gaps WEEKLY = new Gaps(4, 7, 9);
  private static final SeasonDates YEAR =
      new SeasonDates(
          MonthDay.of(11, 1),
          MonthDay.of(2, 1),
          0,
          MonthDay.of(4, 20),
          MonthDay.of(8, 10),
          MonthDay.of(9, 1));
  private static final DaySpan AUGUST = span("2026-08-01", "2026-08-31");

  @Test
  void supers_close_days_unless_the_label_allows_them() {
    LabelDays off = by(sheet(SupersRule.OFF, null, null, null), AUGUST, List.of());
    assertThat(off.closed())
        .containsEntry(day("2026-08-01"), Fact.of("year.supersUsuallyOn"))
        .doesNotContainKey(day("2026-08-20"));
    assertThat(by(sheet(SupersRule.ALLOWED, null, null, null), AUGUST, List.of()).closed())
        .isEmpty();
    assertThat(by(null, AUGUST, List.of()).closed())
        .containsEntry(
            day("2026-08-01"),
            Fact.of("closed.noSheetSpeaks").fact("supers", Fact.of("year.supersUsuallyOn")));
  }

  @Test
  void brood_closes_days_where_the_label_wants_none() {
    DaySpan autumn = span("2026-10-01", "2026-12-31");
    LabelDays broodless =
        by(sheet(SupersRule.OFF, BroodRule.BROODLESS_ONLY, null, null), autumn, List.of());
    assertThat(broodless.closed()).containsKey(day("2026-10-15"));
    assertThat(broodless.closed()).doesNotContainKey(day("2026-12-20"));
  }

  @Test
  void days_since_the_last_treatment_close_days_and_stretch_gaps() {
    LabelDays ten =
        by(
            sheet(SupersRule.ALLOWED, null, 10, null),
            AUGUST,
            List.of(List.of(day("2026-07-28")), List.of(day("2026-07-30"))));
    assertThat(ten.closed()).containsKey(day("2026-08-08")).doesNotContainKey(day("2026-08-09"));
    assertThat(ten.gaps()).isEqualTo(new Gaps(10, 10, 10));
  }

  @Test
  void the_hive_that_was_treated_most_often_says_how_many_rounds_are_left_of_a_year() {
    LabelDays three =
        by(
            sheet(SupersRule.ALLOWED, null, null, 3),
            span("2026-12-01", "2027-01-31"),
            List.of(
                List.of(day("2026-01-10"), day("2026-08-01")),
                List.of(day("2026-08-01"), day("2025-12-30"))));
    assertThat(three.roundsLeft()).containsEntry(2026, 1).containsEntry(2027, 3);
    assertThat(by(null, AUGUST, List.of()).roundsLeft()).isEmpty();
  }

  @Test
  void off_the_label_nothing_is_closed() {
    assertThat(LabelDays.offLabel(WEEKLY).closed()).isEmpty();
    assertThat(LabelDays.offLabel(WEEKLY).gaps()).isEqualTo(WEEKLY);
  }

  private static LabelDays by(
      @Nullable RuleSheet sheet, DaySpan span, List<List<LocalDate>> treated) {
    return LabelDays.by(sheet, WEEKLY, span, YEAR, List.of(), treated, List.of());
  }

  private static RuleSheet sheet(
      SupersRule supers,
      @Nullable BroodRule brood,
      @Nullable Integer daysBetween,
      @Nullable Integer perYear) {
    return new RuleSheet(
        new UUID(0, 1),
        "A label",
        true,
        null,
        null,
        GramsOf.ACID_DIHYDRATE,
        2.0,
        null,
        null,
        perYear,
        daysBetween,
        brood,
        supers,
        null,
        null,
        null,
        null,
        null,
        null,
        1,
        null);
  }

  private static DaySpan span(String from, String to) {
    return new DaySpan(day(from), day(to));
  }

  private static LocalDate day(String text) {
    return LocalDate.parse(text);
  }
}
