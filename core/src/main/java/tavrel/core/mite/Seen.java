package tavrel.core.mite;

import tavrel.core.InvalidValue;

/** Something counted in a colony while it was treated. Days are numbered as the model's are. */
public sealed interface Seen {

  /**
   * Mites on a board after a round: those that rounds brought down, and what fell by itself.
   *
   * @param from first round's day that it can hold
   * @param to last round's day that it can hold: the day before it was read
   * @param mites all that lay on it, 0 or more
   * @param natural how many would have fallen by themselves meanwhile with as many mites in the
   *     colony as on the eve, as counted on a board before; 0 where nobody counted
   */
  record Drop(int from, int to, double mites, double natural) implements Seen {

    /**
     * @throws InvalidValue if it ends before it begins, or fewer than no mites fell
     */
    public Drop {
      if (to < from) {
        throw new InvalidValue("to", "liesBeforeBoardWas", "lies before the board was laid");
      }
      InvalidValue.inRange("mites", mites, 0, 100_000, "mites on a board");
      InvalidValue.inRange("natural", natural, 0, 100_000, "mites on a board");
    }
  }

  /**
   * A sample of bees.
   *
   * @param day at whose end it is taken
   * @param mites found
   * @param bees in it
   * @param recovery share of the mites that the method finds
   */
  record Sample(int day, int mites, int bees, double recovery) implements Seen {

    /**
     * @throws InvalidValue if it cannot be
     */
    public Sample {
      InvalidValue.inRange("bees", bees, 1, 100_000, "bees in a sample");
      InvalidValue.inRange("mites", mites, 0, bees, "mites on those bees");
      InvalidValue.inRange("recovery", recovery, 0.2, 1, "of the mites");
    }
  }
}
