package tavrel.core.dose;

/** How the keeper's label counts medium brood boxes. */
public enum MediumBoxes {
  /** By their comb: two thirds of a deep. */
  BY_COMB(0.66),
  /** As boxes: a medium is a box like any other. */
  AS_BOXES(1);

  private final double factor;

  MediumBoxes(double factor) {
    this.factor = factor;
  }

  /** Share of a deep box that a full-width medium counts for. */
  public double factor() {
    return factor;
  }
}
