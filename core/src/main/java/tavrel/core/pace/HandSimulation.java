package tavrel.core.pace;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.pace.Pace.Stretch;

/** A person's hands while a run is played through. */
final class HandSimulation {

  final boolean burns;
  final List<Stretch> stretches = new ArrayList<>();
  boolean busy = true;

  HandSimulation(boolean burns) {
    this.burns = burns;
  }
}
