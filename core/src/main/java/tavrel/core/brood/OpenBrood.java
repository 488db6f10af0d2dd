package tavrel.core.brood;

/** Uncapped brood as a look inside finds it; it tells what will be capped next. */
public enum OpenBrood {
  NOT_NOTED("not noted"),
  /** Neither eggs nor larvae. */
  NONE("no eggs, no larvae"),
  EGGS_ONLY("eggs, no larvae"),
  LARVAE("larvae");

  private final String words;

  OpenBrood(String words) {
    this.words = words;
  }

  /** How it is marked on screen. */
  public String words() {
    return words;
  }
}
