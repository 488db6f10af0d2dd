package tavrel.core.rulesheet;

/** What a label asks of capped brood. */
public enum BroodRule {
  ANY,
  BROODLESS_ONLY
}
