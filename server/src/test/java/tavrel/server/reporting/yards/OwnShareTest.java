package tavrel.server.reporting.yards;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class OwnShareTest {

  private static final UUID NORTH = new UUID(0, 1);
  private static final UUID SOUTH = new UUID(0, 2);
  private static final UUID NOBODYS = new UUID(0, 3);
  private static final OwnShare NORTHS =
      new OwnShare(Set.of("Gannet"), Set.of(NORTH), Set.of(NORTH, SOUTH));

  @Test
  void is_the_work_of_ones_crews_and_what_no_crew_goes_to() {
    assertThat(NORTHS.has(NORTH)).isTrue();
    assertThat(NORTHS.has(SOUTH)).isFalse();
    assertThat(NORTHS.has(NOBODYS)).isTrue();
  }

  @Test
  void a_round_belongs_to_the_crew_that_was_agreed_for_it_wherever_it_is() {
    assertThat(NORTHS.hasRound(SOUTH, "Gannet")).isTrue();
    assertThat(NORTHS.hasRound(NORTH, "Petrel")).isFalse();
    assertThat(NORTHS.hasRound(SOUTH, null)).isFalse();
    assertThat(NORTHS.hasRound(NORTH, null)).isTrue();
  }

  @Test
  void whoever_is_of_no_crew_has_all_of_it() {
    assertThat(OwnShare.ALL.hasRound(SOUTH, "Petrel")).isTrue();
    assertThat(OwnShare.ALL.has(NORTH)).isTrue();
  }
}
