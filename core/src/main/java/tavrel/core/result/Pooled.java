package tavrel.core.result;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.Infestation;

/**
 * What rounds took away over all hives that were counted before and after, taken as one sample.
 *
 * @param whole the reduction, or null where no hive was counted at both
 * @param counted hives that it is made of
 * @param againstControls the same against hives left untreated, or null where none was counted
 * @param controls how many those are
 */
public record Pooled(
    @Nullable Efficacy whole, int counted, @Nullable Efficacy againstControls, int controls) {

  private record Pair(Infestation before, Infestation after) {}

  /** Takes hives together. */
  public static Pooled of(List<Samples> treated, List<Samples> untreated) {
    List<Pair> done = pairs(treated);
    List<Pair> left = pairs(untreated);
    if (done.isEmpty()) {
      return new Pooled(null, 0, null, left.size());
    }
    Efficacy whole = Efficacy.reduction(before(done), after(done));
    return new Pooled(
        whole,
        done.size(),
        left.isEmpty()
            ? null
            : Efficacy.hendersonTilton(before(done), after(done), before(left), after(left)),
        left.size());
  }

  private static List<Pair> pairs(List<Samples> hives) {
    return hives.stream()
        .map(
            hive -> {
              Infestation before = hive.before();
              Infestation after = hive.after();
              return before == null || after == null ? null : new Pair(before, after);
            })
        .filter(Objects::nonNull)
        .toList();
  }

  private static Efficacy.Found before(List<Pair> pairs) {
    return sum(pairs.stream().map(Pair::before).toList());
  }

  private static Efficacy.Found after(List<Pair> pairs) {
    return sum(pairs.stream().map(Pair::after).toList());
  }

  private static Efficacy.Found sum(List<Infestation> samples) {
    return samples.stream().map(Efficacy.Found::of).reduce(Efficacy.Found::and).orElseThrow();
  }
}
