package tavrel.core.count;

/** What a look at entrance and brood shows, without counting. */
public enum Sign {
  CHEWED_PUPAE,
  DEFORMED_WINGS,
  SPOTTY_BROOD,
  /** Looked, and saw none of them. */
  NONE_SEEN;

  /** Signs older than this tell nothing of a colony as it is now. */
  public static final int TELL_FOR_DAYS = 30;
}
