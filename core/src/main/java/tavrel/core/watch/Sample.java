package tavrel.core.watch;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * One reading of a tool.
 *
 * @param seconds since its stream began
 * @param celsius of the bowl, °C
 * @param volts of its pack under load, V, or null where it runs on the mains
 */
public record Sample(double seconds, double celsius, @Nullable Double volts) {

  /**
   * @throws InvalidValue if it is none that a thermometer or a pack can give
   */
  public Sample {
    InvalidValue.inRange("seconds", seconds, 0, 86_400, "s");
    InvalidValue.inRange("celsius", celsius, -60, 900, "°C");
    if (volts != null) {
      InvalidValue.inRange("volts", volts, 0, 450, "V");
    }
  }
}
