package tavrel.core.count;

/** Ways of getting mites off a sample of bees. */
public enum WashKind {
  /** Alcohol or soapy water; the bees die. */
  WASH,
  /** Powdered sugar; the bees live, and some mites stay on them. */
  SUGAR_ROLL
}
