package tavrel.core.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the register says of one hive in one round, drawn from the log.
 *
 * @param startedAt start of the first burn
 * @param removedAt when the tool was out, or null while it is in
 * @param openedAt when the hive was opened, or null while it is shut
 * @param loads loads that burned to their end
 * @param acid grams of acid dihydrate in them
 * @param product grams of product in them
 * @param people who worked on it
 * @param remarks what was out of the ordinary, in order
 */
public record Treatment(
    Instant startedAt,
    @Nullable Instant removedAt,
    @Nullable Instant openedAt,
    int loads,
    double acid,
    double product,
    List<String> people,
    List<String> remarks) {

  /** The register line of a hive, or empty if it got no acid. */
  public static Optional<Treatment> of(PlannedHive hive, HiveState state) {
    Instant start = state.burnedFrom();
    if (!state.treated() || start == null) {
      return Optional.empty();
    }
    return Optional.of(
        new Treatment(
            start,
            state.removed(),
            state.opened(),
            state.loadsEnded().size(),
            hive.acidIn(state.loadsEnded()),
            hive.productIn(state.loadsEnded()),
            state.people(),
            remarks(hive, state, state.loadsEnded().size())));
  }

  private static List<String> remarks(PlannedHive hive, HiveState state, int loads) {
    List<String> remarks = new ArrayList<>();
    if (loads != hive.loads()) {
      remarks.add(
          loads + " of " + hive.loads() + (hive.loads() == 1 ? " planned load" : " planned loads"));
    }
    if (hive.leftOpen()) {
      remarks.add("entrance left open");
    }
    for (RunEvent step : state.steps()) {
      if (step.reason() != null) {
        remarks.add(told(step) + ": " + step.reason());
      }
    }
    for (Mark mark : state.marks()) {
      switch (mark.kind()) {
        case LEAK_SEEN ->
            remarks.add(mark.says() == null ? "leak seen" : "leak seen: " + mark.says());
        case RESIDUE ->
            remarks.add(mark.says() == null ? "residue left" : "residue left: " + mark.says());
        default -> {
          if (mark.says() != null) {
            remarks.add(mark.says());
          }
        }
      }
    }
    return List.copyOf(remarks);
  }

  private static String told(RunEvent step) {
    return switch (step.kind()) {
      case ABORTED -> "burn stopped";
      case OPENED -> "opened early";
      case BURN_STARTED -> "burned again";
      default -> "remark";
    };
  }
}
