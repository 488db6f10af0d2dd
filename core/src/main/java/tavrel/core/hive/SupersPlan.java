package tavrel.core.hive;

import tavrel.core.Worded;

/** What will be done with the supers for the round. */
public enum SupersPlan implements Worded {
  TAKEN_OFF("taken off"),
  BOARD_BETWEEN("parted by a board"),
  LEFT_ON("left on");

  private final String words;

  SupersPlan(String words) {
    this.words = words;
  }

  /** How it reads in a sentence. */
  public String words() {
    return words;
  }
}
