package tavrel.core.hive;

/** What closes the hive below. */
public enum Floor {
  SOLID("solid"),
  MESH_TIGHT_TRAY("mesh, tray tight"),
  MESH_LOOSE_TRAY("mesh, tray loose"),
  BARE_MESH("bare mesh");

  private final String words;

  Floor(String words) {
    this.words = words;
  }

  /** How the floor is written in rosters and on screen. */
  public String words() {
    return words;
  }
}
