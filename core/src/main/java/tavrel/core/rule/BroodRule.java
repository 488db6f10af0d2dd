package tavrel.core.rule;

/** What a label asks of capped brood. */
public enum BroodRule {
  ANY,
  BROODLESS_ONLY
}
