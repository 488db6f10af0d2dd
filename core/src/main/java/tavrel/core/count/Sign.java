package tavrel.core.count;

/** What a look at entrance and brood shows, without counting. */
public enum Sign {
  CHEWED_PUPAE("chewed or uncapped pupae"),
  DEFORMED_WINGS("deformed wings"),
  SPOTTY_BROOD("spotty brood"),
  /** Looked, and saw none of them. */
  NONE_SEEN("nothing seen");

  /** Signs older than this tell nothing of a colony as it is now. */
  public static final int TELL_FOR_DAYS = 30;

  private final String words;

  Sign(String words) {
    this.words = words;
  }

  /** How it is marked on screen. */
  public String words() {
    return words;
  }
}
