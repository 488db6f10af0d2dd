package tavrel.server.count;

/** What was counted. */
public enum CountKind {
  /** A sample of bees in alcohol or soapy water. */
  WASH("wash"),
  /** A sample of bees in powdered sugar. */
  SUGAR_ROLL("sugar roll"),
  /** A board under the floor. */
  BOARD("board");

  private final String words;

  CountKind(String words) {
    this.words = words;
  }

  /** Its name in tables. */
  String words() {
    return words;
  }
}
