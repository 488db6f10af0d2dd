package tavrel.core.seal;

import java.util.List;
import java.util.Map;
import tavrel.core.ModelParameter;
import tavrel.core.hive.Cracks;
import tavrel.core.hive.Entrance;
import tavrel.core.hive.Fittings;
import tavrel.core.hive.Floor;
import tavrel.core.hive.Hive;
import tavrel.core.hive.InnerCover;
import tavrel.core.hive.Shutting;

/**
 * Figures of the seal estimate. Calibrated so that one deep of 42 L with a full entrance, opened
 * ten minutes after withdrawal, keeps 0.90 shut well, 0.68 with its entrance open, 0.45 over a
 * loose tray and 0.20 over bare mesh: keepers' experience, not measurement.
 *
 * @param settling share of the vapour in the air that settles inside, a second
 * @param leaking litres of hive air that an opening passes, a second and cm²
 * @param throughCloth share of that which still passes a wet cloth
 * @param fullEntrance opening of a full-width entrance of ten frames, cm²
 * @param lowEntrance of a low one of ten frames, cm²
 * @param reducedEntrance of a reduced one, cm²
 * @param roundHole of a round entrance hole, cm²
 * @param tightTray gap round a tight tray of ten frames, cm²
 * @param looseTray gap round a loose tray of ten frames, cm²
 * @param bareMesh open mesh of ten frames, cm²
 * @param coverHole open hole of an inner cover, cm²
 * @param fewCracks a few cracks together, cm²
 * @param manyCracks many cracks together, cm²
 * @param port a drilled port before it is plugged, cm²
 */
public record SealParameters(
    double settling,
    double leaking,
    double throughCloth,
    double fullEntrance,
    double lowEntrance,
    double reducedEntrance,
    double roundHole,
    double tightTray,
    double looseTray,
    double bareMesh,
    double coverHole,
    double fewCracks,
    double manyCracks,
    double port) {

  private static final String EXPERIENCE = "keepers' experience, not measured";

  private static final List<ModelParameter> PARAMETERS =
      List.of(
          parameter(
              "sealSettling",
              0.0049,
              0.0005,
              0.05,
              "of it a second",
              "vapour in the hive's air that settles on bees, comb and walls"),
          parameter(
              "sealLeaking",
              0.00125,
              0,
              0.02,
              "L/s a cm²",
              "hive air that an opening lets out; one figure for all openings"),
          parameter(
              "sealThroughCloth",
              0.145,
              0,
              1,
              "",
              "share of a leak that a wet cloth still lets out"),
          area("sealFullEntrance", 75, "full-width entrance of ten frames"),
          area("sealLowEntrance", 40, "full-width entrance too low for a pan, ten frames"),
          area("sealReducedEntrance", 15, "reduced entrance"),
          area("sealRoundHole", 5, "round entrance hole"),
          area("sealTightTray", 4, "gap round a tight tray, ten frames"),
          area("sealLooseTray", 190, "gap of 12 mm round a loose tray, ten frames"),
          area("sealBareMesh", 640, "open mesh floor, ten frames"),
          area("sealCoverHole", 12, "hole in the inner cover"),
          area("sealFewCracks", 10, "a few cracks, together"),
          area("sealManyCracks", 50, "many cracks, together"),
          area("sealPort", 0.4, "drilled port of 7 mm until it is plugged"));

  /** Every figure with its usual value. */
  public static final SealParameters USUAL = of(Map.of());

  /** Every figure with its meaning. */
  public static List<ModelParameter> parameters() {
    return PARAMETERS;
  }

  /**
   * The keeper's figures over the usual ones.
   *
   * @throws tavrel.core.InvalidValue if one lies outside its range
   */
  public static SealParameters of(Map<String, Double> own) {
    double[] value = PARAMETERS.stream().mapToDouble(parameter -> parameter.in(own)).toArray();
    return new SealParameters(
        value[0], value[1], value[2], value[3], value[4], value[5], value[6], value[7], value[8],
        value[9], value[10], value[11], value[12], value[13]);
  }

  /** Openings of a hive as it stands for a treatment, with what passes through each. */
  List<Leak> leaks(Hive hive) {
    Fittings fittings = hive.fittings();
    double width = hive.framesWide() / 10.0;
    double cloth = fittings.shutting() == Shutting.WET_CLOTH ? throughCloth : 1;
    return java.util.stream.Stream.of(
            leak(LeakKind.ENTRANCE, entrance(fittings.entrance(), width), cloth),
            leak(LeakKind.FLOOR, floor(hive.floor()) * width, 1),
            leak(
                LeakKind.INNER_COVER,
                fittings.innerCover() == InnerCover.HOLE_OPEN ? coverHole : 0,
                1),
            leak(LeakKind.CRACKS, cracks(fittings.cracks()), 1),
            leak(LeakKind.PORT, fittings.port().isDrilled() ? port : 0, 1))
        .filter(leak -> leak.cm2() > 0)
        .toList();
  }

  private Leak leak(LeakKind kind, double cm2, double open) {
    return new Leak(kind, cm2, cm2 * open * leaking);
  }

  private double entrance(Entrance entrance, double width) {
    return switch (entrance) {
      case FULL -> fullEntrance * width;
      case LOW -> lowEntrance * width;
      case REDUCED -> reducedEntrance;
      case ROUND_HOLE -> roundHole;
    };
  }

  private double floor(Floor floor) {
    return switch (floor) {
      case SOLID -> 0;
      case MESH_TIGHT_TRAY -> tightTray;
      case MESH_LOOSE_TRAY -> looseTray;
      case BARE_MESH -> bareMesh;
    };
  }

  private double cracks(Cracks cracks) {
    return switch (cracks) {
      case NONE -> 0;
      case A_FEW -> fewCracks;
      case MANY -> manyCracks;
    };
  }

  private static ModelParameter parameter(
      String key, double usual, double least, double most, String unit, String meaning) {
    return new ModelParameter(
        key, usual, least, most, unit, "seal estimate: " + meaning, EXPERIENCE);
  }

  private static ModelParameter area(String key, double usual, String meaning) {
    return parameter(key, usual, 0, 2_000, "cm²", meaning);
  }
}
