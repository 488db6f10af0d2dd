package tavrel.core.pace;

import java.util.PriorityQueue;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;

/** The packs of one tool while a run is played through; a tool on the mains never runs low. */
final class PackSimulation {

  private final ToolAtWork.@Nullable Packs packs;
  private final IntConsumer wake;
  private final PriorityQueue<Integer> spareFrom = new PriorityQueue<>();
  private int burnsLeft;
  private boolean packOn = true;
  private int charges;

  /**
   * @param packs all charged, or null for the mains
   * @param wake told the second at which a pack is charged again
   */
  PackSimulation(ToolAtWork.@Nullable Packs packs, IntConsumer wake) {
    this.packs = packs;
    this.wake = wake;
    if (packs != null) {
      burnsLeft = packs.burnsPerCharge();
      charges = 1;
      for (int spare = 1; spare < packs.count(); spare++) {
        spareFrom.add(0);
      }
    }
  }

  /** Charges used so far. */
  int charges() {
    return charges;
  }

  /** Whether it lasts for all loads of a hive; a pack too low for them is put on charge. */
  boolean lasts(int burns, int now) {
    int needed = swaps(burns);
    if (needed == 0 || spareFrom.stream().filter(from -> from <= now).count() >= needed) {
      return true;
    }
    if (packOn && spareFrom.isEmpty()) {
      burnsLeft = 0;
      takeOff(now);
    }
    return false;
  }

  /** Burns so many loads, and gives the time that swapping packs before them takes, s. */
  int use(int burns, int now) {
    if (packs == null) {
      return 0;
    }
    int swaps = swaps(burns);
    for (int i = 0; i < swaps; i++) {
      if (packOn) {
        takeOff(now);
      }
      spareFrom.poll();
      packOn = true;
      burnsLeft += packs.burnsPerCharge();
      charges++;
    }
    burnsLeft -= burns;
    return swaps * packs.swapSeconds();
  }

  /** The tool is out of the hive: a pack that is empty goes on charge. */
  void rest(int now) {
    if (packOn && burnsLeft == 0) {
      takeOff(now);
    }
  }

  private int swaps(int burns) {
    return packs == null || burns <= burnsLeft
        ? 0
        : -Math.floorDiv(burnsLeft - burns, packs.burnsPerCharge());
  }

  private void takeOff(int now) {
    packOn = false;
    if (packs != null && packs.chargeSeconds() != null) {
      int charged = now + packs.chargeSeconds();
      spareFrom.add(charged);
      wake.accept(charged);
    }
  }
}
