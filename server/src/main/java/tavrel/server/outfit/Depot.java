package tavrel.server.outfit;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.UUID;
import tavrel.core.InvalidValue;
import tavrel.core.weather.Place;

/**
 * Where crews start and end.
 *
 * @param name what the outfit calls it
 * @param latitude degrees, north positive
 * @param longitude degrees, east positive
 * @param zone the time zone in which crews' hours are told
 */
public record Depot(String name, double latitude, double longitude, String zone) {

  /** Stands for the depot among places. */
  public static final UUID ID = new UUID(0, 0);

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Depot {
    name = InvalidValue.text("name", name, 60);
    new Place(latitude, longitude);
    try {
      ZoneId.of(zone);
    } catch (DateTimeException unknown) {
      throw new InvalidValue("zone", "noTimeZoneKnown", "is no time zone that is known here");
    }
  }

  /** Where it lies. */
  public Place place() {
    return new Place(latitude, longitude);
  }

  /** Its zone. */
  public ZoneId zoneId() {
    return ZoneId.of(zone);
  }
}
