package tavrel.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.hive.BoxKind;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.BroodBox;

class BoxFactorTest {

  @ParameterizedTest
  @CsvSource({
    "DEEP,    8, 1,    1",
    "DEEP,   10, 1,    1",
    "DEEP,   12, 1,    1",
    "DEEP,    7, 0.7,  0.7",
    "DEEP,    6, 0.5,  0.5",
    "DEEP,    2, 0.3,  0.3",
    "DEEP,   14, 1.2,  1.2",
    "MEDIUM, 10, 0.66, 1",
    "MEDIUM,  5, 0.33, 0.5",
    "NUCLEUS, 5, 0.5,  0.5",
    "NUCLEUS, 6, 0.5,  0.5",
    "NUCLEUS, 4, 0.4,  0.4",
    "NUCLEUS, 2, 0.3,  0.3"
  })
  void a_box_counts_by_its_kind_and_frames(
      BoxKind kind, int frames, double byComb, double asBoxes) {
    BroodBox box = new BroodBox(kind, frames);
    assertThat(BoxFactor.of(box, MediumBoxes.BY_COMB)).isCloseTo(byComb, within(1e-12));
    assertThat(BoxFactor.of(box, MediumBoxes.AS_BOXES)).isCloseTo(asBoxes, within(1e-12));
  }

  @Test
  void a_wide_box_is_one_box_on_the_label() {
    assertThat(BoxFactor.sum(BoxNotation.read("deep 14"), MediumBoxes.BY_COMB)).isEqualTo(1.2);
    assertThat(BoxFactor.labelSum(BoxNotation.read("deep 14"), MediumBoxes.BY_COMB)).isEqualTo(1);
  }
}
