package tavrel.core.brood;

/** How a queenless part gets a queen. */
public enum NewQueen {
  RIPE_CELL("a ripe cell"),
  FROM_EGGS("a queen of its own from eggs"),
  MATED_QUEEN("a mated queen, caged in");

  private final String words;

  NewQueen(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
