package tavrel.core.rulesheet;

import tavrel.core.hive.SupersPlan;

/** What a label asks of honey supers. */
public enum SupersRule {
  OFF("supers off", SupersPlan.TAKEN_OFF),
  BARRIER("supers off or parted by a barrier", SupersPlan.BOARD_BETWEEN),
  ALLOWED("supers may stay on", SupersPlan.LEFT_ON);

  private final String words;
  private final SupersPlan loosest;

  SupersRule(String words, SupersPlan loosest) {
    this.words = words;
    this.loosest = loosest;
  }

  /** How the line reads on the sheet. */
  public String words() {
    return words;
  }

  /** Whether the label lets the supers be handled so. */
  public boolean permits(SupersPlan plan) {
    return plan.compareTo(loosest) <= 0;
  }
}
