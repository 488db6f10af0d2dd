package tavrel.core.mite;

import tavrel.core.hive.BoxKind;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Hive;

/**
 * What stands in for a look inside where nobody has looked: a guess from the boxes alone, to be
 * corrected by the keeper.
 *
 * @param framesOfBees deep frames covered: 7 of 10
 * @param cappedFrames deep frames of capped brood: about a quarter of all, so that bees and brood
 *     keep each other up; at most 8
 */
public record ColonyGuess(double framesOfBees, double cappedFrames) {

  private static final double MEDIUM_TO_DEEP = 0.66;

  /** Guesses from the brood boxes of a hive. */
  public static ColonyGuess of(Hive hive) {
    double deepFrames = 0;
    for (BroodBox box : hive.boxes()) {
      deepFrames += box.frames() * (box.kind() == BoxKind.MEDIUM ? MEDIUM_TO_DEEP : 1);
    }
    return new ColonyGuess(halves(0.7 * deepFrames), Math.min(8, halves(0.24 * deepFrames)));
  }

  private static double halves(double frames) {
    return Math.max(0.5, Math.round(frames * 2) / 2.0);
  }
}
