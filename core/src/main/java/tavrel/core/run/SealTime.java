package tavrel.core.run;

import java.time.Duration;
import org.jspecify.annotations.Nullable;

/** How long a hive may stay shut. */
public final class SealTime {

  private SealTime() {}

  /**
   * Longest advisable time from the first shutting, by the warmth of the air: 45 min to 15 °C, 30
   * min to 25 °C, 20 min above. An unknown temperature counts as mild.
   */
  public static Duration longestShut(@Nullable Double celsius) {
    if (celsius != null && celsius <= 15) {
      return Duration.ofMinutes(45);
    }
    return Duration.ofMinutes(celsius != null && celsius > 25 ? 20 : 30);
  }
}
