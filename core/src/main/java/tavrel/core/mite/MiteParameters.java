package tavrel.core.mite;

import java.util.List;
import java.util.Map;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * Figures of the mite model.
 *
 * @param naturalLoss share of exposed mites that die or fall in a day, as an exponent
 * @param foundressSurvival share of mother mites that leave a cell alive
 * @param workerDaughters grown daughters a mother leaves a worker cell with
 * @param droneDaughters the same from a drone cell
 * @param workerInvasion rate of entering worker cells, g of bees a cell and day
 * @param droneInvasion rate of entering drone cells, g of bees a cell and day
 * @param beeGrams weight of a bee, g
 * @param beesPerFrame bees on a fully covered deep frame
 * @param cellsPerFrame worker cells of a deep frame, both sides
 * @param coverShare share of a brood frame's cells that are truly capped
 * @param inflow mites a day that come in from outside
 * @param life how long bees live, and whether their number follows the brood
 */
public record MiteParameters(
    double naturalLoss,
    double foundressSurvival,
    double workerDaughters,
    double droneDaughters,
    double workerInvasion,
    double droneInvasion,
    double beeGrams,
    double beesPerFrame,
    double cellsPerFrame,
    double coverShare,
    double inflow,
    BeeLife life) {

  private static final FigureSource CALIBRATED = FigureSource.CALIBRATED;
  private static final FigureSource INVASION = FigureSource.BOOT_CALIS;

  private static final List<ModelParameter> PARAMETERS =
      List.of(
          new ModelParameter(
              "naturalLoss",
              0.006,
              0,
              0.05,
              "a day",
              "mites on bees that die or fall by themselves",
              FigureSource.MARTIN_1998),
          new ModelParameter(
              "foundressSurvival",
              0.8,
              0.3,
              1,
              "",
              "share of mother mites that leave a cell alive",
              CALIBRATED),
          new ModelParameter(
              "workerDaughters",
              0.6,
              0,
              2,
              "a cell",
              "grown daughters from a worker cell",
              CALIBRATED),
          new ModelParameter(
              "droneDaughters",
              1.4,
              0,
              4,
              "a cell",
              "grown daughters from a drone cell",
              CALIBRATED),
          new ModelParameter(
              "workerInvasion",
              0.56,
              0,
              5,
              "g a day",
              "how readily mites enter worker cells",
              INVASION),
          new ModelParameter(
              "droneInvasion",
              6.49,
              0,
              30,
              "g a day",
              "how readily mites enter drone cells",
              INVASION),
          new ModelParameter(
              "beeGrams", 0.125, 0.08, 0.2, "g", "weight of a bee", FigureSource.COMMON_FIGURE),
          new ModelParameter(
              "beesPerFrame",
              2_000,
              800,
              3_000,
              "bees",
              "bees on a fully covered deep frame",
              FigureSource.COMMON_PRACTICE),
          new ModelParameter(
              "cellsPerFrame",
              7_000,
              3_000,
              9_000,
              "cells",
              "worker cells of a deep frame, both sides",
              FigureSource.COMMON_FIGURE),
          new ModelParameter(
              "coverShare",
              0.5,
              0.2,
              1,
              "",
              "share of a brood frame's cells that are truly capped",
              FigureSource.LOOK_AT_FRAMES),
          new ModelParameter(
              "inflow",
              0,
              0,
              100,
              "mites a day",
              "mites brought in by drifting and robbing",
              FigureSource.NONE_UNLESS_KNOWN));

  /** What holds unless a keeper says otherwise. */
  public static final MiteParameters USUAL = of(Map.of());

  /** Every figure with its meaning and source. */
  public static List<ModelParameter> parameters() {
    return PARAMETERS;
  }

  /**
   * The keeper's figures over the usual ones.
   *
   * @throws tavrel.core.InvalidValue if one lies outside its range
   */
  public static MiteParameters of(Map<String, Double> own) {
    double[] v = PARAMETERS.stream().mapToDouble(parameter -> parameter.in(own)).toArray();
    return new MiteParameters(
        v[0], v[1], v[2], v[3], v[4], v[5], v[6], v[7], v[8], v[9], v[10], BeeLife.of(own));
  }

  /** The same without mites from outside. */
  MiteParameters closed() {
    return withInflow(0);
  }

  /** The same with so many mites a day from outside. */
  public MiteParameters withInflow(double mitesADay) {
    return new MiteParameters(
        naturalLoss,
        foundressSurvival,
        workerDaughters,
        droneDaughters,
        workerInvasion,
        droneInvasion,
        beeGrams,
        beesPerFrame,
        cellsPerFrame,
        coverShare,
        mitesADay,
        life);
  }
}
