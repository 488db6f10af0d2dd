package tavrel.core.rulesheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.brood.BroodState;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;

class SeriesReadingTest {

  private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

  @ParameterizedTest
  @CsvSource({"2, ALLOWED", "3, CAUTION", "4, NOT_ON_LABEL"})
  void rounds_of_a_series_are_counted(int rounds, Verdict verdict) {
    assertThat(judge(sheet(3, 9, 2, BroodRule.ANY, null), every(7, rounds)))
        .returns(verdict, Judgement::verdict);
  }

  @Test
  void each_calendar_year_has_its_own_count_with_what_is_on_record() {
    RuleSheet sheet = sheet(null, 4, null, null, null);
    SeriesProposal over_new_year =
        new SeriesProposal(
            every(14, 4),
            null,
            Map.of(2026, 2),
            day -> BroodState.CAPPED,
            day -> false,
            day -> null,
            List.of());

    assertThat(sheet.judge(over_new_year).findings())
        .filteredOn(finding -> finding.point() == LabelPoint.ROUNDS_A_YEAR)
        .extracting(Finding::says)
        .containsExactlyInAnyOrder(inYear("2026", 5, 2), inYear("2027", 1, 0));
    assertThat(sheet.judge(over_new_year).verdict()).isEqualTo(Verdict.NOT_ON_LABEL);
  }

  @ParameterizedTest
  @CsvSource({"4, NOT_ON_LABEL", "5, CAUTION", "6, ALLOWED"})
  void the_narrowest_gap_decides(int gap, Verdict verdict) {
    List<LocalDate> days = List.of(DAY, DAY.plusDays(30), DAY.plusDays(30L + gap));

    assertThat(judge(sheet(9, 9, 5, BroodRule.ANY, null), days).verdict()).isEqualTo(verdict);
  }

  @Test
  void the_gap_to_the_last_treatment_on_record_counts_too() {
    SeriesProposal soon =
        new SeriesProposal(
            List.of(DAY),
            DAY.minusDays(2),
            Map.of(),
            day -> BroodState.FREE,
            day -> false,
            day -> null,
            List.of());

    assertThat(sheet(null, null, 5, null, null).judge(soon).findings().get(0).says())
        .isEqualTo(
            Fact.of("label.daysApart")
                .day("earlier", DAY.minusDays(2))
                .day("later", DAY)
                .count("days", 2, "day"));
  }

  @Test
  void a_sheet_for_broodless_colonies_is_read_against_the_clock_of_each_day() {
    RuleSheet broodless = sheet(9, 9, 2, BroodRule.BROODLESS_ONLY, null);
    Function<LocalDate, BroodState> clock =
        day ->
            day.equals(DAY)
                ? BroodState.FREE
                : day.equals(DAY.plusDays(7)) ? BroodState.LIKELY_FREE : BroodState.CAPPED;

    assertThat(judge(broodless, every(7, 1), clock).verdict()).isEqualTo(Verdict.ALLOWED);
    assertThat(judge(broodless, every(7, 2), clock).verdict()).isEqualTo(Verdict.CAUTION);
    assertThat(judge(broodless, every(7, 3), clock).findings().get(0))
        .returns(
            Fact.of("label.daysWithBrood").figure("capped", 1).figure("days", 3), Finding::says)
        .returns(Verdict.NOT_ON_LABEL, Finding::verdict);
  }

  @Test
  void days_with_supers_are_pointed_out_unless_the_sheet_allows_them() {
    SeriesProposal summer =
        new SeriesProposal(
            every(7, 3),
            null,
            Map.of(),
            day -> BroodState.CAPPED,
            day -> day.equals(DAY),
            day -> null,
            List.of());

    assertThat(sheet(9, 9, 2, BroodRule.ANY, SupersRule.OFF).judge(summer).verdict())
        .isEqualTo(Verdict.CAUTION);
    assertThat(sheet(9, 9, 2, BroodRule.ANY, SupersRule.ALLOWED).judge(summer).verdict())
        .isEqualTo(Verdict.ALLOWED);
    assertThat(sheet(9, 9, 2, BroodRule.ANY, null).judge(summer).findings().get(0).line()).isNull();
  }

