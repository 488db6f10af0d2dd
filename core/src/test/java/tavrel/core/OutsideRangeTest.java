package tavrel.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutsideRangeTest {

  @Test
  void a_weight_is_told_as_one_so_that_its_reader_has_it_in_his_unit() {
    InvalidValue told = refused("g a box");
    assertThat(told).hasMessage("is 40; allowed is 0.1 to 10 g a box");
    assertThat(told.values())
        .containsEntry("value", new Value.Grams(40, null))
        .containsEntry("unit", new Value.Word("Unit.aBox"));
  }

  @Test
  void a_temperature_and_a_sign_stand_alone() {
    assertThat(refused("°C").values())
        .containsEntry("max", new Value.Celsius(10))
        .containsEntry("unit", "");
    assertThat(refused("mm").values()).containsEntry("max", 10.0).containsEntry("unit", "mm");
  }

  @ParameterizedTest
  @CsvSource({
    "days, days",
    "% of bees, ofBees",
    "as a version, asAVersion",
    "weighings; ten are good, weighingsTenAreGood",
    "in your money an hour, inYourMoneyAnHour"
  })
  void what_follows_a_figure_has_a_code(String unit, String code) {
    assertThat(refused(unit).values()).containsEntry("unit", new Value.Word("Unit." + code));
  }

  @Test
  void what_only_looks_like_a_day_is_told_as_it_was_typed() {
    InvalidValue refused = new InvalidValue("day", "noDay", "is {typed}", "2026-13-45");
    assertThat(refused.told().values()).containsEntry("typed", new Value.Text("2026-13-45"));
  }

  @Test
  void an_apostrophe_is_no_gap() {
    assertThat(refused("as a round's number").values())
        .containsEntry("unit", new Value.Word("Unit.asARoundsNumber"));
    assertThat(refused("o'clock").values()).containsEntry("unit", new Value.Word("Unit.oclock"));
  }

  private static InvalidValue refused(String unit) {
    return catchThrowableOfType(
        InvalidValue.class, () -> InvalidValue.inRange("grams", 40, 0.1, 10, unit));
  }
}
