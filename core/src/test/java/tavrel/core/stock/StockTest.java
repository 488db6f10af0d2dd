package tavrel.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

class StockTest {

  @Test
  void a_bank_lasts_as_long_as_its_usable_share_through_the_inverter() {
    // 100 Ah × 12 V × 0.5 × 0.85 ÷ 275 W ÷ 0.5 = 3.709 h; 60 s a burn: 222 burns.
    PowerNeed need = PowerNeed.of(new PowerNeed.Bank(275, 100, 12, 0.5, 0.5, 60));
    assertThat(need.hours()).isCloseTo(3.709, within(0.001));
    assertThat(need.burns()).isEqualTo(222);
    assertThat(need.inverterWatts()).isCloseTo(343.75, within(1e-9));
    assertThat(need.amps()).isCloseTo(26.96, within(0.01));
  }

  @Test
  void a_bank_that_cannot_be_is_refused_at_the_field() {
    assertThatThrownBy(() -> new PowerNeed.Bank(275, 100, 12, 1.5, 0.5, 60))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("usableShare"));
  }

  @Test
  void the_dear_tool_pays_from_the_hives_where_its_saved_time_covers_its_price() {
    // A year: pan 120/8 = 15, bowl 560/8 = 70: 55 dearer. It saves 9 min × 3 rounds = 0.45 h a
    // hive, at 20 an hour 9 a hive: from the seventh hive on.
    ToolCost pan = new ToolCost("Pan", 120, 10, 8);
    ToolCost bowl = new ToolCost("Bowl", 560, 1, 8);
    ToolCost.ToolsCompared compared = ToolCost.compare(pan, bowl, new ToolCost.Rates(20, 3, 30));
    assertThat(compared.paysFrom()).isEqualTo(7);
    assertThat(pan.aYear(10, new ToolCost.Rates(20, 3, 30)))
        .as("15 + (100 + 30)·3/60·20")
        .isCloseTo(145, within(1e-9));
    assertThat(compared.rows().get(0).first()).isLessThan(compared.rows().get(0).second());
  }

  @Test
  void a_tool_that_is_dearer_and_slower_never_pays() {
    assertThat(
            ToolCost.compare(
                    new ToolCost("Bowl", 100, 1, 8),
                    new ToolCost("Pan", 200, 10, 8),
                    new ToolCost.Rates(20, 3, 30))
                .paysFrom())
        .isNull();
  }
}