  @Test
  void where_the_sheet_is_silent_on_what_matters_here_it_is_a_caution_that_says_so() {
    Judgement many = judge(sheet(null, null, null, null, null), every(7, 3));
    assertThat(many.verdict()).isEqualTo(Verdict.CAUTION);
    assertThat(many.findings())
        .extracting(Finding::point)
        .containsExactlyInAnyOrder(
            LabelPoint.ROUNDS_A_SERIES,
            LabelPoint.ROUNDS_A_YEAR,
            LabelPoint.DAYS_BETWEEN,
            LabelPoint.CAPPED_BROOD);
    Judgement one = judge(sheet(null, null, null, null, null), every(7, 1), day -> BroodState.FREE);
    assertThat(one.findings()).isEmpty();
  }

  @Test
  void the_thirtieth_round_of_a_year_the_day_after_another_is_never_simply_allowed() {
    Proposal again =
        new Proposal(
            2,
            2,
            1,
            0,
            SupersPlan.TAKEN_OFF,
            10,
            DAY,
            DAY.minusDays(1),
            29,
            null,
            4,
            BroodState.CAPPED,
            false,
            null);
    Judgement judgement = sheet(null, null, null, null, null).judge(again);
    assertThat(judgement.verdict()).isEqualTo(Verdict.CAUTION);
    assertThat(judgement.findings())
        .filteredOn(finding -> finding.verdict() == Verdict.CAUTION)
        .extracting(Finding::point)
        .contains(
            LabelPoint.ROUNDS_A_YEAR,
            LabelPoint.ROUNDS_A_SERIES,
            LabelPoint.DAYS_BETWEEN,
            LabelPoint.CAPPED_BROOD);
  }

  @ParameterizedTest
  @CsvSource({"10, NOT_ON_LABEL", ", CAUTION"})
  void an_entrance_left_open_is_held_against_the_least_time_shut(Integer minutes, Verdict verdict) {
    RuleSheet sheet = sheet(null, null, null, null, null, 0, minutes);
    Proposal open =
        new Proposal(
            2,
            2,
            1,
            0,
            SupersPlan.TAKEN_OFF,
            10,
            DAY,
            null,
            0,
            null,
            1,
            BroodState.FREE,
            true,
            null);
    assertThat(sheet.judge(open).findings())
        .filteredOn(finding -> finding.point() == LabelPoint.MINUTES_SHUT)
        .singleElement()
        .returns(verdict, Finding::verdict);
  }

  @Test
  void two_series_of_a_hive_count_into_one_year_and_one_gap() {
    RuleSheet sheet = sheet(9, 4, 5, BroodRule.ANY, null);
    SeriesProposal beside =
        new SeriesProposal(
            List.of(DAY, DAY.plusDays(7)),
            null,
            Map.of(DAY.getYear(), 1),
            day -> BroodState.CAPPED,
            day -> false,
            day -> null,
            List.of(DAY.plusDays(3), DAY.plusDays(20)));
    Judgement judgement = sheet.judge(beside);
    assertThat(judgement.findings())
        .extracting(Finding::says)
        .anyMatch(says -> new Value.Figure(2).equals(says.values().get("others")))
        .anyMatch(says -> new Value.Count(3, "day").equals(says.values().get("days")));
    assertThat(judgement.verdict()).isEqualTo(Verdict.NOT_ON_LABEL);
  }

  @Test
  void a_round_that_makes_the_supers_late_is_said() {
    SeriesProposal spring =
        new SeriesProposal(
            List.of(DAY),
            null,
            Map.of(),
            day -> BroodState.FREE,
            day -> false,
            day -> DAY.plusDays(20),
            List.of());
    assertThat(sheet(9, 9, 5, BroodRule.ANY, null, 21, 10).judge(spring).findings())
        .filteredOn(finding -> finding.point() == LabelPoint.SUPERS)
        .singleElement()
        .returns(Verdict.CAUTION, Finding::verdict)
        .returns(Fact.of("label.lineHoneyWaits").count("days", 21, "day"), Finding::line);
    assertThat(sheet(9, 9, 5, BroodRule.ANY, null, 20, 10).judge(spring).verdict())
        .isEqualTo(Verdict.ALLOWED);
  }

