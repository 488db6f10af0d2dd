package tavrel.core.seal;

import org.jspecify.annotations.Nullable;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.HiveChange;
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

  /** What changes of a hive when this is shut as well as it can be; it may be so already. */
  public HiveChange shut(Hive hive) {
    return switch (this) {
      case ENTRANCE -> change(null, Shutting.WET_CLOTH, null, null);
      case FLOOR ->
          change(hive.floor() == Floor.SOLID ? null : Floor.MESH_TIGHT_TRAY, null, null, null);
      case INNER_COVER -> change(null, null, InnerCover.CLOSED, null);
      case CRACKS -> change(null, null, null, Cracks.NONE);
      case PORT -> HiveChange.NONE;
    };
  }

  private static HiveChange change(
      @Nullable Floor floor,
      @Nullable Shutting shutting,
      @Nullable InnerCover cover,
      @Nullable Cracks cracks) {
    return new HiveChange(
        null, null, floor, null, null, shutting, cover, cracks, null, null, null, null);
  }
}
