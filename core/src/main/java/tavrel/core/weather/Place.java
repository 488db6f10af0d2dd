package tavrel.core.weather;

import tavrel.core.InvalidValue;

/**
 * A point on the ground.
 *
 * @param latitude degrees, north positive, −90 to 90
 * @param longitude degrees, east positive, −180 to 180
 */
public record Place(double latitude, double longitude) {

  /**
   * @throws InvalidValue if it is not on the globe
   */
  public Place {
    InvalidValue.inRange("latitude", latitude, -90, 90, "degrees, north positive");
    InvalidValue.inRange("longitude", longitude, -180, 180, "degrees, east positive");
  }
}
