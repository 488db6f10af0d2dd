package tavrel.core.burn;

/**
 * How long to plan for one load.
 *
 * @param fitted by the fit alone, seconds
 * @param planned with the margin on top, seconds
 * @param basis what it rests on
 * @param untested whether no test burn is near this load
 * @param says the basis in words
 */
public record BurnTime(
    double fitted, double planned, BurnFit.Basis basis, boolean untested, String says) {

  /** Whole seconds to plan, never short. */
  public int seconds() {
    return (int) Math.ceil(planned - 1e-9);
  }
}
