package tavrel.core.weather;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * A point on the ground.
 *
 * @param latitude degrees, north positive, −90 to 90
 * @param longitude degrees, east positive, −180 to 180
 * @param altitude metres above the sea, −500 to 6,000
 */
public record Place(double latitude, double longitude, double altitude) {

  /**
   * @throws InvalidValue if it is not on the globe, or so high or low that nobody keeps bees there
   */
  public Place {
    InvalidValue.inRange("latitude", latitude, -90, 90, "degrees, north positive");
    InvalidValue.inRange("longitude", longitude, -180, 180, "degrees, east positive");
    InvalidValue.inRange("altitude", altitude, -500, 6_000, "m above the sea");
  }

  /** Whether a latitude lies south of the equator; one that nobody told counts as north. */
  public static boolean isSouth(@Nullable Double latitude) {
    return latitude != null && latitude < 0;
  }

  /** A place whose height nobody told: taken as at the level of the sea. */
  public Place(double latitude, double longitude) {
    this(latitude, longitude, 0);
  }
}
