package tavrel.server.apiary;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.weather.Place;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** Apiaries. */
@Service
public class Apiaries {

  private final ApiaryMapper mapper;
  private final PlaceZones zones;
  private final Clock clock;

  private final KeptWhileUnchanged<String, List<Apiary>> kept;

  Apiaries(ApiaryMapper mapper, PlaceZones zones, Clock clock, Changes changes) {
    kept = new KeptWhileUnchanged<>(changes, all -> List.copyOf(mapper.all()), "apiary");
    this.mapper = mapper;
    this.zones = zones;
    this.clock = clock;
  }

  /** All, by name. */
  public List<Apiary> all() {
    return kept.of("");
  }

  /**
   * The apiary with this id.
   *
   * @throws Problem 404
   */
  public Apiary byId(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.APIARY));
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
  public Apiary change(UUID id, Described described) {
    Apiary kept = byId(id);
    Apiary changed = zoned(kept, described);
    if (mapper.byName(changed.name()).filter(other -> !other.id().equals(id)).isPresent()) {
      throw new InvalidValue("name", "takenByAnotherApiary", "is taken by another apiary");
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
            described.zone() == null ? kept.zoneFrom() : ZoneFrom.PERSON,
            kept.closedOn());
    Place place = there.place();
    if (described.zone() != null
        || place == null
        || (there.isWhere(kept) && kept.zoneFrom() == ZoneFrom.PLACE)) {
      return there;
    }
    return there.inZone(zones.toldBy(place), ZoneFrom.PLACE);
  }

  /**
   * Opens an apiary that somebody describes. The same id again changes nothing.
   *
   * @param device zone of the device that asks, for a place that nobody has said
   * @throws InvalidValue if it cannot be, or its name is taken
   */
  @Transactional
  public Apiary open(UUID id, Described described, String device) {
    Apiary known = mapper.byId(id).orElse(null);
    if (known != null) {
      return known;
    }
    Apiary opened =
        zoned(
            new Apiary(id, described.name(), null, null, null, device, ZoneFrom.DEVICE, null),
            described);
    if (mapper.byName(opened.name()).isPresent()) {
      throw new InvalidValue("name", "takenByAnotherApiary", "is taken by another apiary");
    }
    mapper.add(opened, clock.instant());
    return opened;
  }

  /**
   * Closes an apiary for a time, or opens it again.
   *
   * @param day since when nobody uses it, or null to open it
   */
  @Transactional
  public Apiary close(UUID id, @Nullable LocalDate day) {
    Apiary apiary = byId(id);
    if (day != null && day.isAfter(today(apiary))) {
      throw new InvalidValue(
          "day", "lifeAhead", "{day} has not come yet; write it down when it has happened", day);
    }
    Apiary changed = apiary.closed(day);
    mapper.change(changed);
    return changed;
  }

  /** What one has to know to get there; empty where nobody wrote it. */
  ApiaryCard card(UUID id) {
    byId(id);
    return mapper.card(id).orElse(ApiaryCard.EMPTY);
  }

  /** What its card says for when somebody is hurt there. */
  public Rescue rescue(UUID id) {
    ApiaryCard card = card(id);
    return new Rescue(card.rescue(), card.poisonCentre());
  }

  /** Writes the card anew. */
  @Transactional
  ApiaryCard keepCard(UUID id, ApiaryCard card, String by) {
    byId(id);
    mapper.keepCard(id, card, by, clock.instant());
    return card(id);
  }

  /** Keeps an apiary that is new. */
  public void add(Apiary apiary, Instant at) {
    mapper.add(apiary, at);
  }

  /** Keeps an apiary as a file places it. */
  public void move(Apiary apiary) {
    mapper.change(apiary);
  }

  /** Today's date there. */
  public LocalDate today(Apiary apiary) {
    return LocalDate.ofInstant(clock.instant(), apiary.zoneId());
  }

  /**
   * Holds an apiary against a second change of its hives until this one is done.
   *
   * @throws Problem 404
   */
  public void hold(UUID id) {
    if (mapper.lock(id).isEmpty()) {
      throw Problem.missing(Missing.APIARY);
    }
  }
}
