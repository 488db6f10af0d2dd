package tavrel.core.count;

/** How a count stands to a threshold. */
public enum InfestationStatus {
  /** Far above: the colony may collapse. */
  DANGER("in danger"),
  ABOVE("above"),
  BELOW("below"),
  /** The interval holds the threshold. */
  CANNOT_TELL("cannot tell yet");

  private final String words;

  InfestationStatus(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
