package tavrel.core.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.weather.Place;

class RoadsTest {

  private static final UUID HOME = new UUID(0, 0);
  private static final UUID NEAR = new UUID(0, 1);
  private static final UUID FAR = new UUID(0, 2);
  private static final Place DEPOT = new Place(0, 0);
  private static final Map<UUID, Place> ALONG_THE_EQUATOR =
      Map.of(FAR, new Place(0, 0.2), NEAR, new Place(0, 0.1));

  /** A tenth of a degree of the equator, km. */
  private static final double TENTH = 2 * Math.PI * 6_371.009 / 3_600;

  @Test
  void a_day_goes_to_the_nearest_first_and_home_from_the_last() {
    Roads straight = new Roads(1, 50, List.of());
    assertThat(straight.tourKm(HOME, DEPOT, ALONG_THE_EQUATOR)).isCloseTo(4 * TENTH, within(1e-6));
    assertThat(straight.tourKm(HOME, DEPOT, Map.of())).isZero();
  }

  @Test
  void a_way_that_was_driven_holds_in_a_day_too() {
    Roads known = new Roads(1, 50, List.of(new Roads.Measured(FAR, HOME, 100, 90)));
    assertThat(known.tourKm(HOME, DEPOT, ALONG_THE_EQUATOR))
        .isCloseTo(2 * TENTH + 100, within(1e-6));
  }
}
