package tavrel.server.apiary;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Hive;
import tavrel.core.weather.Place;
import tavrel.server.http.Problem;

/** Apiaries and their hives. */
@Service
public class Apiaries {

  private final ApiaryMapper mapper;
  private final PlaceZones zones;
  private final Clock clock;

  Apiaries(ApiaryMapper mapper, PlaceZones zones, Clock clock) {
    this.mapper = mapper;
    this.zones = zones;
    this.clock = clock;
  }

  /** All, by name. */
  public List<Apiary> all() {
    return mapper.all();
  }

  /**
   * The apiary with this id.
   *
   * @throws Problem 404
   */
  public Apiary byId(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing("This apiary"));
  }

  /** Its hives in walking order. */
  public List<Hive> hives(UUID id) {
    return mapper.hives(id);
  }

  /** Number of hives in one apiary. */
  public int hiveCount(UUID id) {
    return mapper.hiveCount(id);
  }

  /** Number of hives by apiary; one without hives is missing. */
  public Map<UUID, Integer> hiveCounts() {
    return mapper.hiveCounts().stream()
        .collect(Collectors.toMap(HivesPerApiary::apiaryId, HivesPerApiary::hives));
  }

  /**
   * What somebody says of an apiary.
   *
   * @param name what the keeper calls it; unique
   * @param latitude degrees, north positive, or null with the longitude
   * @param longitude degrees, east positive, or null with the latitude
   * @param altitude height above the sea, m, or null
   * @param zone its time zone, or null to find it from its place
   */
  public record Described(
      String name,
      @Nullable Double latitude,
      @Nullable Double longitude,
      @Nullable Double altitude,
      @Nullable String zone) {}

  /**
   * Changes name, place or zone.
   *
   * @throws InvalidValue if it cannot be, or the zone cannot be told from the place
   */
  @Transactional
  Apiary change(UUID id, Described described) {
    Apiary kept = byId(id);
    Apiary changed = zoned(kept, described);
    if (mapper.byName(changed.name()).filter(other -> !other.id().equals(id)).isPresent()) {
      throw new InvalidValue("name", "is taken by another apiary");
    }
    mapper.change(changed);
    return changed;
  }

  private Apiary zoned(Apiary kept, Described described) {
    Apiary there =
        new Apiary(
            kept.id(),
            described.name(),
            described.latitude(),
            described.longitude(),
            described.altitude(),
            described.zone() == null ? kept.zone() : described.zone(),
            described.zone() == null ? kept.zoneFrom() : ZoneFrom.PERSON);
    Place place = there.place();
    if (described.zone() != null
        || place == null
        || (there.isWhere(kept) && kept.zoneFrom() == ZoneFrom.PLACE)) {
      return there;
    }
    return there.inZone(zones.toldBy(place), ZoneFrom.PLACE);
  }

  /**
   * A hive with this id, and where it stands.
   *
   * @throws Problem 404
   */
  public Hive hive(UUID hiveId) {
    return mapper
        .keptHive(hiveId)
        .map(HiveRow::hive)
        .orElseThrow(() -> Problem.missing("This hive"));
  }

  /**
   * Several hives and where they stand, by id.
   *
   * @throws Problem 404 where one is not there
   */
  public Map<UUID, HiveAt> hivesAt(Set<UUID> hiveIds) {
    if (hiveIds.isEmpty()) {
      return Map.of();
    }
    Map<UUID, Apiary> apiaries =
        all().stream().collect(Collectors.toMap(Apiary::id, Function.identity()));
    Map<UUID, UUID> standing =
        mapper.standing(hiveIds).stream()
            .collect(Collectors.toMap(ApiaryMapper.Stands::hiveId, ApiaryMapper.Stands::apiaryId));
    if (standing.size() < hiveIds.size()) {
      throw Problem.missing("A hive");
    }
    return mapper.keptHives(hiveIds).stream()
        .map(HiveRow::hive)
        .collect(
            Collectors.toMap(
                Hive::id,
                hive ->
                    new HiveAt(
                        hive, Objects.requireNonNull(apiaries.get(standing.get(hive.id()))))));
  }

  /** Today's date there. */
  public LocalDate today(Apiary apiary) {
    return LocalDate.ofInstant(clock.instant(), apiary.zoneId());
  }

  /** The apiary that a hive stands in. */
  public Apiary ofHive(UUID hiveId) {
    return byId(apiaryOf(hiveId));
  }

  /**
   * Where a hive stands.
   *
   * @throws Problem 404
   */
  public UUID apiaryOf(UUID hiveId) {
    return mapper.apiaryOf(hiveId).orElseThrow(() -> Problem.missing("This hive"));
  }
}
