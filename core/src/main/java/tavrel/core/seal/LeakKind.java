package tavrel.core.seal;

import tavrel.core.hive.Cracks;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Shutting;

/** Where vapour gets out. */
public enum LeakKind {
  ENTRANCE,
  FLOOR,
  INNER_COVER,
  CRACKS,
  PORT;

  /** The hive with this shut as well as it can be; it may be so already. */
  public Hive shut(Hive hive) {
    Fittings fittings = hive.fittings();
    return switch (this) {
      case ENTRANCE -> hive.with(fittings.with(Shutting.WET_CLOTH));
      case FLOOR -> hive.floor() == Floor.SOLID ? hive : hive.with(Floor.MESH_TIGHT_TRAY);
      case INNER_COVER -> hive.with(fittings.with(InnerCover.CLOSED));
      case CRACKS -> hive.with(fittings.with(Cracks.NONE));
      case PORT -> hive;
    };
  }
}
