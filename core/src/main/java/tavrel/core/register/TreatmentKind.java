package tavrel.core.register;

import tavrel.core.Worded;

/** With what a colony was treated against mites. */
public enum TreatmentKind implements Worded {
  OXALIC_VAPOUR("oxalic acid, vapour", true, false),
  OXALIC_TRICKLED("oxalic acid, trickled or sprayed", true, false),
  FORMIC("formic acid", false, true),
  THYMOL("thymol", false, true),
  LACTIC("lactic acid", false, false),
  STRIPS("synthetic strips", false, true),
  BROOD_TAKEN("brood taken out", false, false),
  OTHER("something else", false, true);

  private final String words;
  private final boolean oxalic;
  private final boolean staysIn;

  TreatmentKind(String words, boolean oxalic, boolean staysIn) {
    this.words = words;
    this.oxalic = oxalic;
    this.staysIn = staysIn;
  }

  /** How it is named on screen and in the register. */
  public String words() {
    return words;
  }

  /** Whether it counts towards the year's treatments with oxalic acid. */
  public boolean oxalic() {
    return oxalic;
  }

  /** Whether it may stay in the hive for a time: strips, pads, trays. */
  public boolean staysIn() {
    return staysIn;
  }
}
