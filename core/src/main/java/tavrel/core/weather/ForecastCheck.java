package tavrel.core.weather;

import java.time.Instant;
import tavrel.core.InvalidValue;

/**
 * What had been foretold of an hour, held against what was read in it.
 *
 * @param at when it was read
 * @param foretold air temperature as its source said it, °C
 * @param read air temperature as it was read, °C
 * @param foretoldWorkable whether the hour was offered as worth working in
 * @param readWorkable whether it was, as it was read
 */
public record ForecastCheck(
    Instant at, double foretold, double read, boolean foretoldWorkable, boolean readWorkable) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public ForecastCheck {
    InvalidValue.inRange("foretold", foretold, -60, 60, "°C");
    InvalidValue.inRange("read", read, -60, 60, "°C");
  }

  /** How much warmer it was than foretold, °C. */
  double error() {
    return read - foretold;
  }
}
