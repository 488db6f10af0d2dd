package tavrel.core.result;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.Infestation;

/**
 * What rounds took away over all hives that were counted before and after.
 *
 * @param whole the reduction, or null where fewer than {@link OverHives#LEAST_HIVES} hives were
 *     counted at both: then each tells of itself alone
 * @param counted hives that were
 * @param againstControls the same against hives left untreated, or null where too few of either
 *     were counted
 * @param controls how many untreated hives were
 */
public record Pooled(
    @Nullable Efficacy whole, int counted, @Nullable Efficacy againstControls, int controls) {

  /** Takes hives together. */
  public static Pooled of(List<Samples> treated, List<Samples> untreated) {
    List<OverHives.Counted> done = counted(treated);
    List<OverHives.Counted> left = counted(untreated);
    return new Pooled(
        OverHives.reduction(done), done.size(), OverHives.againstControls(done, left), left.size());
  }

  private static List<OverHives.Counted> counted(List<Samples> hives) {
    return hives.stream()
        .map(
            hive -> {
              Infestation before = hive.before();
              Infestation after = hive.after();
              return before == null || after == null
                  ? null
                  : new OverHives.Counted(Efficacy.Found.of(before), Efficacy.Found.of(after));
            })
        .filter(Objects::nonNull)
        .toList();
  }
}
