package tavrel.core.result;

import tavrel.core.Worded;

/** How a hive came through a winter. */
public enum WinterOutcome implements Worded {
  STRONG(true),
  WEAK(true),
  DEAD(false),
  GONE(false);

  private final boolean survived;

  WinterOutcome(boolean survived) {
    this.survived = survived;
  }

  /** Whether it lived. */
  public boolean survived() {
    return survived;
  }

  /** Whether it says anything of the winter: a hive that left before does not. */
  public boolean counts() {
    return this != GONE;
  }
}
