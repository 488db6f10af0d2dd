package tavrel.core.burn;

import tavrel.core.Fact;

/**
 * How long to plan for one load.
 *
 * @param fitted by the fit alone, seconds
 * @param planned with the margin on top, whole seconds, never short
 * @param basis what it rests on
 * @param untested whether no test burn is near this load
 * @param says what it rests on, told
 */
public record BurnTime(
    double fitted, int planned, BurnFit.Basis basis, boolean untested, Fact says) {

  static BurnTime of(
      double fitted, double marginPercent, BurnFit.Basis basis, boolean untested, Fact says) {
    int planned = (int) Math.ceil(fitted * (1 + marginPercent / 100) - 1e-9);
    return new BurnTime(fitted, planned, basis, untested, says);
  }
}
