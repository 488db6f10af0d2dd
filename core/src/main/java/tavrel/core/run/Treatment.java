package tavrel.core.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

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
    List<Fact> remarks) {

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

  private static List<Fact> remarks(PlannedHive hive, HiveState state, int loads) {
    List<Fact> remarks = new ArrayList<>();
    if (loads != hive.loads()) {
      remarks.add(
          Fact.of("treatment.loadsGiven")
              .figure("given", loads)
              .count("planned", hive.loads(), "load"));
    }
    if (hive.leftOpen()) {
      remarks.add(Fact.of("treatment.leftOpen"));
    }
    for (RunEvent step : state.steps()) {
      if (step.reason() != null) {
        remarks.add(RunReview.told(step.kind(), step.reason()));
      }
    }
    state.marks().stream()
        .filter(
            mark ->
                mark.kind() == EventKind.LEAK_SEEN
                    || mark.kind() == EventKind.RESIDUE
                    || mark.says() != null)
        .map(RunReview::told)
        .forEach(remarks::add);
    return List.copyOf(remarks);
  }
}
