package tavrel.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.burn.AcidRelease;
import tavrel.core.burn.EndSign;
import tavrel.core.burn.PowerSource;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;

class WearTest {

  @Test
  void cleaning_is_due_after_each_apiary_and_names_where_it_burned() {
    assertThat(ToolWear.of(bowl(null), 30, List.of("Low Meadow", "Long Barn")).due())
        .containsExactly(Fact.of("gear.cleanIt").text("apiaries", "Low Meadow, Long Barn"));
    assertThat(ToolWear.of(bowl(null), 30, List.of()).due()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"199, false", "200, true", "250, true"})
  void seals_are_due_by_their_burns(int burns, boolean due) {
    assertThat(ToolWear.of(bowl(200), burns, List.of()).sealsDue()).isEqualTo(due);
    assertThat(ToolWear.of(bowl(null), burns, List.of()).sealsDue())
        .as("nobody said how long they last")
        .isFalse();
  }

  @Test
  void filters_are_due_by_the_hours_that_the_keeper_sets() {
    assertThat(FilterWear.of(7.9, Instant.EPOCH, Map.of()).due()).isFalse();
    assertThat(FilterWear.of(8, Instant.EPOCH, Map.of()).due()).isTrue();
    assertThat(FilterWear.of(8, Instant.EPOCH, Map.of("filterHours", 20.0)).due()).isFalse();
    assertThatThrownBy(() -> FilterWear.of(8, Instant.EPOCH, Map.of("filterHours", -1.0)))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void filters_whose_change_nobody_noted_are_neither_due_nor_good() {
    FilterWear unknown = FilterWear.unknown(Map.of());
    assertThat(unknown.hours()).isNull();
    assertThat(unknown.due()).isFalse();
  }

  private static Tool bowl(Integer sealsEvery) {
    return new Tool(
        UUID.randomUUID(),
        "Bowl",
        ToolFamily.HEATED_BOWL,
        PowerSource.MAINS,
        AcidRelease.CAP_TURNED,
        EndSign.LAMP,
        4,
        100,
        30,
        0,
        20,
        228.0,
        235.0,
        275.0,
        null,
        false,
        sealsEvery,
        15,
        null,
        null,
        false);
  }
}
