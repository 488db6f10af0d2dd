package tavrel.core.register;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

class CorrectedEntryTest {

  private static final Instant AT = Instant.parse("2026-08-20T07:00:00Z");

  private static final Map<EntryField, String> RECORDED =
      Map.of(EntryField.GRAMS, "4", EntryField.LOT, "A1", EntryField.STANDS, "yes");

  @Test
  void without_a_correction_what_was_recorded_holds() {
    CorrectedEntry plain = new CorrectedEntry(RECORDED, List.of());
    assertThat(plain.holds(EntryField.LOT)).isEqualTo("A1");
    assertThat(plain.acid()).isEqualTo(4);
    assertThat(plain.stands()).isTrue();
    assertThat(plain.changed()).isEmpty();
  }

  @Test
  void the_last_correction_of_a_field_holds_and_the_record_stays() {
    CorrectedEntry twice =
        new CorrectedEntry(
            RECORDED, List.of(of(EntryField.LOT, "A1", "A2"), of(EntryField.LOT, "A2", "B")));
    assertThat(twice.holds(EntryField.LOT)).isEqualTo("B");
    assertThat(twice.recorded()).containsEntry(EntryField.LOT, "A1");
    assertThat(twice.changed()).containsExactly(Map.entry(EntryField.LOT, "B"));
  }

  @Test
  void a_field_put_back_is_not_changed_any_more_but_its_corrections_stay() {
    CorrectedEntry back =
        new CorrectedEntry(
            RECORDED, List.of(of(EntryField.GRAMS, "4", "2"), of(EntryField.GRAMS, "2", "4")));
    assertThat(back.changed()).isEmpty();
    assertThat(back.corrections()).hasSize(2);
  }

  @Test
  void a_correction_of_what_no_longer_holds_is_refused_and_says_what_does() {
    CorrectedEntry once = new CorrectedEntry(RECORDED, List.of(of(EntryField.LOT, "A1", "A2")));
    assertThat(once.refusal(of(EntryField.LOT, "A1", "A3")).orElseThrow())
        .isEqualTo(
            Fact.of("refused.correctedMeanwhile").word("field", EntryField.LOT).text("now", "A2"));
    assertThat(once.refusal(of(EntryField.LOT, "A2", "A3"))).isEmpty();
  }

  @Test
  void a_struck_entry_takes_no_correction_until_it_is_put_back() {
    Correction strike = of(EntryField.STANDS, "yes", "no");
    CorrectedEntry struck = new CorrectedEntry(RECORDED, List.of(strike));
    assertThat(struck.stands()).isFalse();
    assertThat(struck.refusal(of(EntryField.LOT, "A1", "A2"))).isPresent();
    assertThat(struck.refusal(of(EntryField.STANDS, "no", "yes"))).isEmpty();
  }

  @Test
  void an_entry_without_an_amount_takes_no_correction_of_it() {
    assertThat(
            new CorrectedEntry(RECORDED, List.of()).refusal(of(EntryField.AMOUNT, "", "2 strips")))
        .isPresent();
  }

  @ParameterizedTest
  @CsvSource({
    "GRAMS,4,four",
    "GRAMS,4,NaN",
    "GRAMS,4,61",
    "GRAMS,4,-1",
    "STANDS,yes,perhaps",
    "SUPERS,LEFT_ON,there",
    "PEOPLE,A,''",
    "LOT,A1,A1"
  })
  void values_that_a_field_cannot_hold_are_refused_at_the_field(
      EntryField field, String was, String becomes) {
    assertThatThrownBy(() -> of(field, was, becomes))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("becomes"));
  }

  @Test
  void a_reason_is_needed() {
    assertThatThrownBy(
            () -> new Correction(UUID.randomUUID(), EntryField.LOT, "A", "B", "  ", "Wren", AT))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("why"));
  }

  @Test
  void grams_may_be_typed_with_a_comma() {
    assertThat(of(EntryField.GRAMS, "4", "2,50").becomes()).isEqualTo("2.5");
  }

  @Test
  void the_longest_wait_for_honey_holds_however_old_its_treatment() {
    HoneyWait wait =
        HoneyWait.after(
            List.of(
                new HoneyWait.Given(LocalDate.of(2026, 8, 1), 30),
                new HoneyWait.Given(LocalDate.of(2026, 8, 20), 0)));
    assertThat(wait.from()).isEqualTo(LocalDate.of(2026, 8, 31));
    assertThat(wait.silent()).isFalse();
    assertThat(wait.waits(LocalDate.of(2026, 8, 30))).isTrue();
    assertThat(wait.waits(LocalDate.of(2026, 8, 31))).isFalse();
  }

  @Test
  void a_silent_sheet_is_told_beside_the_wait_that_another_names() {
    HoneyWait wait =
        HoneyWait.after(
            List.of(
                new HoneyWait.Given(LocalDate.of(2026, 8, 1), null),
                new HoneyWait.Given(LocalDate.of(2026, 8, 2), 3)));
    assertThat(wait.silent()).isTrue();
    assertThat(wait.from()).isEqualTo(LocalDate.of(2026, 8, 5));
    assertThat(HoneyWait.after(List.of()).from()).isNull();
  }

  @Test
  void a_year_is_full_at_the_most_and_over_beyond_it() {
    assertThat(new YearCount(3, 4).full()).isFalse();
    assertThat(new YearCount(4, 4)).returns(true, YearCount::full).returns(false, YearCount::over);
    assertThat(new YearCount(5, 4)).returns(true, YearCount::over);
    assertThat(new YearCount(9, null))
        .returns(false, YearCount::full)
        .returns(false, YearCount::over);
    assertThat(new YearCount(3, 4).told())
        .isEqualTo(Fact.of("register.ofMost").figure("most", 4).figure("done", 3));
  }

  private static Correction of(EntryField field, String was, String becomes) {
    return new Correction(UUID.randomUUID(), field, was, becomes, "typing error", "Wren", AT);
  }
}
