package tavrel.core.hive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.InvalidValue;

class HiveChangeTest {

  private static final Hive HIVE =
      Hive.ofRoster(UUID.randomUUID(), "7", 7, BoxNotation.read("deep"), 1, Floor.BARE_MESH);

  @Test
  void what_is_not_named_stays_as_it_stands() {
    assertThat(change(null, null, null).applyTo(HIVE)).isEqualTo(HIVE);
  }

  @Test
  void boxes_are_painted_in_the_words_of_a_roster() {
    Hive changed = change("2x deep + medium 8", null, null).applyTo(HIVE);
    assertThat(BoxNotation.write(changed.boxes())).isEqualTo("2x deep 10 + medium 8");
    assertThat(changed.floor()).isEqualTo(Floor.BARE_MESH);
    assertThat(changed.broodLitres()).isCloseTo(84 + 22.4, within(1e-9));
  }

  @Test
  void a_hive_without_boxes_is_refused_at_the_field() {
    assertThatThrownBy(() -> change("", null, null).applyTo(HIVE))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("boxes"));
  }

  @Test
  void an_empty_stand_parts_a_twin_and_undoes_the_divider() {
    Hive twin = change(null, "Stand 3", true).applyTo(HIVE);
    assertThat(twin.fittings().stand()).isEqualTo("Stand 3");
    Hive alone = change(null, "", null).applyTo(twin);
    assertThat(alone.fittings().stand()).isNull();
    assertThat(alone.fittings().divided()).isFalse();
  }

  @Test
  void a_divided_box_needs_a_stand_to_name_its_other_side_by() {
    assertThatThrownBy(() -> change(null, null, true).applyTo(HIVE))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("stand"));
  }

  @Test
  void a_day_before_it_stood_is_refused_where_that_day_is_known() {
    LocalDate may = LocalDate.of(2026, 5, 3);
    Hive young = HIVE.since(may);
    assertThatThrownBy(() -> young.refuseBefore("day", may.minusDays(1)))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("stands here since 2026-05-03");
    young.refuseBefore("day", may);
    HIVE.refuseBefore("day", may.minusYears(9));
    assertThat(change(null, null, null).applyTo(young).since()).isEqualTo(may);
    assertThat(HIVE.fittedAs(young).since()).as("a roster that is silent about it").isEqualTo(may);
  }

  private static HiveChange change(String boxes, String stand, Boolean divided) {
    return new HiveChange(
        boxes, null, null, null, null, null, null, null, null, null, stand, divided, null, null);
  }
}
