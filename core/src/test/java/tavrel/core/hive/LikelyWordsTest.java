package tavrel.core.hive;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A word that a roster does not have is answered with those that it may have been meant for. */
class LikelyWordsTest {

  @Test
  void mesh_alone_may_be_any_of_the_mesh_floors_and_never_first_a_solid_one() {
    assertThat(LikelyWords.floors("mesh"))
        .containsExactly("mesh tray tight", "mesh tray loose", "bare mesh", "solid");
    assertThat(LikelyWords.floors("Mesh, loose tray")).startsWith("mesh tray loose");
    assertThat(LikelyWords.floors("solid wood")).startsWith("solid");
  }

  @Test
  void boxes_in_another_order_are_known_again_and_what_others_have_comes_next() {
    assertThat(LikelyWords.boxes("10-frame deeps", List.of("2x medium 8"))).startsWith("deep 10");
    assertThat(LikelyWords.boxes("garden hive", List.of("2x medium 8", "medium 8")))
        .startsWith("2x medium 8", "medium 8");
  }

  @Test
  void everything_that_is_offered_can_be_read() {
    assertThat(LikelyWords.floors("x")).allSatisfy(BoxNotation::readFloor);
    assertThat(LikelyWords.boxes("x", List.of())).allSatisfy(BoxNotation::read);
  }
}
