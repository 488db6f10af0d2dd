package tavrel.core.ready;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.BurnTime;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.HiveDose;
import tavrel.core.hive.Hive;
import tavrel.core.mite.KillCurve;
import tavrel.core.seal.Release;
import tavrel.core.seal.SealParameters;
import tavrel.core.seal.SealReading;

/**
 * Everything about a hive's burn beside its grams.
 *
 * @param hiveId the hive
 * @param kept share of the acid that settles inside, a model estimate
 * @param kill share of the exposed mites that its dose kills, a model estimate
 * @param shutFirst the opening that costs most, with what shutting it brings; null if none
 * @param burn how long to plan for a load, or null where nothing is known of the tool
 * @param tasks what to do before the burn
 * @param unfit why the tool must not come near it, or null
 */
public record HiveReady(
    UUID hiveId,
    double kept,
    double kill,
    SealReading.@Nullable Gain shutFirst,
    @Nullable BurnTime burn,
    List<Task> tasks,
    @Nullable Fact unfit) {

  private static final double PAUSE_IN_BOWL = 45;

  /**
   * What a round's tool and figures are.
   *
   * @param tool the tool, or null where it is only a name
   * @param fit its burn times, or null likewise
   * @param sealMinutes minutes shut
   * @param figures of the seal estimate
   * @param curve from dose to kill
   */
  public record Gear(
      @Nullable Tool tool,
      @Nullable BurnFit fit,
      int sealMinutes,
      SealParameters figures,
      KillCurve curve) {

    /** The tool's family; a tool that is only a name is taken for a bowl. */
    public ToolFamily family() {
      return tool == null ? ToolFamily.HEATED_BOWL : tool.family();
    }
  }

  /** Reads one line of a dose sheet. */
  public static HiveReady of(HiveDose dose, Gear gear) {
    Hive hive = dose.hive().with(dose.hive().fittings().with(dose.supersPlan()));
    BurnTime burn = gear.fit() == null ? null : gear.fit().time(dose.loads().largestProduct());
    Release release =
        new Release(
            Math.min(99, dose.loads().count()),
            burn == null
                ? Release.USUAL.burnSeconds()
                : Math.max(1, Math.min(1_800, burn.fitted())),
            gear.tool() == null
                ? PAUSE_IN_BOWL
                : gear.tool().coolSeconds() + gear.tool().reloadSeconds());
    SealReading seal =
        SealReading.of(
            hive,
            release,
            gear.sealMinutes(),
            dose.totalAcid() / dose.boxFactor(),
            gear.figures(),
            gear.curve());
    return new HiveReady(
        hive.id(),
        seal.kept(),
        seal.kill(),
        seal.gains().isEmpty() ? null : seal.gains().get(0),
        burn,
        Readying.tasks(hive, gear.family()),
        Readying.unfit(hive, gear.family()).orElse(null));
  }
}
