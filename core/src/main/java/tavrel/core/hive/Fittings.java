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
          "stand", "is missing; both sides of a divided box carry the same stand's name");
    }
  }
}
