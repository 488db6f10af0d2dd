package tavrel.core.ready;

import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.Pack;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.DoseSheet;
import tavrel.core.pace.RunLength;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;

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
   * @param usual how the outfit works
   */
  public static YardSheet of(
      DoseSheet dose, HiveReady.Gear gear, @Nullable Pack pack, UsualWork usual) {
    List<HiveReady> hives = dose.hives().stream().map(line -> HiveReady.of(line, gear)).toList();
    Integer shut = mostShut(dose, hives, gear, usual);
    return new YardSheet(dose, gear.family(), hives, KitList.of(dose, hives, gear, pack, shut));
  }

  /** Most hives shut at once with cloths enough; null where the tool's burn time is not known. */
  private static @Nullable Integer mostShut(
      DoseSheet dose, List<HiveReady> hives, HiveReady.Gear gear, UsualWork usual) {
    Tool tool = gear.tool();
    BurnFit fit = gear.fit();
    if (tool == null || fit == null || fit.basis() == BurnFit.Basis.NOTHING) {
      return null;
    }
    List<ToolAtWork> tools = List.of(ToolAtWork.of(tool, fit, null));
    return RunLength.plain(YardWork.of(dose, hives, tools, usual).withCloths(hives.size()))
        .mostShut();
  }
}
