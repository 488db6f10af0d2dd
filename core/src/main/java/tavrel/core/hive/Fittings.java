package tavrel.core.hive;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * What decides how a hive is made ready and how well it holds vapour, beside its boxes and floor.
 *
 * @param material of the boxes
 * @param entrance how the bees come and go
 * @param shutting what is done with the entrance while the vapour is inside
 * @param innerCover whether its hole is open
 * @param cracks gaps by eye
 * @param port where a nozzle goes in
 * @param supersPlan what will be done with supers
 * @param stand name of the stand that it shares with other colonies, or null if it stands alone
 * @param divided whether those on the stand are one box parted by a full divider board, each side a
 *     chamber of its own
 */
public record Fittings(
    Material material,
    Entrance entrance,
    Shutting shutting,
    InnerCover innerCover,
    Cracks cracks,
    Port port,
    SupersPlan supersPlan,
    @Nullable String stand,
    boolean divided) {

  /** A wooden hive with a full entrance, shut well, before anyone has said otherwise. */
  public static final Fittings USUAL =
      new Fittings(
          Material.WOOD,
          Entrance.FULL,
          Shutting.WET_CLOTH,
          InnerCover.CLOSED,
          Cracks.NONE,
          Port.NONE,
          SupersPlan.TAKEN_OFF,
          null,
          false);

  /**
   * @throws InvalidValue if a divided box has no stand to name its other side by
   */
  public Fittings {
    stand = stand == null || stand.isBlank() ? null : InvalidValue.text("stand", stand, 40);
    if (divided && stand == null) {
      throw new InvalidValue(
          "stand",
          "missingBothSidesDivided",
          "is missing; both sides of a divided box carry the same stand's name");
    }
  }

  /** The same with another material. */
  public Fittings with(Material other) {
    return new Fittings(
        other, entrance, shutting, innerCover, cracks, port, supersPlan, stand, divided);
  }

  /** The same with another entrance. */
  public Fittings with(Entrance other) {
    return new Fittings(
        material, other, shutting, innerCover, cracks, port, supersPlan, stand, divided);
  }

  /** The same with another shutting. */
  public Fittings with(Shutting other) {
    return new Fittings(
        material, entrance, other, innerCover, cracks, port, supersPlan, stand, divided);
  }

  /** The same with another inner cover. */
  public Fittings with(InnerCover other) {
    return new Fittings(
        material, entrance, shutting, other, cracks, port, supersPlan, stand, divided);
  }

  /** The same with another cracks. */
  public Fittings with(Cracks other) {
    return new Fittings(
        material, entrance, shutting, innerCover, other, port, supersPlan, stand, divided);
  }

  /** The same with another port. */
  public Fittings with(Port other) {
    return new Fittings(
        material, entrance, shutting, innerCover, cracks, other, supersPlan, stand, divided);
  }

  /** The same with another supers plan. */
  public Fittings with(SupersPlan other) {
    return new Fittings(
        material, entrance, shutting, innerCover, cracks, port, other, stand, divided);
  }
}
