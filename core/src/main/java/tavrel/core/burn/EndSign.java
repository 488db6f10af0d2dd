package tavrel.core.burn;

/** How a tool shows that a load is gone. */
public enum EndSign {
  NONE("none: by the clock"),
  DISPLAY("display: temperature back"),
  LAMP("lamp"),
  BEEP("beep");

  private final String words;

  EndSign(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
