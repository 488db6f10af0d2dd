package tavrel.core.weather;

import tavrel.core.InvalidValue;
import tavrel.core.NumberText;

/**
 * At what warmth, or at which light, a keeper wants to treat.
 *
 * @param words its name on screen
 * @param from coolest, °C; negative infinity for none
 * @param to warmest, °C; positive infinity for none
 * @param edgesOfDay whether only first light and dusk will do, when bees are home
 */
public record Warmth(String words, double from, double to, boolean edgesOfDay) {

  /**
   * A keeper's own range.
   *
   * @throws InvalidValue if it is empty, or no weather's
   */
  public static Warmth own(double from, double to) {
    InvalidValue.inRange("ownFrom", from, -30, 45, "°C");
    InvalidValue.inRange("ownTo", to, -30, 50, "°C");
    if (from >= to) {
      throw new InvalidValue("ownFrom", "must lie below the warmest");
    }
    return new Warmth(
        "own, " + NumberText.plain(from) + " to " + NumberText.plain(to) + " °C", from, to, false);
  }

  /** How far outside its range a temperature lies, °C; 0 inside. */
  double outside(double celsius) {
    return Math.max(0, Math.max(from - celsius, celsius - to));
  }
}
