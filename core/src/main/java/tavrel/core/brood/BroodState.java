package tavrel.core.brood;

/** What the brood clock says of capped worker brood on a day. */
public enum BroodState {
  FREE("nothing capped"),
  LIKELY_FREE("likely nothing capped: look to confirm"),
  CAPPED("capped brood");

  private final String words;

  BroodState(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
