package tavrel.core.register;

import tavrel.core.Worded;

/** With what a colony was treated against mites. */
public enum TreatmentKind implements Worded {
  OXALIC_VAPOUR("oxalic acid, vapour", true),
  OXALIC_TRICKLED("oxalic acid, trickled or sprayed", true),
  FORMIC("formic acid", false),
  THYMOL("thymol", false),
  LACTIC("lactic acid", false),
  STRIPS("synthetic strips", false),
  BROOD_TAKEN("brood taken out", false),
  OTHER("something else", false);

  private final String words;
  private final boolean oxalic;

  TreatmentKind(String words, boolean oxalic) {
    this.words = words;
    this.oxalic = oxalic;
  }

  /** How it is named on screen and in the register. */
  public String words() {
    return words;
  }

  /** Whether it counts towards the year's treatments with oxalic acid. */
  public boolean oxalic() {
    return oxalic;
  }
}
