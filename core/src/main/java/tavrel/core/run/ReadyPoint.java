package tavrel.core.run;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Floor;

/** One point of making a hive ready ahead of the burn, in the order of doing. */
public enum ReadyPoint {
  BURR_COMB,
  SUPERS,
  TRAY,
  CRACKS,
  ENTRANCE;

  /** The points that matter for a hive with this floor and so many supers. */
  public static List<ReadyPoint> of(Floor floor, int supers) {
    List<ReadyPoint> points = new ArrayList<>(List.of(values()));
    if (supers == 0) {
      points.remove(SUPERS);
    }
    if (floor == Floor.SOLID) {
      points.remove(TRAY);
    }
    return List.copyOf(points);
  }

  /**
   * The point with this name.
   *
   * @throws InvalidValue if there is none
   */
  static ReadyPoint named(@Nullable String name) {
    for (ReadyPoint point : values()) {
      if (point.name().equals(name)) {
        return point;
      }
    }
    throw new InvalidValue("reason", "namesNoPointMaking", "names no point of making ready");
  }
}
