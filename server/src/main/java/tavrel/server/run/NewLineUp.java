package tavrel.server.run;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.pace.Crew;
import tavrel.core.run.RunTool;

/**
 * Who and what works in a run.
 *
 * @param toolIds tools from the gear that come along beside the round's own; the same twice where
 *     there are two of it
 * @param crew who works
 * @param cloths how many there are
 * @param caps caps of all bowls together; null where enough are
 * @param preparedAhead whether hives were made ready before
 */
record NewLineUp(
    List<UUID> toolIds, Crew crew, int cloths, @Nullable Integer caps, boolean preparedAhead) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public NewLineUp {
    toolIds = List.copyOf(toolIds);
    InvalidValue.inRange("toolIds", toolIds.size(), 0, RunTool.MOST - 1, "more tools");
    InvalidValue.inRange("cloths", cloths, 1, 2_000, "cloths");
    if (caps != null) {
      InvalidValue.inRange("caps", caps, 1, 2_000, "caps");
    }
  }
}
