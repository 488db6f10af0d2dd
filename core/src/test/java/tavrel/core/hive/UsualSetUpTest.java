package tavrel.core.hive;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class UsualSetUpTest {

  private static Hive hive(int place, String boxes, Floor floor) {
    return Hive.ofRoster(new UUID(1, place), "Q" + place, place, BoxNotation.read(boxes), 0, floor);
  }

  @Test
  void is_how_most_of_a_yard_stand() {
    UsualSetUp usual =
        UsualSetUp.of(
            List.of(
                hive(1, "deep 10", Floor.SOLID),
                hive(2, "2x deep 10", Floor.BARE_MESH),
                hive(3, "2x deep 10", Floor.BARE_MESH)));

    assertThat(BoxNotation.write(usual.boxes())).isEqualTo("2x deep 10");
    assertThat(usual.floor()).isEqualTo(Floor.BARE_MESH);
  }

  @Test
  void is_one_deep_where_nothing_stands_yet() {
    assertThat(UsualSetUp.of(List.of())).isEqualTo(UsualSetUp.ONE_DEEP);
  }
}
