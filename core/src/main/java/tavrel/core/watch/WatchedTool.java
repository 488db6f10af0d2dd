package tavrel.core.watch;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What a watcher has to know of a tool.
 *
 * @param setCelsius set temperature of the bowl, °C
 * @param preheatSeconds how long it usually takes to get hot, s
 * @param cutoffVolts under which its pack must not be drawn, V, or null for the mains
 */
public record WatchedTool(double setCelsius, int preheatSeconds, @Nullable Double cutoffVolts) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public WatchedTool {
    InvalidValue.inRange("setCelsius", setCelsius, 150, 300, "°C");
    InvalidValue.inRange("preheatSeconds", preheatSeconds, 1, 1_800, "s");
    if (cutoffVolts != null) {
      InvalidValue.inRange("cutoffVolts", cutoffVolts, 1, 400, "V");
    }
  }
}
