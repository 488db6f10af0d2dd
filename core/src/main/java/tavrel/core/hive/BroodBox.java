package tavrel.core.hive;

import tavrel.core.InvalidValue;

/**
 * One brood box.
 *
 * @param kind deep, medium or nucleus
 * @param frames number of frames it takes
 */
public record BroodBox(BoxKind kind, int frames) {

  /**
   * @throws InvalidValue if such a box does not have that many frames
   */
  public BroodBox {
    if (frames < kind.fewest() || frames > kind.most()) {
      throw new InvalidValue(
          "boxes",
          "a %s box of %d frames is unknown; it has %d to %d"
              .formatted(kind.word(), frames, kind.fewest(), kind.most()));
    }
  }

  /** A box with the usual number of frames for its kind. */
  public static BroodBox usual(BoxKind kind) {
    return new BroodBox(kind, kind.usualFrames());
  }
}
