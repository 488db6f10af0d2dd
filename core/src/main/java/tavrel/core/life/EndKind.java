package tavrel.core.life;

import tavrel.core.Worded;

/** How a hive leaves the outfit. */
public enum EndKind implements Worded {
  /** The colony died. */
  DIED,
  /** It was sold. */
  SOLD,
  /** It was given away. */
  GIVEN,
  /** It was stolen. */
  STOLEN,
  /** Its bees and combs were shared out. */
  BROKEN_UP,
  /** It is gone, and nobody knows how. */
  GONE
}
