package tavrel.core.pace;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * How an outfit usually works, whatever the yard.
 *
 * @param crew who works
 * @param cloths how many there are
 * @param caps caps of all bowls together, all filled on arrival; null where enough are
 * @param preparedAhead whether hives were made ready the evening before
 * @param times how long the hands take
 */
public record UsualWork(
    Crew crew, int cloths, @Nullable Integer caps, boolean preparedAhead, PaceTimes times) {

  /** One person alone with two dozen cloths, before anyone has said otherwise. */
  public static final UsualWork ALONE = new UsualWork(Crew.ONE, 24, null, false, PaceTimes.USUAL);

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public UsualWork {
    InvalidValue.inRange("cloths", cloths, 1, 2_000, "cloths");
    if (caps != null) {
      InvalidValue.inRange("caps", caps, 1, 2_000, "caps");
    }
  }
}
