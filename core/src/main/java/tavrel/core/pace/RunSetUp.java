package tavrel.core.pace;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * Everything that decides how long a run takes.
 *
 * @param hives in walking order
 * @param tools at least one
 * @param crew who works
 * @param cloths how many there are
 * @param caps how many there are, all filled on arrival; null where they never run out
 * @param times how long the hands take
 */
public record RunSetUp(
    List<HiveWork> hives,
    List<ToolAtWork> tools,
    Crew crew,
    int cloths,
    @Nullable Integer caps,
    PaceTimes times) {

  /** Most tools in one run. */
  public static final int MOST_TOOLS = 6;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public RunSetUp {
    hives = List.copyOf(hives);
    tools = List.copyOf(tools);
    InvalidValue.inRange("hives", hives.size(), 1, 2_000, "hives");
    InvalidValue.inRange("tools", tools.size(), 1, MOST_TOOLS, "tools");
    InvalidValue.inRange("cloths", cloths, 1, 2_000, "cloths");
    if (caps != null) {
      InvalidValue.inRange("caps", caps, 1, 2_000, "caps");
    }
  }

  RunSetUp with(Crew other) {
    return new RunSetUp(hives, tools, other, cloths, caps, times);
  }

  /** The same with other tools. */
  public RunSetUp withTools(List<ToolAtWork> others) {
    return new RunSetUp(hives, others, crew, cloths, caps, times);
  }

  /** The same with another number of cloths. */
  public RunSetUp withCloths(int other) {
    return new RunSetUp(hives, tools, crew, other, caps, times);
  }

  /** One more tool like the first, or null where no more are taken. */
  @Nullable RunSetUp oneMoreTool() {
    if (tools.size() == MOST_TOOLS) {
      return null;
    }
    List<ToolAtWork> more = new ArrayList<>(tools);
    more.add(tools.get(0));
    return withTools(more);
  }
}
