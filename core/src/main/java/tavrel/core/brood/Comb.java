package tavrel.core.brood;

/** What a swarm is given to lay in. */
public enum Comb {
  DRAWN("drawn comb"),
  FOUNDATION("foundation");

  private final String words;

  Comb(String words) {
    this.words = words;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }
}
