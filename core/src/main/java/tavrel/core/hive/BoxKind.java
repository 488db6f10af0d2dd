package tavrel.core.hive;

import tavrel.core.Worded;

/** Kinds of brood box that the dose tells apart. */
public enum BoxKind implements Worded {
  DEEP(10, 1, 16),
  MEDIUM(10, 1, 16),
  NUCLEUS(5, 2, 6);

  private final int usualFrames;
  private final int fewest;
  private final int most;

  BoxKind(int usualFrames, int fewest, int most) {
    this.usualFrames = usualFrames;
    this.fewest = fewest;
    this.most = most;
  }

  /** Frames taken when a roster names none. */
  public int usualFrames() {
    return usualFrames;
  }

  /** Fewest frames such a box has. */
  public int fewest() {
    return fewest;
  }

  /** Most frames such a box has. */
  public int most() {
    return most;
  }

  /** The word used for it in rosters. */
  public String written() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }
}
