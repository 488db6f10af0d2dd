package tavrel.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.entry;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InvalidValueTest {

  @ParameterizedTest
  @ValueSource(
      strings = {"a\u0000b", "a\u0007b", "a\u001bb", "a\u007fb", "Kiln\u202edleiF", "\u2066x"})
  void characters_that_cannot_be_seen_are_refused_at_their_field(String text) {
    assertThatThrownBy(() -> InvalidValue.text("name", text, 60))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("name"))
        .hasMessageContaining("cannot be seen");
  }

  @Test
  void lines_tabs_and_every_alphabet_are_fine() {
    assertThat(InvalidValue.text("note", " two\nlines\tand é ß 蜂 שלום ", 60))
        .isEqualTo("two\nlines\tand é ß 蜂 שלום");
  }

  @Test
  void a_refusal_is_a_code_with_its_values_and_says_the_same_in_english() {
    InvalidValue refused =
        new InvalidValue(
            "grams", "outsideRange", "is {value}; allowed is {min} to {max}", 40, 0.1, 10.0);
    assertThat(refused).hasMessage("is 40; allowed is 0.1 to 10");
    assertThat(refused.code()).isEqualTo("outsideRange");
    assertThat(refused.values())
        .containsExactly(entry("value", 40), entry("min", 0.1), entry("max", 10.0));
  }

  @Test
  void a_value_that_is_named_twice_is_given_once_and_days_are_written_as_dates() {
    InvalidValue refused =
        new InvalidValue(
            "day", "notYet", "{day} has not come; wait for {day}", LocalDate.of(2026, 8, 18));
    assertThat(refused).hasMessage("2026-08-18 has not come; wait for 2026-08-18");
    assertThat(refused.values()).containsExactly(entry("day", "2026-08-18"));
  }
}
