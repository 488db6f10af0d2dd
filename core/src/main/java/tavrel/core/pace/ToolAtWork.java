package tavrel.core.pace;

import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.Pack;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;

/**
 * A tool in a run.
 *
 * @param name what the keeper calls it
 * @param family decides the order of its steps
 * @param capacity grams of product that it takes in one load
 * @param burnBase burn time of a load that does not depend on its grams, s
 * @param burnAGram what each gram of product adds, s
 * @param preheatSeconds until it is hot, s
 * @param coolSeconds a pan's cooling in the hive, s
 * @param reloadSeconds between two loads, s; a pan cools outside so long before each load
 * @param packs what it runs on, or null where the current never ends
 */
public record ToolAtWork(
    String name,
    ToolFamily family,
    double capacity,
    double burnBase,
    double burnAGram,
    int preheatSeconds,
    int coolSeconds,
    int reloadSeconds,
    @Nullable Packs packs) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public ToolAtWork {
    InvalidValue.inRange("capacity", capacity, 0.5, 50, "g of product a load");
    InvalidValue.inRange("burnBase", burnBase, 0, 1_800, "s");
    InvalidValue.inRange("burnAGram", burnAGram, 0, 600, "s a gram");
    InvalidValue.inRange("preheatSeconds", preheatSeconds, 0, 900, "s");
    InvalidValue.inRange("coolSeconds", coolSeconds, 0, 900, "s");
    InvalidValue.inRange("reloadSeconds", reloadSeconds, 0, 1_800, "s");
  }

  /**
   * Packs of one tool, all charged at the start.
   *
   * @param count how many
   * @param burnsPerCharge loads that one charge burns
   * @param swapSeconds taking one off and putting the next on, s
   * @param chargeSeconds until one taken off can be used again in the yard, s; null where it cannot
   */
  public record Packs(
      int count, int burnsPerCharge, int swapSeconds, @Nullable Integer chargeSeconds) {

    /**
     * @throws InvalidValue naming the component that cannot be
     */
    public Packs {
      InvalidValue.inRange("count", count, 1, 99, "packs");
      InvalidValue.inRange("burnsPerCharge", burnsPerCharge, 1, 500, "burns");
      InvalidValue.inRange("swapSeconds", swapSeconds, 0, 900, "s");
    }

    /** Taking one pack off and putting the next on, s; our own round figure. */
    private static final int USUAL_SWAP = 45;

    /**
     * What a tool has of packs that several tools of a run share evenly, one at the least.
     *
     * @param pack the kind of pack, or null for a tool on the mains
     * @param sharers how many tools share it
     * @return null where the current never ends or nobody knows how long a charge lasts
     */
    public static @Nullable Packs shared(@Nullable Pack pack, int sharers) {
      Integer burns = pack == null ? null : pack.burnsPerCharge();
      return pack == null || burns == null
          ? null
          : new Packs(Math.max(1, pack.count() / Math.max(1, sharers)), burns, USUAL_SWAP, null);
    }
  }

  /**
   * A tool of the gear with its burn time, margin on top.
   *
   * @param packs what it runs on, or null where the current never ends
   * @throws InvalidValue where nothing is known of its burn time
   */
  public static ToolAtWork of(Tool tool, BurnFit fit, @Nullable Packs packs) {
    if (fit.basis() == BurnFit.Basis.NOTHING) {
      throw new InvalidValue(
          "tools",
          "includeWhoseBurnTime",
          "include {tool}, whose burn time nobody knows; time a test burn",
          tool.name());
    }
    double margin = fit.basis() == BurnFit.Basis.OWN_FIGURE ? 1 : 1 + fit.marginPercent() / 100;
    return new ToolAtWork(
        tool.name(),
        tool.family(),
        tool.capacity(),
        fit.intercept() * margin,
        fit.slope() * margin,
        tool.preheatSeconds(),
        tool.coolSeconds(),
        tool.reloadSeconds(),
        packs);
  }

  /** The same without its name: two such tools work alike. */
  ToolAtWork nameless() {
    return new ToolAtWork(
        "",
        family,
        capacity,
        burnBase,
        burnAGram,
        preheatSeconds,
        coolSeconds,
        reloadSeconds,
        packs);
  }

  /** Loads that a hive's dose takes in it. */
  int loads(HiveWork hive) {
    return Math.max(1, (int) Math.ceil(hive.grams() / capacity - 1e-9));
  }

  /** Burn of each of them, s. */
  int burn(HiveWork hive) {
    double each = burnBase + burnAGram * hive.grams() / loads(hive);
    return Math.max(1, (int) Math.ceil(each - 1e-9));
  }

  boolean isPan() {
    return family == ToolFamily.PAN_WAND;
  }
}
