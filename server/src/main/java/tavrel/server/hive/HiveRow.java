package tavrel.server.hive;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Material;
import tavrel.core.hive.Port;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;

/** A row of the hive table; its columns lie flat, with brood boxes in a roster's notation. */
record HiveRow(
    UUID id,
    String name,
    int yardRow,
    int place,
    String boxes,
    int supers,
    Floor floor,
    Material material,
    Entrance entrance,
    Shutting shutting,
    InnerCover innerCover,
    Cracks cracks,
    Port port,
    SupersPlan supersPlan,
    @Nullable String stand,
    boolean divided,
    @Nullable LocalDate since,
    @Nullable String line) {

  static HiveRow of(Hive hive) {
    Fittings fittings = hive.fittings();
    return new HiveRow(
        hive.id(),
        hive.name(),
        hive.row(),
        hive.place(),
        BoxNotation.write(hive.boxes()),
        hive.supers(),
        hive.floor(),
        fittings.material(),
        fittings.entrance(),
        fittings.shutting(),
        fittings.innerCover(),
        fittings.cracks(),
        fittings.port(),
        fittings.supersPlan(),
        fittings.stand(),
        fittings.divided(),
        hive.since(),
        hive.line());
  }

  Hive hive() {
    return new Hive(
        id,
        name,
        yardRow,
        place,
        BoxNotation.read(boxes),
        supers,
        floor,
        new Fittings(
            material, entrance, shutting, innerCover, cracks, port, supersPlan, stand, divided),
        since,
        line);
  }
}
