package tavrel.core.hive;

import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * One brood box.
 *
 * @param kind deep, medium or nucleus
 * @param frames number of frames it takes
 */
public record BroodBox(BoxKind kind, int frames) {

  private static final double LITRES_A_DEEP_FRAME = 4.2;
  private static final double LITRES_A_MEDIUM_FRAME = 2.8;

  /**
   * @throws InvalidValue if such a box does not have that many frames
   */
  public BroodBox {
    if (frames < kind.fewest() || frames > kind.most()) {
      throw new InvalidValue(
          "boxes",
          "noSuchBox",
          "a {kind} box of {frames} frames is unknown; it has {fewest} to {most}",
          Fact.of("hive.kind").word("kind", kind),
          frames,
          kind.fewest(),
          kind.most());
    }
  }

  /**
   * Space inside, litres: 42 for a deep of ten frames, in proportion for others; a medium two
   * thirds of it. Round figures; boxes of one name differ by a litre or two.
   */
  public double litres() {
    return frames * (kind == BoxKind.MEDIUM ? LITRES_A_MEDIUM_FRAME : LITRES_A_DEEP_FRAME);
  }

  /** A box with the usual number of frames for its kind. */
  public static BroodBox usual(BoxKind kind) {
    return new BroodBox(kind, kind.usualFrames());
  }
}
