package tavrel.core.weather;

/** Wind as a keeper feels and sees it, with a round figure for each; no anemometer needed. */
public enum WindFelt {
  CALM("calm: smoke rises", 0.3),
  LIGHT("light: leaves stir", 2),
  BREEZE("breeze: twigs move", 5.5),
  STRONG("strong: branches move", 8.5),
  STORM("storm: trees sway", 13);

  private final String words;
  private final double metresASecond;

  WindFelt(String words, double metresASecond) {
    this.words = words;
    this.metresASecond = metresASecond;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** A round figure, m/s. */
  public double metresASecond() {
    return metresASecond;
  }
}
