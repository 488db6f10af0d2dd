package tavrel.server.apiary;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.zone.ZoneRulesProvider;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tavrel.core.InvalidValue;
import tavrel.core.weather.Place;
import us.dustinj.timezonemap.TimeZone;
import us.dustinj.timezonemap.TimeZoneMap;

/**
 * Time zones of places, from a map of zones that comes with a library. Only the region that is
 * asked for is read into memory, a few megabytes; the whole world would take about 175. Asked when
 * a place changes, and never again: an apiary keeps its zone.
 */
@Component
public class PlaceZones {

  private static final Logger LOG = LoggerFactory.getLogger(PlaceZones.class);

  /** Degrees; places of a file that share such a square are looked for in one load. */
  private static final double REGION = 4;

  /** Degrees around the outermost places. */
  private static final double RIM = 0.05;

  /** The map has the open sea in these. */
  private static final String SEA = "Etc/";

  private record Region(long north, long east) {}

  private final Cache<Place, Optional<String>> known =
      Caffeine.newBuilder().maximumSize(2_000).build();

  /** The zone in which a place lies; nothing for the open sea, or a zone that is not known here. */
  public Optional<String> of(Place place) {
    return Optional.ofNullable(of(List.of(place)).get(place));
  }

  /**
   * The same where there has to be one.
   *
   * @throws InvalidValue if the keeper has to say which it is
   */
  public String toldBy(Place place) {
    return of(place)
        .orElseThrow(
            () ->
                new InvalidValue(
                    "zone",
                    "cannotToldFromThis",
                    "cannot be told from this place, open sea or a zone not known here; say which it is"));
  }

  /** The same for many at once, one load for each region; places without a zone are missing. */
  public Map<Place, String> of(Collection<Place> places) {
    places.stream()
        .filter(place -> known.getIfPresent(place) == null)
        .distinct()
        .collect(Collectors.groupingBy(PlaceZones::region))
        .values()
        .forEach(this::look);
    Map<Place, String> found = new HashMap<>();
    for (Place place : places) {
      Optional<String> zone = known.getIfPresent(place);
      if (zone != null && zone.isPresent()) {
        found.put(place, zone.get());
      }
    }
    return found;
  }

  private static Region region(Place place) {
    return new Region(
        (long) Math.floor(place.latitude() / REGION),
        (long) Math.floor(place.longitude() / REGION));
  }

  /** One load at a time: each holds its region while it looks. */
  private synchronized void look(List<Place> places) {
    try {
      TimeZoneMap map =
          TimeZoneMap.forRegion(
              Math.max(-90, lowest(places, true) - RIM),
              Math.max(-180, lowest(places, false) - RIM),
              Math.min(90, highest(places, true) + RIM),
              Math.min(180, highest(places, false) + RIM));
      for (Place place : places) {
        known.put(
            place,
            Optional.ofNullable(map.getOverlappingTimeZone(place.latitude(), place.longitude()))
                .map(TimeZone::getZoneId)
                .filter(zone -> !zone.startsWith(SEA))
                .filter(ZoneRulesProvider.getAvailableZoneIds()::contains));
      }
    } catch (RuntimeException | LinkageError broken) {
      // The keeper is asked instead; it must not keep an apiary from being entered.
      LOG.warn("The map of time zones cannot be read: {}", broken.toString());
    }
  }

  private static double lowest(List<Place> places, boolean latitude) {
    return places.stream().mapToDouble(each -> degrees(each, latitude)).min().orElse(0);
  }

  private static double highest(List<Place> places, boolean latitude) {
    return places.stream().mapToDouble(each -> degrees(each, latitude)).max().orElse(0);
  }

  private static double degrees(Place place, boolean latitude) {
    return latitude ? place.latitude() : place.longitude();
  }
}
