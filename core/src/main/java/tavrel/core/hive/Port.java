package tavrel.core.hive;

/** Where a bowl's nozzle goes in. */
public enum Port {
  NONE("none"),
  FRONT_ENTRANCE("front entrance"),
  BACK("drilled, back"),
  RACK("slatted rack"),
  UPPER_BOX("drilled, upper box");

  private final String words;

  Port(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** Whether it is a drilled hole that a peg or bolt plugs between visits. */
  public boolean isDrilled() {
    return this == BACK || this == RACK || this == UPPER_BOX;
  }
}
