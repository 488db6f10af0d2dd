package tavrel.core.stock;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.burn.Tool;

/**
 * What a tool has been through since it was looked after: cleaning is due after each apiary, seals
 * by their burns.
 *
 * @param burnsOnSeals burns since its seals were changed, or since ever
 * @param sealsDue whether that is as many as they bear
 * @param uncleanedAfter apiaries that it burned in since it was cleaned
 * @param due what is due, in words; empty if nothing is
 */
public record ToolWear(
    int burnsOnSeals, boolean sealsDue, List<String> uncleanedAfter, List<String> due) {

  /** Reads a tool's wear. */
  public static ToolWear of(Tool tool, int burnsOnSeals, List<String> uncleanedAfter) {
    boolean sealsDue = tool.sealsEvery() != null && burnsOnSeals >= tool.sealsEvery();
    List<String> due = new ArrayList<>();
    if (!uncleanedAfter.isEmpty()) {
      due.add("clean it: burned in " + String.join(", ", uncleanedAfter) + " since");
    }
    if (sealsDue) {
      due.add("change its seals: " + burnsOnSeals + " burns, of " + tool.sealsEvery());
    }
    return new ToolWear(burnsOnSeals, sealsDue, List.copyOf(uncleanedAfter), List.copyOf(due));
  }
}
