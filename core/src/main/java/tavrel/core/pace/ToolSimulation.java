package tavrel.core.pace;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import tavrel.core.pace.Pace.Stretch;

/** A tool while a run is played through, with the hive that it is in or belongs to. */
final class ToolSimulation {

  /** Where it stands. */
  enum Stage {
    HEATING,
    READY,
    IN_HANDS,
    BURNING,
    BURNT,
    COOLING,
    COOLED,
    RESTING
  }

  final int number;
  final ToolAtWork of;
  final PackSimulation packSimulation;
  final List<Stretch> stretches = new ArrayList<>();
  Stage stage = Stage.HEATING;
  int hive = -1;
  int loadsLeft;

  ToolSimulation(int number, ToolAtWork of, IntConsumer wake) {
    this.number = number;
    this.of = of;
    packSimulation = new PackSimulation(of.packs(), wake);
  }
}
