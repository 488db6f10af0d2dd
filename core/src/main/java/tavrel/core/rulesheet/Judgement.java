package tavrel.core.rulesheet;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * A rule sheet's verdict with all its points, worst first.
 *
 * @param verdict the worst of the findings
 * @param findings every point that was looked at
 */
public record Judgement(Verdict verdict, List<Finding> findings) {

  /** Sums up findings; none at all means allowed. */
  public static Judgement of(List<Finding> findings) {
    List<Finding> sorted =
        findings.stream().sorted(Comparator.comparing(Finding::verdict).reversed()).toList();
    return new Judgement(sorted.isEmpty() ? Verdict.ALLOWED : sorted.get(0).verdict(), sorted);
  }

  /** The finding that decides it, null where all is allowed. */
  public static @Nullable Fact decidedBy(@Nullable Judgement judgement) {
    return judgement == null || judgement.verdict == Verdict.ALLOWED
        ? null
        : judgement.findings.get(0).told();
  }
}
