package tavrel.core.ready;

import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.burn.Pack;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.DoseSheet;

/**
 * What is taken to the yard: the dose sheet, what each hive needs, and the kit.
 *
 * @param dose grams, loads and verdicts
 * @param family of the tool
 * @param hives one for each line of the dose sheet, in its order
 * @param kit what goes into the truck
 */
public record YardSheet(
    DoseSheet dose, ToolFamily family, List<HiveReady> hives, List<KitItem> kit) {

  /**
   * Reads a dose sheet with its tool and figures.
   *
   * @param pack that the tool runs on, or null
   */
  public static YardSheet of(DoseSheet dose, HiveReady.Gear gear, @Nullable Pack pack) {
    List<HiveReady> hives = dose.hives().stream().map(line -> HiveReady.of(line, gear)).toList();
    return new YardSheet(dose, gear.family(), hives, KitList.of(dose, hives, gear, pack));
  }
}
