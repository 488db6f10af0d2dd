package tavrel.core.dose;

import java.util.List;
import tavrel.core.hive.BroodBox;

/** How many boxes a brood box counts for, by kind and frames. */
public final class BoxFactor {

  private BoxFactor() {}

  /**
   * Deep of 8 to 12 frames 1; five or six frames 0.5; any other number of frames ÷ 10, from 0.3 to
   * 1.2. A medium counts for that times the keeper's medium setting.
   */
  public static double of(BroodBox box, MediumBoxes mediums) {
    double byFrames =
        switch (box.kind()) {
          case NUCLEUS -> byFrames(box.frames());
          case DEEP, MEDIUM -> box.frames() >= 8 && box.frames() <= 12 ? 1 : byFrames(box.frames());
        };
    return switch (box.kind()) {
      case MEDIUM -> byFrames * mediums.factor();
      case DEEP, NUCLEUS -> byFrames;
    };
  }

  /** Sum over a hive's boxes. */
  public static double sum(List<BroodBox> boxes, MediumBoxes mediums) {
    return boxes.stream().mapToDouble(box -> of(box, mediums)).sum();
  }

  /**
   * Sum as a label's "a box" is counted: a wide box is still one box, so that its size never buys
   * more than the label grants.
   */
  public static double labelSum(List<BroodBox> boxes, MediumBoxes mediums) {
    return boxes.stream().mapToDouble(box -> Math.min(1, of(box, mediums))).sum();
  }

  private static double byFrames(int frames) {
    return frames == 5 || frames == 6 ? 0.5 : Math.min(1.2, Math.max(0.3, frames / 10.0));
  }
}
