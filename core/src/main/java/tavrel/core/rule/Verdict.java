package tavrel.core.rule;

/** What a rule sheet says of a plan, from best to worst. */
public enum Verdict {
  ALLOWED,
  /**
   * Within the sheet, but at a limit, or the sheet is silent where it matters, or is an example.
   */
  CAUTION,
  NOT_ON_LABEL
}
