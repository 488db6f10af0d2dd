package tavrel.core.register;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

class InHiveTest {

  private static final LocalDate IN = LocalDate.of(2026, 8, 18);

  @Test
  void strips_are_there_until_they_are_taken_out() {
    InHive strips = new InHive(IN, IN.plusDays(56), null);
    assertThat(strips.outOn()).isNull();
    assertThat(strips.takenOut(IN.plusDays(50), IN.plusDays(51)).outOn())
        .isEqualTo(IN.plusDays(50));
  }

  @Test
  void nothing_comes_out_before_it_was_in_or_before_its_day() {
    assertThatThrownBy(() -> new InHive(IN, IN, null)).isInstanceOf(InvalidValue.class);
    InHive strips = new InHive(IN, IN.plusDays(56), null);
    assertThatThrownBy(() -> strips.takenOut(IN.minusDays(1), IN.plusDays(1)))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> strips.takenOut(IN.plusDays(2), IN.plusDays(1)))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("future");
  }

  @Test
  void nothing_stays_in_for_half_a_year_and_more() {
    assertThatThrownBy(() -> new InHive(IN, IN.plusDays(181), null))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("180");
  }
}
