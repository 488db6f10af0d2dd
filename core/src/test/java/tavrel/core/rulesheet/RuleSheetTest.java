package tavrel.core.rulesheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static tavrel.core.rulesheet.Verdict.ALLOWED;
import static tavrel.core.rulesheet.Verdict.CAUTION;
import static tavrel.core.rulesheet.Verdict.NOT_ON_LABEL;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;
import tavrel.core.measure.Strength;

class RuleSheetTest {

  private static final LocalDate DAY = LocalDate.of(2026, 8, 18);

  @ParameterizedTest
  @CsvSource({
    "1.0, ALLOWED",
    "1.89, ALLOWED",
    "1.9, CAUTION",
    "2.0, CAUTION",
    "2.01, NOT_ON_LABEL"
  })
  void grams_a_box_are_held_against_the_limit_to_five_percent(double grams, Verdict verdict) {
    assertThat(point(LabelPoint.GRAMS_A_BOX, with(grams, 0, SupersPlan.TAKEN_OFF, null, 0, null)))
        .isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({
    "OFF,     TAKEN_OFF,     ALLOWED",
    "OFF,     BOARD_BETWEEN, NOT_ON_LABEL",
    "OFF,     LEFT_ON,       NOT_ON_LABEL",
    "BARRIER, TAKEN_OFF,     ALLOWED",
    "BARRIER, BOARD_BETWEEN, ALLOWED",
    "BARRIER, LEFT_ON,       NOT_ON_LABEL",
    "ALLOWED, LEFT_ON,       ALLOWED"
  })
  void supers_are_judged_by_what_is_done_with_them(
      SupersRule rule, SupersPlan plan, Verdict verdict) {
    assertThat(rule.permits(plan)).isEqualTo(verdict == ALLOWED);
    if (rule == SupersRule.OFF) {
      assertThat(point(LabelPoint.SUPERS, with(1, 2, plan, null, 0, null))).isEqualTo(verdict);
    }
  }

  @ParameterizedTest
  @CsvSource({"6, NOT_ON_LABEL", "7, CAUTION", "8, ALLOWED"})
  void days_since_the_last_round_are_counted(int days, Verdict verdict) {
    assertThat(
            point(
                LabelPoint.DAYS_BETWEEN,
                with(1, 0, SupersPlan.TAKEN_OFF, DAY.minusDays(days), 1, null)))
        .isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({"0, ALLOWED", "1, ALLOWED", "2, CAUTION", "3, NOT_ON_LABEL"})
  void rounds_on_record_this_year_are_counted(int before, Verdict verdict) {
    assertThat(
            point(LabelPoint.ROUNDS_A_YEAR, with(1, 0, SupersPlan.TAKEN_OFF, null, before, null)))
        .isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({
    "1.9, NOT_ON_LABEL",
    "2.0, CAUTION",
    "2.4, CAUTION",
    "8, ALLOWED",
    "14.6, CAUTION",
    "15.1, NOT_ON_LABEL"
  })
  void the_air_is_held_against_the_sheets_temperatures(double celsius, Verdict verdict) {
    assertThat(
            point(LabelPoint.AIR_TEMPERATURE, with(1, 0, SupersPlan.TAKEN_OFF, null, 0, celsius)))
        .isEqualTo(verdict);
  }

  @Test
  void where_nothing_was_measured_the_sheets_temperatures_ask_for_a_thermometer() {
    assertThat(point(LabelPoint.AIR_TEMPERATURE, with(1, 0, SupersPlan.TAKEN_OFF, null, 0, null)))
        .isEqualTo(CAUTION);
  }

  @Test
  void a_checked_sheet_with_room_on_every_line_allows() {
    assertThat(sheet().judge(with(1, 0, SupersPlan.TAKEN_OFF, null, 0, 8.0)).verdict())
        .isEqualTo(ALLOWED);
  }

  @Test
  void a_sheet_that_is_silent_where_it_matters_is_a_caution() {
    RuleSheet silent =
        new RuleSheet(
            UUID.randomUUID(),
            "silent",
            false,
            "Wren",
            DAY,
            GramsOf.ACID_DIHYDRATE,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            true,
            null,
            1,
            null);
    assertThat(silent.judge(with(1, 1, SupersPlan.LEFT_ON, null, 0, null)).findings())
        .filteredOn(finding -> finding.verdict() == CAUTION)
        .extracting(Finding::point)
        .containsExactly(
            LabelPoint.GRAMS, LabelPoint.CAPPED_BROOD, LabelPoint.SUPERS, LabelPoint.MINUTES_SHUT);
    assertThat(silent.mostAcid(1, Strength.PURE)).isInfinite();
  }

  @Test
  void every_example_says_check_your_label() {
    assertThat(ExampleSheets.all())
        .hasSize(4)
        .allSatisfy(
            example ->
                assertThat(
                        example.judge(with(0.5, 0, SupersPlan.TAKEN_OFF, null, 0, null)).findings())
                    .anyMatch(
                        finding ->
                            finding.verdict() == CAUTION
                                && finding.says().equals(Fact.of("label.example"))));
  }

  @Test
  void a_broodless_only_sheet_asks_to_look_inside() {
    assertThat(
            ExampleSheets.all()
                .get(3)
                .judge(with(1, 0, SupersPlan.TAKEN_OFF, null, 0, null))
                .findings())
        .anyMatch(
            finding -> finding.point() == LabelPoint.CAPPED_BROOD && finding.verdict() == CAUTION);
  }

  @Test
  void a_limit_in_product_is_told_in_acid() {
    assertThat(ExampleSheets.all().get(3).mostAcid(2, new Strength(0.9)))
        .isCloseTo(2.07, within(1e-9));
    assertThat(ExampleSheets.all().get(1).mostAcid(0.5, Strength.PURE)).isEqualTo(1);
  }

  @Test
  void the_worst_finding_comes_first_and_gives_the_verdict() {
    Judgement judgement = sheet().judge(with(3, 0, SupersPlan.TAKEN_OFF, null, 2, 8.0));
    assertThat(judgement.verdict()).isEqualTo(NOT_ON_LABEL);
    assertThat(judgement.findings())
        .extracting(Finding::verdict)
        .isSortedAccordingTo((a, b) -> b.compareTo(a));
  }

  @Test
  void a_sheet_that_contradicts_itself_is_refused() {
    assertThatThrownBy(() -> sheet(15.0, 2.0))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("minCelsius"));
  }

  @Test
  void a_sheet_that_is_no_example_names_its_reader() {
    assertThatThrownBy(
            () ->
                new RuleSheet(
                    UUID.randomUUID(),
                    "mine",
                    false,
                    null,
                    null,
                    GramsOf.PRODUCT,
                    2.0,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    1,
                    null))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("copiedOn"));
  }

  private static Verdict point(LabelPoint point, Proposal proposal) {
    return sheet().judge(proposal).findings().stream()
        .filter(finding -> finding.point() == point)
        .findFirst()
        .orElseThrow()
        .verdict();
  }

  private static RuleSheet sheet() {
    return sheet(2.0, 15.0);
  }

  private static RuleSheet sheet(double minCelsius, double maxCelsius) {
    return new RuleSheet(
        UUID.randomUUID(),
        "own",
        false,
        "Wren",
        DAY,
        GramsOf.ACID_DIHYDRATE,
        2.0,
        null,
        3,
        3,
        7,
        BroodRule.ANY,
        SupersRule.OFF,
        0,
        10,
        minCelsius,
        maxCelsius,
        true,
        null,
        1,
        null);
  }

  private static Proposal with(
      double acid,
      int supers,
      SupersPlan plan,
      @Nullable LocalDate last,
      int thisYear,
      @Nullable Double celsius) {
    return new Proposal(
        acid, acid, 1, supers, plan, 10, DAY, last, thisYear, celsius, null, null, false, null);
  }
}
