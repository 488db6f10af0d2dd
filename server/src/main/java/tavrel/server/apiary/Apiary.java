package tavrel.server.apiary;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.weather.Place;

/**
 * A place where hives stand.
 *
 * @param id key
 * @param name what the keeper calls it; unique
 * @param latitude degrees, north positive, or null with the longitude
 * @param longitude degrees, east positive, or null with the latitude
 * @param altitude height above the sea, m, or null
 * @param zone the time zone that its days are counted in
 * @param zoneFrom where that comes from
 * @param closedOn since when nobody uses it, or null while it is used
 */
public record Apiary(
    UUID id,
    String name,
    @Nullable Double latitude,
    @Nullable Double longitude,
    @Nullable Double altitude,
    String zone,
    ZoneFrom zoneFrom,
    @Nullable LocalDate closedOn) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Apiary {
    name = InvalidValue.text("name", name, 60);
    if ((latitude == null) != (longitude == null)) {
      throw new InvalidValue(
          latitude == null ? "latitude" : "longitude",
          "missingGiveBothOr",
          "is missing; give both or neither");
    }
    new Place(orZero(latitude), orZero(longitude), orZero(altitude));
    try {
      ZoneId.of(zone);
    } catch (DateTimeException unknown) {
      throw new InvalidValue("zone", "noTimeZoneKnown", "is no time zone that is known here");
    }
  }

  /** Where it is, or null if nobody has said. */
  public @Nullable Place place() {
    return latitude == null || longitude == null
        ? null
        : new Place(latitude, longitude, orZero(altitude));
  }

  private static double orZero(@Nullable Double value) {
    return value == null ? 0 : value;
  }

  /** Whether it lies where another does. */
  public boolean isWhere(Apiary other) {
    return Objects.equals(latitude, other.latitude) && Objects.equals(longitude, other.longitude);
  }

  /** The same in another zone. */
  public Apiary inZone(String another, ZoneFrom from) {
    return new Apiary(id, name, latitude, longitude, altitude, another, from, closedOn);
  }

  /** The same, closed on a day, or open again. */
  Apiary closed(@Nullable LocalDate day) {
    return new Apiary(id, name, latitude, longitude, altitude, zone, zoneFrom, day);
  }

  /** Whether it is used. */
  public boolean isOpen() {
    return closedOn == null;
  }

  /** Its zone. */
  public ZoneId zoneId() {
    return ZoneId.of(zone);
  }
}
