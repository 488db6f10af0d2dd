package tavrel.core.seal;

import tavrel.core.hive.Cracks;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Shutting;

/** Where vapour gets out. */
public enum LeakKind {
  ENTRANCE("entrance", "put a wet cloth in the entrance as the burn starts"),
  FLOOR("floor", "push the tray in tight, or set a solid board under"),
  INNER_COVER("inner-cover hole", "close the inner-cover hole"),
  CRACKS("cracks", "plug the cracks"),
  PORT("port", "plug the port the moment the nozzle is out");

  private final String words;
  private final String remedy;

  LeakKind(String words, String remedy) {
    this.words = words;
    this.remedy = remedy;
  }

  /** Its name on screen. */
  public String words() {
    return words;
  }

  /** What to do about it. */
  public String remedy() {
    return remedy;
  }

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
