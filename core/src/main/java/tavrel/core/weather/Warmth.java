package tavrel.core.weather;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * At what warmth, or at which light, a keeper wants to treat.
 *
 * @param kind what keepers call it
 * @param from coolest, °C, or null for none
 * @param to warmest, °C, or null for none
 */
public record Warmth(Kind kind, @Nullable Double from, @Nullable Double to) {

  /** Kinds of warmth. */
  public enum Kind {
    COOL,
    MILD,
    /** Any warmth, but only first light and dusk will do, when bees are home. */
    EDGES_OF_DAY,
    /** The keeper's own range. */
    OWN
  }

  /**
   * A keeper's own range.
   *
   * @throws InvalidValue if it is empty, or no weather's
   */
  public static Warmth own(double from, double to) {
    InvalidValue.inRange("ownFrom", from, -30, 45, "°C");
    InvalidValue.inRange("ownTo", to, -30, 50, "°C");
    if (from >= to) {
      throw new InvalidValue("ownFrom", "mustLieBelowWarmest", "must lie below the warmest");
    }
    return new Warmth(Kind.OWN, from, to);
  }

  /** Whether only first light and dusk will do. */
  boolean onlyEdgesOfDay() {
    return kind == Kind.EDGES_OF_DAY;
  }

  /** How far outside its range a temperature lies, °C; 0 inside. */
  double outside(double celsius) {
    double below = from == null ? 0 : from - celsius;
    double above = to == null ? 0 : celsius - to;
    return Math.max(0, Math.max(below, above));
  }
}
