package tavrel.core.weather;

/** Wind as a keeper feels and sees it, with a round figure for each; no anemometer needed. */
public enum WindFelt {
  CALM(0.3),
  LIGHT(2),
  BREEZE(5.5),
  STRONG(8.5),
  STORM(13);

  private final double metresASecond;

  WindFelt(double metresASecond) {
    this.metresASecond = metresASecond;
  }

  /** A round figure, m/s. */
  public double metresASecond() {
    return metresASecond;
  }
}
