package tavrel.core.mite;

/**
 * What is thought of a colony before its counts are looked at: how much a round kills, and how many
 * mites come in. Natural logarithms of weights, up to a constant that is the same for all.
 */
final class FitPriors {

  /** Spread of the kill of sound hives beforehand, on the logit scale; our estimate. */
  static final double KILL_SPREAD = 0.35;

  /** Share of hives that leak, or got less than was planned, beforehand; our estimate. */
  static final double LEAKING = 0.4;

  /** How much less these kill, and how much that differs, on the logit scale; our estimates. */
  static final double LEAK_DEPTH = 1.8;

  static final double LEAK_SPREAD = 1;

  /**
   * Of the colonies with inflow, half have less than this beforehand, mites a day; our estimate.
   */
  static final double USUAL_INFLOW = 12;

  /** Share of all colonies that have no inflow to speak of, beforehand; our estimate. */
  static final double WITHOUT_INFLOW = 0.7;

  /** Inflows on the grid, mites a day. */
  static final double[] INFLOWS = {
    0, 0.7, 1.5, 2.5, 4, 6, 8.5, 11.5, 15, 19, 24, 30, 38, 48, 62, 80, 105
  };

  private FitPriors() {}

  /** Most hives hold what they are expected to; some leak, and then by much or by little. */
  static double kill(double kill, double expected) {
    double off = logit(kill) - logit(Math.max(0.05, Math.min(0.95, expected)));
    double sound = (1 - LEAKING) * bell(off, KILL_SPREAD);
    double leaking = LEAKING * bell(off + LEAK_DEPTH, LEAK_SPREAD);
    return Math.log(sound + leaking) - Math.log(kill * (1 - kill));
  }

  private static double bell(double off, double spread) {
    double scaled = off / spread;
    return Math.exp(-scaled * scaled / 2) / spread;
  }

  /**
   * Half of all colonies have none. Of the others much is rare, but not so rare that counts could
   * not show it. Inflows stand closer together where they are small; each counts for the stretch it
   * has.
   */
  static double inflow(int f) {
    if (f == 0) {
      return Math.log(WITHOUT_INFLOW);
    }
    double sum = 0;
    for (int i = 1; i < INFLOWS.length; i++) {
      sum += stretch(i);
    }
    return Math.log((1 - WITHOUT_INFLOW) * stretch(f) / sum);
  }

  private static double stretch(int f) {
    double from = f == 1 ? 0 : INFLOWS[f - 1];
    double to = f == INFLOWS.length - 1 ? INFLOWS[f] : INFLOWS[f + 1];
    double scaled = INFLOWS[f] / USUAL_INFLOW;
    return (to - from) / 2 / (1 + scaled * scaled);
  }

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }
}
