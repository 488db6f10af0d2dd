package tavrel.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
}
