package tavrel.core.life;

import tavrel.core.Worded;

/** How a hive came to the outfit. */
public enum BeganAs implements Worded {
  /** It stood there when the book was opened. */
  ALREADY_HERE,
  /** A swarm was caught. */
  SWARM,
  /** A package of bees was bought. */
  PACKAGE,
  /** A nucleus was bought. */
  NUCLEUS,
  /** It was split from a mother hive. */
  SPLIT;

  /** Whether its bees had a life elsewhere that nobody here wrote down. */
  public boolean hasUnknownPast() {
    return this == SWARM || this == PACKAGE || this == NUCLEUS;
  }
}
