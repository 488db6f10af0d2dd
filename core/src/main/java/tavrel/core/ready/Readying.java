package tavrel.core.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tavrel.core.Fact;
import tavrel.core.burn.ToolFamily;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Material;
import tavrel.core.hive.Port;
import tavrel.core.hive.Shutting;

/** What a hive needs before the burn, from how it stands and which tool comes. */
public final class Readying {

  private Readying() {}

  /** Things to do, in order. */
  public static List<Task> tasks(Hive hive, ToolFamily family) {
    List<Task> tasks = new ArrayList<>();
    Fittings fittings = hive.fittings();
    supers(hive, tasks);
    switch (hive.floor()) {
      case SOLID -> {}
      case MESH_TIGHT_TRAY -> tasks.add(Task.of(Task.What.TRAY_CHECK));
      case MESH_LOOSE_TRAY -> tasks.add(Task.of(Task.What.TRAY_PUSH));
      case BARE_MESH -> tasks.add(Task.of(Task.What.TRAY_IN));
    }
    switch (fittings.innerCover()) {
      case CLOSED -> {}
      case HOLE_OPEN -> tasks.add(Task.of(Task.What.INNER_COVER_HOLE));
    }
    switch (fittings.cracks()) {
      case NONE -> {}
      case A_FEW -> tasks.add(Task.of(Task.What.CRACKS_PLUG));
      case MANY -> tasks.add(Task.of(Task.What.CRACKS_TAPE));
    }
    switch (family) {
      case PAN_WAND -> pan(fittings.entrance(), tasks);
      case HEATED_BOWL -> nozzle(fittings, tasks);
    }
    if (fittings.shutting() == Shutting.WET_CLOTH) {
      tasks.add(
          Task.of(
              fittings.entrance() == Entrance.FULL
                  ? Task.What.ENTRANCE_REDUCE
                  : Task.What.ENTRANCE_CLOTH));
    }
    return List.copyOf(tasks);
  }

  /** Why this family of tools must not come near this hive; empty if it may. */
  public static Optional<Fact> unfit(Hive hive, ToolFamily family) {
    Material material = hive.fittings().material();
    return family == ToolFamily.PAN_WAND && !material.bearsHotPan()
        ? Optional.of(Fact.of("unfit.hotPan").word("material", material))
        : Optional.empty();
  }

  private static void supers(Hive hive, List<Task> tasks) {
    if (hive.supers() > 0) {
      tasks.add(
          Task.of(
              switch (hive.fittings().supersPlan()) {
                case TAKEN_OFF -> Task.What.SUPERS_OFF;
                case BOARD_BETWEEN -> Task.What.SUPERS_BOARD;
                case LEFT_ON -> Task.What.SUPERS_STAY;
              }));
    }
  }

  private static void pan(Entrance entrance, List<Task> tasks) {
    switch (entrance) {
      case FULL, REDUCED -> {}
      case LOW -> tasks.add(Task.of(Task.What.LIFT_ON_WEDGES));
      case ROUND_HOLE -> tasks.add(Task.of(Task.What.PLAIN_FLOOR));
    }
  }

  private static void nozzle(Fittings fittings, List<Task> tasks) {
    boolean sleeve = fittings.material() == Material.PLASTIC;
    Port port = fittings.port();
    if (port == Port.NONE) {
      tasks.add(new Task(Task.What.PORT_DRILL, null, sleeve));
    } else if (port.isDrilled()) {
      tasks.add(new Task(Task.What.PORT_PEG, port, sleeve));
    } else {
      tasks.add(new Task(Task.What.NOZZLE_FRONT, null, sleeve));
    }
  }
}
