package tavrel.core.run;

import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.burn.ToolFamily;

/**
 * What a run must know of one of its tools.
 *
 * @param number from 1; the first is the one that the round was planned with
 * @param name what the keeper calls it
 * @param family decides the order of steps
 * @param coolSeconds how long a pan stays in the hive after it was disconnected, seconds
 * @param reloadSeconds how long a pan cools outside before it may be loaded again, seconds
 * @param burnsPerPack burns that a full pack gives, or null where nobody knows or it needs none
 * @param burnSeconds how long to plan for a load, seconds, by hive, where it is known
 * @param unfit why it must not come near a hive, by hive
 */
public record RunTool(
    int number,
    String name,
    ToolFamily family,
    int coolSeconds,
    int reloadSeconds,
    @Nullable Integer burnsPerPack,
    Map<UUID, Integer> burnSeconds,
    Map<UUID, Fact> unfit) {

  /** Most tools in one run. */
  public static final int MOST = 6;

  /** A heated bowl alone, of which nothing else is known. */
  public static final RunTool BOWL = first("bowl", ToolFamily.HEATED_BOWL, 0, 0);

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public RunTool {
    InvalidValue.inRange("number", number, 1, MOST, "as number of a tool");
    burnSeconds = Map.copyOf(burnSeconds);
    unfit = Map.copyOf(unfit);
  }

  /** A run's first tool; its burn times stand with the hives. */
  public static RunTool first(String name, ToolFamily family, int coolSeconds, int reloadSeconds) {
    return new RunTool(1, name, family, coolSeconds, reloadSeconds, null, Map.of(), Map.of());
  }

  /** How long to plan for a load in a hive, seconds, or null where nobody knows. */
  @Nullable Integer burnIn(PlannedHive hive) {
    return number == 1 ? hive.burnSeconds() : burnSeconds.get(hive.hiveId());
  }

  /** Whether it may come near a hive. */
  boolean fits(UUID hiveId) {
    return !unfit.containsKey(hiveId);
  }
}
