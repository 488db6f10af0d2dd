package tavrel.core.burn;

/** How the acid comes to the heat. */
public enum AcidRelease {
  LOADED_COLD("loaded cold, level or spread thin"),
  CAP_TURNED("cap turned over"),
  PLUNGER("plunger pressed");

  private final String words;

  AcidRelease(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
