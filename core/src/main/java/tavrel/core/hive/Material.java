package tavrel.core.hive;

import tavrel.core.Worded;

/** What the boxes are made of. */
public enum Material implements Worded {
  WOOD,
  PLASTIC,
  FOAM;

  /** Whether a hot pan may lie in it; on plastic and foam never. */
  public boolean bearsHotPan() {
    return this == WOOD;
  }
}
