package tavrel.core.count;

/** Ways of getting mites off a sample of bees. */
public enum WashKind {
  /** Alcohol or soapy water; the bees die. */
  WASH("wash"),
  /** Powdered sugar; the bees live, and some mites stay on them. */
  SUGAR_ROLL("sugar roll");

  private final String words;

  WashKind(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