  @Test
  void an_unchecked_example_is_never_simply_allowed() {
    for (RuleSheet example : ExampleSheets.all()) {
      assertThat(judge(example, every(30, 1), day -> BroodState.FREE).verdict())
          .isNotEqualTo(Verdict.ALLOWED);
    }
  }

  @Test
  void a_further_round_or_a_shorter_gap_never_turns_a_verdict_milder() {
    Random random = new Random(5);
    for (int i = 0; i < 200; i++) {
      RuleSheet sheet =
          sheet(1 + random.nextInt(6), 1 + random.nextInt(8), 1 + random.nextInt(9), null, null);
      int gap = 2 + random.nextInt(10);
      int rounds = 1 + random.nextInt(6);
      Verdict verdict = judge(sheet, every(gap, rounds)).verdict();

      assertThat(judge(sheet, every(gap, rounds + 1)).verdict()).isGreaterThanOrEqualTo(verdict);
      assertThat(judge(sheet, every(gap - 1, rounds)).verdict()).isGreaterThanOrEqualTo(verdict);
    }
  }

  @ParameterizedTest
  @CsvSource({"1, ALLOWED", "3, CAUTION", "4, NOT_ON_LABEL"})
  void on_the_day_a_round_knows_its_place_in_the_series(int round, Verdict verdict) {
    Judgement judgement = sheet(3, null, null, null, null).judge(today(round, null));

    assertThat(judgement.findings())
        .filteredOn(finding -> finding.point() == LabelPoint.ROUNDS_A_SERIES)
        .singleElement()
        .returns(verdict, Finding::verdict);
  }

  @ParameterizedTest
  @CsvSource({"FREE, ALLOWED", "LIKELY_FREE, CAUTION", "CAPPED, NOT_ON_LABEL", ", CAUTION"})
  void on_the_day_the_brood_clock_speaks(BroodState brood, Verdict verdict) {
    Judgement judgement =
        sheet(null, null, null, BroodRule.BROODLESS_ONLY, null).judge(today(1, brood));

    assertThat(judgement.findings())
        .filteredOn(finding -> finding.point() == LabelPoint.CAPPED_BROOD)
        .singleElement()
        .returns(verdict, Finding::verdict);
  }

  private static Proposal today(int round, BroodState brood) {
    return new Proposal(
        2, 2, 1, 0, SupersPlan.TAKEN_OFF, 10, DAY, null, 0, null, round, brood, false, null);
  }

  private static Judgement judge(RuleSheet sheet, List<LocalDate> days) {
    return judge(sheet, days, day -> BroodState.CAPPED);
  }

  private static Judgement judge(
      RuleSheet sheet, List<LocalDate> days, Function<LocalDate, BroodState> brood) {
    return sheet.judge(
        new SeriesProposal(days, null, Map.of(), brood, day -> false, day -> null, List.of()));
  }

  private static List<LocalDate> every(int gap, int rounds) {
    return new ArrayList<>(
        IntStream.range(0, rounds).mapToObj(i -> DAY.plusDays((long) i * gap)).toList());
  }

  private static RuleSheet sheet(
      Integer perSeries, Integer perYear, Integer between, BroodRule brood, SupersRule supers) {
    return sheet(perSeries, perYear, between, brood, supers, 0, 10);
  }

  private static RuleSheet sheet(
      Integer perSeries,
      Integer perYear,
      Integer between,
      BroodRule brood,
      SupersRule supers,
      Integer waiting,
      Integer shut) {
    return new RuleSheet(
        UUID.nameUUIDFromBytes(new byte[] {1}),
        "A label",
        false,
        "Wren",
        DAY,
        GramsOf.ACID_DIHYDRATE,
        4.0,
        null,
        perSeries,
        perYear,
        between,
        brood,
        supers,
        waiting,
        shut,
        null,
        null,
        true,
        null,
        1,
        null);
  }

  private static Fact inYear(String year, int rounds, int before) {
    return Fact.of("label.roundsInYear")
        .figure("rounds", rounds)
        .text("year", year)
        .figure("before", before);
  }
}
