package tavrel.core.run;

import java.util.List;
import java.util.UUID;
import tavrel.core.pace.Pace;

/**
 * How a run was reckoned to go before it began; an estimate.
 *
 * @param lines one for each hive that a burn was reckoned to reach
 * @param finish when everything is cleared away, s from the arrival
 * @param mostShut most hives shut at once
 */
public record PlannedPace(List<Line> lines, int finish, int mostShut) {

  /**
   * One hive, in s from the arrival.
   *
   * @param hiveId the hive
   * @param shut when the nozzle or pan goes in
   * @param out when the tool is out for the last time
   * @param opened when it is open again
   */
  public record Line(UUID hiveId, int shut, int out, int opened) {}

  /** Keeps the lines. */
  public PlannedPace {
    lines = List.copyOf(lines);
  }

  /** What a play-through says. */
  public static PlannedPace of(Pace pace) {
    return new PlannedPace(
        pace.hives().stream()
            .map(hive -> new Line(hive.hiveId(), hive.shut(), hive.out(), hive.opened()))
            .toList(),
        pace.finish(),
        pace.mostShut());
  }

  /** When the first hive is shut, s from the arrival. */
  int firstShut() {
    return lines.stream().mapToInt(Line::shut).min().orElse(0);
  }

  /** How long clearing away takes after the last hive is open, s. */
  int clearAway() {
    return finish - lines.stream().mapToInt(Line::opened).max().orElse(finish);
  }
}
