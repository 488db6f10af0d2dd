package tavrel.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.measure.GramsOf;
import tavrel.core.units.OwnUnits;

class WordingTest {

  private static final OwnUnits ABROAD =
      new OwnUnits(
          OwnUnits.Temperature.FAHRENHEIT,
          OwnUnits.Wind.MILES_AN_HOUR,
          OwnUnits.Road.MILES,
          OwnUnits.Mass.OUNCES,
          OwnUnits.MeasureOrder.SCOOPS_FIRST,
          OwnUnits.Volume.US_GALLONS,
          OwnUnits.ClockStyle.HOURS_12,
          OwnUnits.DateOrder.MONTH_DAY,
          OwnUnits.DecimalSign.POINT,
          OwnUnits.WeekStart.SUNDAY);

  private static final Wording AMERICAN = new Wording(Language.ENGLISH, ABROAD);
  private static final Wording ITALIAN = new Wording(Language.ITALIAN, withComma());

  @Test
  void one_and_several_have_forms_of_their_own() {
    assertThat(Wording.PLAIN.of(new Value.Count(1, "hive"))).isEqualTo("1 hive");
    assertThat(Wording.PLAIN.of(new Value.Count(12_345, "hive"))).isEqualTo("12,345 hives");
    assertThat(ITALIAN.of(new Value.Count(2, "hive"))).isEqualTo("2 alveari");
  }

  @Test
  void a_temperature_is_told_in_the_readers_scale() {
    assertThat(Wording.PLAIN.of(new Value.Celsius(12.5))).isEqualTo("12.5 °C");
    assertThat(AMERICAN.of(new Value.Celsius(12.5))).isEqualTo("54.5 °F");
    assertThat(ITALIAN.of(new Value.Celsius(12.5))).isEqualTo("12,5 °C");
  }

  @Test
  void ounces_are_told_as_fine_as_grams() {
    assertThat(Wording.PLAIN.of(Value.Grams.weighed(2))).isEqualTo("2.0 g");
    assertThat(AMERICAN.of(Value.Grams.weighed(2))).isEqualTo("0.071 oz");
  }

  @Test
  void what_is_measured_stands_first_where_the_reader_wants_it_first() {
    Value scoops = new Value.Scoops(2, 1.25);
    assertThat(Wording.PLAIN.of(scoops)).startsWith("1.3 g (2 ");
    assertThat(AMERICAN.of(scoops)).startsWith("2 ").endsWith(" oz)");
  }

  @Test
  void a_day_is_told_in_the_order_and_the_language_of_the_reader() {
    Value day = new Value.Day(LocalDate.of(2026, 8, 9));
    assertThat(Wording.PLAIN.of(day)).isEqualTo("9 Aug");
    assertThat(AMERICAN.of(day)).isEqualTo("Aug 9");
    assertThat(ITALIAN.of(day)).isEqualTo("9 ago");
  }

  @Test
  void shares_below_ten_percent_have_tenths() {
    assertThat(Wording.PLAIN.of(new Value.Share(0.034))).isEqualTo("3.4 %");
    assertThat(Wording.PLAIN.of(new Value.Share(0.126))).isEqualTo("13 %");
  }

  @Test
  void a_fact_within_a_fact_is_told_in_the_same_words() {
    Value word = new Value.Word(GramsOf.PRODUCT.word());
    assertThat(Wording.PLAIN.of(new Value.All(List.of(word, new Value.Figure(2)))))
        .isEqualTo(Wording.PLAIN.of(GramsOf.PRODUCT) + "; 2");
    Fact inner = new Fact("missing.place", Map.of());
    assertThat(ITALIAN.of(new Value.Said(inner)))
        .isEqualTo(ITALIAN.of(inner))
        .isNotEqualTo(Wording.PLAIN.of(inner));
  }

  @Test
  void a_sentence_of_before_facts_and_a_code_of_a_newer_tavrel_are_told_as_they_are() {
    assertThat(ITALIAN.of(Fact.legacy("too cold"))).isEqualTo("too cold");
    assertThat(ITALIAN.of(new Fact("dose.notYetKnown", Map.of()))).isEqualTo("dose.notYetKnown");
    assertThat(ITALIAN.of(new Value.Word("GramsOf.NEW"))).isEqualTo("GramsOf.NEW");
  }

  @Test
  void a_refusal_is_told_from_the_same_catalogue() {
    Fact refusal = new Fact("refusal.emptyText", Map.of("longest", new Value.Figure(80)));
    assertThat(Wording.PLAIN.of(refusal)).isEqualTo("is empty; 1 to 80 characters are needed");
    assertThat(ITALIAN.of(refusal)).contains("80").doesNotContain("empty");
  }

  private static OwnUnits withComma() {
    return new OwnUnits(
        OwnUnits.Temperature.CELSIUS,
        OwnUnits.Wind.KILOMETRES_AN_HOUR,
        OwnUnits.Road.KILOMETRES,
        OwnUnits.Mass.GRAMS,
        OwnUnits.MeasureOrder.WEIGHT_FIRST,
        OwnUnits.Volume.LITRES,
        OwnUnits.ClockStyle.HOURS_24,
        OwnUnits.DateOrder.DAY_MONTH,
        OwnUnits.DecimalSign.COMMA,
        OwnUnits.WeekStart.MONDAY);
  }
}
