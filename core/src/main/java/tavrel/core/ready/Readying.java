package tavrel.core.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tavrel.core.burn.ToolFamily;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Material;
import tavrel.core.hive.Port;
import tavrel.core.hive.Shutting;

/** What a hive needs before the burn, from how it stands and which tool comes. */
public final class Readying {

  private static final String BROOD_IN_SUPERS =
      ": look for brood in them first and drive the bees down";

  private Readying() {}

  /** Things to do, in order. */
  public static List<Task> tasks(Hive hive, ToolFamily family) {
    List<Task> tasks = new ArrayList<>();
    Fittings fittings = hive.fittings();
    supers(hive, tasks);
    switch (hive.floor()) {
      case SOLID -> {}
      case MESH_TIGHT_TRAY -> add(tasks, Task.Kind.FLOOR, "see that the tray sits tight");
      case MESH_LOOSE_TRAY -> add(tasks, Task.Kind.FLOOR, "push the tray tight to the mesh");
      case BARE_MESH -> add(tasks, Task.Kind.FLOOR, "tray in, or a solid board under the mesh");
    }
    switch (fittings.innerCover()) {
      case CLOSED -> {}
      case HOLE_OPEN -> add(tasks, Task.Kind.INNER_COVER, "close the inner-cover hole");
    }
    switch (fittings.cracks()) {
      case NONE -> {}
      case A_FEW -> add(tasks, Task.Kind.CRACKS, "plug the cracks");
      case MANY -> add(tasks, Task.Kind.CRACKS, "plug the many cracks; tape the joints");
    }
    switch (family) {
      case PAN_WAND -> pan(fittings.entrance(), tasks);
      case HEATED_BOWL -> nozzle(fittings, tasks);
    }
    if (fittings.shutting() == Shutting.WET_CLOTH) {
      add(
          tasks,
          Task.Kind.ENTRANCE,
          fittings.entrance() == Entrance.FULL
              ? "reduce the entrance; wet cloth in as the burn starts"
              : "wet cloth in the entrance as the burn starts");
    }
    return List.copyOf(tasks);
  }

  /** Why this family of tools must not come near this hive; empty if it may. */
  public static Optional<String> unfit(Hive hive, ToolFamily family) {
    Material material = hive.fittings().material();
    return family == ToolFamily.PAN_WAND && !material.bearsHotPan()
        ? Optional.of("no hot pan in a hive of " + material.words() + ": it melts and burns")
        : Optional.empty();
  }

  private static void supers(Hive hive, List<Task> tasks) {
    if (hive.supers() > 0) {
      switch (hive.fittings().supersPlan()) {
        case TAKEN_OFF -> add(tasks, Task.Kind.SUPERS, "supers off" + BROOD_IN_SUPERS);
        case BOARD_BETWEEN ->
            add(tasks, Task.Kind.SUPERS, "board between brood boxes and supers" + BROOD_IN_SUPERS);
        case LEFT_ON ->
            add(tasks, Task.Kind.SUPERS, "supers stay on: only where the label says so");
      }
    }
  }

  private static void pan(Entrance entrance, List<Task> tasks) {
    switch (entrance) {
      case FULL, REDUCED -> {}
      case LOW ->
          add(
              tasks,
              Task.Kind.LIFT,
              "lift the hive on two wedges and tape the gap; two people, it can tip");
      case ROUND_HOLE ->
          add(
              tasks,
              Task.Kind.MOVE_TO_PLAIN_FLOOR,
              "set the colony on a plain solid floor for the treatment");
    }
  }

  private static void nozzle(Fittings fittings, List<Task> tasks) {
    String sleeve = fittings.material() == Material.PLASTIC ? "; sleeve on the nozzle" : "";
    if (fittings.port() == Port.NONE) {
      add(
          tasks,
          Task.Kind.NOZZLE,
          "no port yet: drill 6 to 7 mm at the back before the day, or try the front entrance"
              + sleeve);
    } else if (fittings.port().isDrilled()) {
      add(
          tasks,
          Task.Kind.NOZZLE,
          "peg out of the port (" + fittings.port().words() + "), back in at once after" + sleeve);
    } else {
      add(tasks, Task.Kind.NOZZLE, "nozzle through the front entrance, cloth round it" + sleeve);
    }
  }

  private static void add(List<Task> tasks, Task.Kind kind, String words) {
    tasks.add(new Task(kind, words));
  }
}
