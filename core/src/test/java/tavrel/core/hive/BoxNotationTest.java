package tavrel.core.hive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tavrel.core.InvalidValue;

class BoxNotationTest {

  @ParameterizedTest
  @CsvSource({
    "deep,                 deep 10",
    "DEEP 12,              deep 12",
    "'deep 10 + medium 8', deep 10 + medium 8",
    "'2x deep',            2x deep 10",
    "'2 × deep 10',        2x deep 10",
    "'2 deeps',            2x deep 10",
    "'deep10+deep10',      2x deep 10",
    "'deep/medium',        deep 10 + medium 10",
    "nucleus,              nucleus 5",
    "'nuc 6 frames',       nucleus 6"
  })
  void a_roster_cell_is_read_as_keepers_write_it(String written, String read) {
    assertThat(BoxNotation.write(BoxNotation.read(written))).isEqualTo(read);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "barrel",
        "deep + ",
        "deep 400",
        "deep 0",
        "nucleus 10",
        "9x deep",
        "0 deep",
        "+",
        "deep ten"
      })
  void what_is_no_box_is_refused_with_the_field_named(String written) {
    assertThatThrownBy(() -> BoxNotation.read(written))
        .isInstanceOfSatisfying(
            InvalidValue.class, refused -> assertThat(refused.field()).isEqualTo("boxes"));
  }

  @ParameterizedTest
  @CsvSource({
    "solid, SOLID",
    "'mesh, tray tight', MESH_TIGHT_TRAY",
    "'Mesh with loose tray', MESH_LOOSE_TRAY",
    "mesh-tray-loose, MESH_LOOSE_TRAY",
    "BARE MESH, BARE_MESH"
  })
  void floors_are_read_whatever_stands_between_the_words(String written, Floor floor) {
    assertThat(BoxNotation.readFloor(written)).isEqualTo(floor);
    assertThat(BoxNotation.readFloor(floor.words())).isEqualTo(floor);
  }

  @Test
  void plain_mesh_is_refused_because_the_tray_decides_what_stays() {
    assertThatThrownBy(() -> BoxNotation.readFloor("mesh")).hasMessageContaining("mesh tray tight");
  }
}
