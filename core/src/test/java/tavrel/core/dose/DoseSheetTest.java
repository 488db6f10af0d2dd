package tavrel.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Spoon;
import tavrel.core.measure.Strength;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;

class DoseSheetTest {

  private static final LocalDate DAY = LocalDate.of(2026, 8, 18);
  private static final RuleSheet TWO_GRAMS = ExampleSheets.all().get(1);
  private static final Hive SINGLE = hive("2", 2, "deep");
  private static final Hive DOUBLE = hive("1", 1, "2x deep");
  private static final Hive NUCLEUS = hive("3", 3, "nucleus");

  @Test
  void hives_come_in_walking_order_with_their_grams_and_the_sum() {
    DoseSheet sheet = sheet(List.of(SINGLE, NUCLEUS, DOUBLE), perBox(2), Measure.SCALE);
    assertThat(sheet.hives()).extracting(line -> line.hive().name()).containsExactly("1", "2", "3");
    assertThat(sheet.hives())
        .extracting(HiveDose::eachLoad)
        .containsExactly(each(4), each(2), each(1));
    assertThat(sheet.totalAcid()).isCloseTo(7, within(1e-9));
    assertThat(sheet.caps()).isEqualTo(3);
  }

  @Test
  void the_later_of_the_keepers_and_the_sheets_seal_period_counts() {
    assertThat(sheet(List.of(SINGLE), perBox(2), Measure.SCALE).sealMinutes()).isEqualTo(10);
  }

  @Test
  void an_example_sheet_is_never_more_than_caution_and_too_much_is_not_on_label() {
    assertThat(sheet(List.of(SINGLE), perBox(1), Measure.SCALE).verdict())
        .isEqualTo(Verdict.CAUTION);
    assertThat(sheet(List.of(SINGLE), perBox(3), Measure.SCALE).verdict())
        .isEqualTo(Verdict.NOT_ON_LABEL);
  }

  @Test
  void a_wide_box_at_full_grams_a_box_is_over_the_label() {
    HiveDose wide =
        sheet(List.of(hive("w", 1, "deep 14")), perBox(2), Measure.SCALE).hives().get(0);
    assertThat(wide.target()).isCloseTo(2.4, within(1e-9));
    assertThat(wide.judgement().verdict()).isEqualTo(Verdict.NOT_ON_LABEL);
  }

  @Test
  void a_fixed_amount_of_product_does_not_ask_for_boxes() {
    DoseSheet sheet =
        sheet(List.of(SINGLE, DOUBLE), new Amount(2.3, Per.HIVE, GramsOf.PRODUCT), Measure.SCALE);
    assertThat(sheet.hives())
        .allSatisfy(line -> assertThat(line.totalProduct()).isCloseTo(2.3, within(1e-9)));
  }

  @Test
  void a_scoop_too_coarse_for_a_nucleus_is_said_by_name() {
    DoseSheet sheet = sheet(List.of(SINGLE, NUCLEUS), perBox(2), new Measure(Spoon.TSP_US, 2));
    assertThat(sheet.unmeasurable()).containsExactly("3");
    assertThat(sheet.hives().get(1).why()).anyMatch(step -> step.code().equals("dose.tooCoarse"));
  }

  @Test
  void every_figure_can_be_asked_why() {
    assertThat(sheet(List.of(DOUBLE), perBox(2), Measure.SCALE).hives().get(0).why())
        .containsExactly(
            Fact.of("dose.boxesAdded")
                .with("factors", new Value.Sum(List.of(new Value.Figure(1), new Value.Figure(1))))
                .with("boxes", BoxNotation.told(DOUBLE.boxes()))
                .figure("sum", 2),
            Fact.of("dose.gramsABox")
                .gramsSet("given", 2)
                .word("of", GramsOf.ACID_DIHYDRATE)
                .figure("factor", 2)
                .grams("target", 4),
            Fact.of("dose.product").figure("strength", 100).grams("product", 4),
            Fact.of("dose.oneLoad")
                .count("loads", 1, "load")
                .grams("each", 4)
                .gramsSet("capacity", 4),
            Fact.of("dose.measuredToThePoint")
                .fact("step", Fact.of("measure.scale").gramsSet("step", 0.1))
                .fact("each", each(4))
                .grams("total", 4));
  }

  @Test
  void what_is_on_record_is_held_against_the_sheet() {
    Map<UUID, OnRecord> past =
        Map.of(SINGLE.id(), new OnRecord(DAY.minusDays(3), 1, null, null, null));
    DoseSheet sheet =
        DoseSheet.of(
            List.of(SINGLE), settings(perBox(1), Measure.SCALE), TWO_GRAMS, past, DAY, 9.0);
    assertThat(sheet.hives().get(0).judgement().findings().get(0))
        .satisfies(
            worst -> {
              assertThat(worst.verdict()).isEqualTo(Verdict.NOT_ON_LABEL);
              assertThat(worst.line())
                  .isEqualTo(Fact.of("label.lineLeastDaysBetween").count("least", 5, "day"));
            });
  }

