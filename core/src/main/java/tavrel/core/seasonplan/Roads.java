package tavrel.core.seasonplan;

import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import tavrel.core.FigureSource;
import tavrel.core.InvalidValue;
import tavrel.core.ModelParameter;
import tavrel.core.weather.Place;

/**
 * Ways between places: as the crow flies times a road factor, at a usual speed, unless somebody
 * measured the way. An estimate, but for measured ways.
 *
 * @param factor length of the road over that of the great circle
 * @param kmh usual speed with a loaded truck, km/h
 * @param measured ways that somebody knows better
 */
public record Roads(double factor, double kmh, List<Measured> measured) {

  /** Mean radius of the earth, km (IUGG). */
  private static final double EARTH_KM = 6_371.009;

  private static final ModelParameter FACTOR =
      new ModelParameter(
          "roads.factor",
          1.35,
          1,
          3,
          "",
          "Length of the road over the distance as the crow flies",
          FigureSource.COUNTRY_ROADS);
  private static final ModelParameter SPEED =
      new ModelParameter(
          "roads.speed",
          50,
          5,
          110,
          "km/h",
          "Usual speed between apiaries with a loaded truck",
          FigureSource.COUNTRY_ROADS);

  /**
   * A way that was driven and timed; it holds both ways.
   *
   * @param one a place
   * @param other another
   * @param km its length, km
   * @param minutes how long it takes, min
   */
  public record Measured(UUID one, UUID other, double km, int minutes) {

    /**
     * @throws InvalidValue naming the component that cannot be
     */
    public Measured {
      InvalidValue.inRange("km", km, 0, 2_000, "km");
      InvalidValue.inRange("minutes", minutes, 0, 1_440, "minutes");
      if (one.equals(other)) {
        throw new InvalidValue("other", "samePlace", "is the same place");
      }
    }

    boolean joins(UUID a, UUID b) {
      return Set.of(one, other).equals(Set.of(a, b));
    }
  }

  /**
   * One way.
   *
   * @param km its length, km
   * @param minutes how long it takes, min
   * @param measured whether somebody drove and timed it
   */
  public record Way(double km, int minutes, boolean measured) {}

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Roads {
    InvalidValue.inRange(FACTOR.key(), factor, FACTOR.least(), FACTOR.most(), FACTOR.unit());
    InvalidValue.inRange(SPEED.key(), kmh, SPEED.least(), SPEED.most(), SPEED.unit());
    measured = List.copyOf(measured);
  }

  /** Figures that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(FACTOR, SPEED);
  }

  /** With the keeper's own figures. */
  public static Roads of(Map<String, Double> own, List<Measured> measured) {
    return new Roads(FACTOR.in(own), SPEED.in(own), measured);
  }

  /** The way from one place to another. */
  public Way way(UUID fromId, Place from, UUID toId, Place to) {
    if (fromId.equals(toId)) {
      return new Way(0, 0, false);
    }
    return measured.stream()
        .filter(known -> known.joins(fromId, toId))
        .findFirst()
        .map(known -> new Way(known.km(), known.minutes(), true))
        .orElseGet(
            () -> {
              double km = factor * crowKm(from, to);
              return new Way(km, (int) Math.ceil(km / kmh * 60), false);
            });
  }

  /** Length of a day's drive from home to all stops and back, km: each time to the nearest left. */
  public double tourKm(UUID homeId, Place home, Map<UUID, Place> stops) {
    Map<UUID, Place> left = new HashMap<>(stops);
    UUID atId = homeId;
    Place at = home;
    double km = 0;
    while (!left.isEmpty()) {
      UUID fromId = atId;
      Place from = at;
      UUID next =
          Collections.min(
              left.keySet(),
              Comparator.comparingDouble(
                      (UUID id) -> way(fromId, from, id, Objects.requireNonNull(left.get(id))).km())
                  .thenComparing(id -> id));
      Place there = Objects.requireNonNull(left.remove(next));
      km += way(fromId, from, next, there).km();
      atId = next;
      at = there;
    }
    return km + way(atId, at, homeId, home).km();
  }

  /** Great-circle distance, km, by the haversine formula. */
  static double crowKm(Place from, Place to) {
    double lat1 = Math.toRadians(from.latitude());
    double lat2 = Math.toRadians(to.latitude());
    double across = Math.sin((lat2 - lat1) / 2);
    double along = Math.sin(Math.toRadians(to.longitude() - from.longitude()) / 2);
    double half = across * across + Math.cos(lat1) * Math.cos(lat2) * along * along;
    return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(half)));
  }
}
