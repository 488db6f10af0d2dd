package tavrel.core.stock;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.Fact;
import tavrel.core.burn.Tool;

/**
 * What a tool has been through since it was looked after: cleaning is due after each apiary, seals
 * by their burns.
 *
 * @param burnsOnSeals burns since its seals were changed, or since ever
 * @param sealsDue whether that is as many as they bear
 * @param uncleanedAfter apiaries that it burned in since it was cleaned
 * @param due what is due; empty if nothing is
 */
public record ToolWear(
    int burnsOnSeals, boolean sealsDue, List<String> uncleanedAfter, List<Fact> due) {

  /** Reads a tool's wear. */
  public static ToolWear of(Tool tool, int burnsOnSeals, List<String> uncleanedAfter) {
    Integer every = tool.sealsEvery();
    boolean sealsDue = every != null && burnsOnSeals >= every;
    List<Fact> due = new ArrayList<>();
    if (!uncleanedAfter.isEmpty()) {
      due.add(cleanIt(uncleanedAfter));
    }
    if (every != null && sealsDue) {
      due.add(
          Fact.of("gear.changeSeals").count("burns", burnsOnSeals, "burn").figure("every", every));
    }
    return new ToolWear(burnsOnSeals, sealsDue, List.copyOf(uncleanedAfter), List.copyOf(due));
  }

  /** So many apiaries are named. */
  private static final int NAMED = 5;

  private static Fact cleanIt(List<String> apiaries) {
    return apiaries.size() <= NAMED
        ? Fact.of("gear.cleanIt").text("apiaries", String.join(", ", apiaries))
        : Fact.of("gear.cleanItMany")
            .count("burned", apiaries.size(), "apiary")
            .text("apiaries", String.join(", ", apiaries.subList(0, NAMED - 2)));
  }
}
