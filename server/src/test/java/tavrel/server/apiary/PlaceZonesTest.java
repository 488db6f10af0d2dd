package tavrel.server.apiary;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tavrel.core.weather.Place;

class PlaceZonesTest {

  private static final Instant WINTER = Instant.parse("2026-01-15T12:00:00Z");
  private static final Instant SUMMER = Instant.parse("2026-07-15T12:00:00Z");

  private final PlaceZones zones = new PlaceZones();

  @Test
  void a_place_on_land_has_the_zone_of_its_clocks() {
    ZoneId east = ZoneId.of(zones.of(new Place(45.1, 10.2)).orElseThrow());
    assertThat(east.getRules().getOffset(WINTER)).isEqualTo(ZoneOffset.ofHours(1));
    assertThat(east.getRules().getOffset(SUMMER)).isEqualTo(ZoneOffset.ofHours(2));
    ZoneId west = ZoneId.of(zones.of(new Place(40.1, -99.2)).orElseThrow());
    assertThat(west.getRules().getOffset(WINTER)).isEqualTo(ZoneOffset.ofHours(-6));
    ZoneId south = ZoneId.of(zones.of(new Place(-33.1, 149.2)).orElseThrow());
    assertThat(south.getRules().getOffset(WINTER)).isEqualTo(ZoneOffset.ofHours(11));
  }

  @Test
  void the_open_sea_tells_no_zone() {
    assertThat(zones.of(new Place(47.6, -24.3))).isEmpty();
    assertThat(zones.of(new Place(0, 180))).isEmpty();
  }

  @Test
  void a_hundred_and_twenty_five_yards_are_looked_for_region_by_region() {
    List<Place> yards =
        IntStream.range(0, 125)
            .mapToObj(i -> new Place(44.2 + i % 25 * 0.05, 8.2 + Math.floorDiv(i, 25) * 0.3))
            .toList();
    Map<Place, String> found = zones.of(yards);
    assertThat(found).hasSize(125);
    assertThat(found.values())
        .allMatch(
            zone -> ZoneId.of(zone).getRules().getOffset(WINTER).equals(ZoneOffset.ofHours(1)));
  }
}
