package tavrel.core.burn;

/** What heats a tool. */
public enum PowerSource {
  CAR_BATTERY("12 V battery"),
  MAINS("mains, inverter or generator"),
  TOOL_PACK("power-tool pack");

  private final String words;

  PowerSource(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