  @Test
  void one_hive_may_get_another_amount_for_a_reason_that_is_told() {
    DoseSettings plain = settings(perBox(2), Measure.SCALE);
    DoseSettings settings =
        with(plain, null, List.of(new HiveException(DOUBLE.id(), perBox(1), "weak for its boxes")));
    DoseSheet sheet = sheet(List.of(SINGLE, DOUBLE), settings);
    assertThat(sheet.hives().get(0).totalAcid()).isCloseTo(2, within(1e-9));
    assertThat(sheet.hives().get(0).exception()).isEqualTo("weak for its boxes");
    assertThat(sheet.hives().get(0).why())
        .startsWith(Fact.of("dose.exception").text("reason", "weak for its boxes"));
    assertThat(sheet.hives().get(1).exception()).isNull();
    assertThatThrownBy(() -> new HiveException(DOUBLE.id(), perBox(1), " "))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(
            () ->
                with(
                    plain,
                    null,
                    List.of(
                        new HiveException(DOUBLE.id(), perBox(1), "a"),
                        new HiveException(DOUBLE.id(), perBox(3), "b"))))
        .hasMessageContaining("twice");
  }

  @Test
  void in_frost_a_small_first_load_comes_out_of_the_same_total() {
    DoseSheet sheet =
        sheet(List.of(DOUBLE), with(settings(perBox(2), Measure.SCALE), 0.5, List.of()));
    HiveDose line = sheet.hives().get(0);
    assertThat(line.totalAcid()).isCloseTo(4, within(1e-9));
    assertThat(line.eachLoad())
        .isEqualTo(
            Fact.of("loads.loosening")
                .with("first", Value.Grams.weighed(0.5))
                .fact("then", each(3.5)));
    assertThat(line.loads().count()).isEqualTo(2);
    assertThat(line.why()).anyMatch(step -> step.code().equals("dose.loosening"));
  }

  @Test
  void supers_are_handled_as_each_hive_says_unless_the_round_says_otherwise() {
    Hive parted = SINGLE.withSupers(2).with(SINGLE.fittings().with(SupersPlan.BOARD_BETWEEN));
    DoseSettings plain = settings(perBox(2), Measure.SCALE);
    DoseSettings asEach =
        new DoseSettings(
            plain.amount(),
            plain.mediums(),
            plain.strength(),
            plain.measure(),
            4,
            null,
            5,
            null,
            List.of());
    assertThat(sheet(List.of(parted), plain).hives().get(0).supersPlan())
        .isEqualTo(SupersPlan.TAKEN_OFF);
    HiveDose line = sheet(List.of(parted), asEach).hives().get(0);
    assertThat(line.supersPlan()).isEqualTo(SupersPlan.BOARD_BETWEEN);
    assertThat(line.judgement().verdict())
        .as("the sheet wants them off")
        .isEqualTo(Verdict.NOT_ON_LABEL);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, 40, Double.NaN})
  void an_amount_outside_every_preset_is_refused(double grams) {
    assertThatThrownBy(() -> perBox(grams))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("0.1 to 10 g a box");
  }

  private static DoseSheet sheet(List<Hive> hives, Amount amount, Measure measure) {
    return DoseSheet.of(hives, settings(amount, measure), TWO_GRAMS, Map.of(), DAY, null);
  }

  private static DoseSheet sheet(List<Hive> hives, DoseSettings settings) {
    return DoseSheet.of(hives, settings, TWO_GRAMS, Map.of(), DAY, null);
  }

  private static DoseSettings with(
      DoseSettings plain, Double loosening, List<HiveException> exceptions) {
    return new DoseSettings(
        plain.amount(),
        plain.mediums(),
        plain.strength(),
        plain.measure(),
        plain.capacity(),
        plain.supersPlan(),
        plain.sealMinutes(),
        loosening,
        exceptions);
  }

  private static DoseSettings settings(Amount amount, Measure measure) {
    return DoseSettings.plain(
        amount, MediumBoxes.BY_COMB, Strength.PURE, measure, 4, SupersPlan.TAKEN_OFF, 5);
  }

  private static Amount perBox(double grams) {
    return new Amount(grams, Per.BOX, GramsOf.ACID_DIHYDRATE);
  }

  private static Hive hive(String name, int place, String boxes) {
    return Hive.ofRoster(
        UUID.nameUUIDFromBytes(new byte[] {(byte) place}),
        name,
        place,
        BoxNotation.read(boxes),
        0,
        Floor.SOLID);
  }

  private static Fact each(double grams) {
    return Fact.of("loads.each").with("each", Value.Grams.weighed(grams));
  }
}
