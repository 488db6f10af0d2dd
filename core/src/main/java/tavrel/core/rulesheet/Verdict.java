package tavrel.core.rulesheet;

import tavrel.core.Worded;

/** What a rule sheet says of a plan, from best to worst. */
public enum Verdict implements Worded {
  ALLOWED("allowed"),
  /**
   * Within the sheet, but at a limit, or the sheet is silent where it matters, or is an example.
   */
  CAUTION("caution"),
  NOT_ON_LABEL("not on label");

  private final String words;

  Verdict(String words) {
    this.words = words;
  }

  /** How it is named on screen and in the register. */
  public String words() {
    return words;
  }
}
