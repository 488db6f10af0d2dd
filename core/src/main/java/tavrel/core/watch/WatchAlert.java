package tavrel.core.watch;

/** What is wrong with a burn; what to do about it is said where it is shown. */
public enum WatchAlert {
  /** Acid was let go before the bowl was hot. */
  TOO_EARLY,
  /** The operator marked a release, and no dip followed. */
  NO_CHARGE,
  /** It does not get hot. */
  NEVER_READY,
  /** It is not back near its set temperature. */
  NO_RECOVERY,
  /** The bowl fell far below its set temperature. */
  WEAK_OR_OVERLOADED,
  /** The bowl fell as by a load, and no burn was marked. */
  UNMARKED_FALL,
  /** The pack is at its cutoff. */
  SWAP_PACK,
  /** The bowl is far too hot: the acid breaks down. */
  TOO_HOT
}
