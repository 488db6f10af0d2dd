package tavrel.core.rulesheet;

import tavrel.core.Worded;
import tavrel.core.hive.SupersPlan;

/** What a label asks of honey supers. */
public enum SupersRule implements Worded {
  OFF(SupersPlan.TAKEN_OFF),
  BARRIER(SupersPlan.BOARD_BETWEEN),
  ALLOWED(SupersPlan.LEFT_ON);

  private final SupersPlan loosest;

  SupersRule(SupersPlan loosest) {
    this.loosest = loosest;
  }

  /** Whether the label lets the supers be handled so. */
  public boolean permits(SupersPlan plan) {
    return plan.compareTo(loosest) <= 0;
  }
}
