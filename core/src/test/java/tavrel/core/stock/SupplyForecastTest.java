package tavrel.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;

class SupplyForecastTest {

  private static final LocalDate DAY = LocalDate.of(2026, 8, 20);
  private static final SupplyForecast.ToolNow BOWL =
      new SupplyForecast.ToolNow("Bowl 1", 100, 90, "Green pack", 40, 1);

  @Test
  void seals_are_changed_by_the_burns_to_come_and_those_already_on_them() {
    SupplyForecast seals =
        SupplyForecast.seals(List.of(round(7, 105), round(0, 5)), List.of(BOWL), 1);
    assertThat(seals).isNotNull();
    assertThat(seals.pieces()).as("90 + 5 + 105 = 200").isEqualTo(2);
    assertThat(seals.runsOutOn()).isEqualTo(DAY.plusDays(7));
    assertThat(SupplyForecast.seals(List.of(round(0, 9)), List.of(BOWL), 0).pieces()).isZero();
    assertThat(SupplyForecast.seals(List.of(round(0, 9)), List.of(BOWL), 0).runsOutOn()).isNull();
  }

  @Test
  void without_a_count_nothing_runs_out_and_without_a_life_nothing_is_foretold() {
    assertThat(SupplyForecast.seals(List.of(round(0, 300)), List.of(BOWL), null).runsOutOn())
        .isNull();
    SupplyForecast.ToolNow silent = new SupplyForecast.ToolNow("Bowl 1", null, 90, null, null, 0);
    assertThat(SupplyForecast.seals(List.of(round(0, 300)), List.of(silent), 1)).isNull();
    assertThat(SupplyForecast.filters(List.of(round(0, 9)), FilterWear.unknown(Map.of()), 0.1, 1))
        .isNull();
  }

  @Test
  void filters_are_changed_by_the_hours_that_the_burns_will_take() {
    FilterWear worn = FilterWear.of(6, Instant.EPOCH, Map.of());
    SupplyForecast filters =
        SupplyForecast.filters(List.of(round(0, 10), round(7, 90)), worn, 0.1, 0);
    assertThat(filters.pieces()).as("6 + 1 h, + 9 h = 16 h of 8 h each").isEqualTo(2);
    assertThat(filters.runsOutOn()).isEqualTo(DAY.plusDays(7));
    assertThat(filters.from())
        .isEqualTo(Fact.of("stock.fromFilters").minutes("aHive", 6).figure("every", 8));
  }

  @Test
  void hours_a_burn_are_those_on_record_or_a_guess_where_none_are() {
    assertThat(SupplyForecast.hoursPerBurn(3, 60)).isEqualTo(0.05);
    assertThat(SupplyForecast.hoursPerBurn(0, 0)).isEqualTo(0.1);
  }

  @Test
  void the_heaviest_day_of_a_pack_is_named_where_its_charges_do_not_suffice() {
    assertThat(SupplyForecast.shortOfCharges(List.of(round(0, 41), round(7, 90)), List.of(BOWL)))
        .containsExactly(
            Fact.of("stock.shortOfCharges")
                .text("pack", "Green pack")
                .count("needed", 3, "charge")
                .day("day", DAY.plusDays(7))
                .figure("there", 1));
    assertThat(SupplyForecast.shortOfCharges(List.of(round(0, 40)), List.of(BOWL))).isEmpty();
  }

  private static SupplyForecast.ToCome round(int days, int burns) {
    return new SupplyForecast.ToCome(DAY.plusDays(days), 2 * burns, "Bowl 1", burns);
  }
}
