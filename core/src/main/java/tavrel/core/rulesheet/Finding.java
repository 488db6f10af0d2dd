package tavrel.core.rulesheet;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * One point of a judgement.
 *
 * @param verdict how this point alone is judged
 * @param point what was held against the sheet
 * @param line the sheet's line that decides it, or null where the sheet is silent
 * @param says the outcome
 */
public record Finding(Verdict verdict, LabelPoint point, @Nullable Fact line, Fact says) {

  /** The point with its outcome. */
  public Fact told() {
    return Fact.of("label.told").word("point", point).fact("says", says);
  }
}
