package tavrel.core.seal;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tavrel.core.FigureSource;
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
 * @param openings how large each opening is
 */
public record SealParameters(
    double settling, double leaking, double throughCloth, Openings openings) {

  /**
   * Openings of a hive ten frames wide, cm².
   *
   * @param entrance by kind; those of full width grow with the hive's
   * @param floor by kind; all grow with the hive's width
   * @param cracks all together
   * @param coverHole open hole of an inner cover
   * @param port a drilled port before it is plugged
   */
  record Openings(
      Map<Entrance, Double> entrance,
      Map<Floor, Double> floor,
      Map<Cracks, Double> cracks,
      double coverHole,
      double port) {

    /** Copies. */
    Openings {
      entrance = Map.copyOf(entrance);
      floor = Map.copyOf(floor);
      cracks = Map.copyOf(cracks);
    }
  }

  private static final FigureSource EXPERIENCE = FigureSource.EXPERIENCE;

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
    Map<String, Double> values =
        PARAMETERS.stream()
            .collect(Collectors.toMap(ModelParameter::key, parameter -> parameter.in(own)));
    return new SealParameters(
        value(values, "sealSettling"),
        value(values, "sealLeaking"),
        value(values, "sealThroughCloth"),
        new Openings(
            Map.of(
                Entrance.FULL, value(values, "sealFullEntrance"),
                Entrance.LOW, value(values, "sealLowEntrance"),
                Entrance.REDUCED, value(values, "sealReducedEntrance"),
                Entrance.ROUND_HOLE, value(values, "sealRoundHole")),
            Map.of(
                Floor.SOLID, 0.0,
                Floor.MESH_TIGHT_TRAY, value(values, "sealTightTray"),
                Floor.MESH_LOOSE_TRAY, value(values, "sealLooseTray"),
                Floor.BARE_MESH, value(values, "sealBareMesh")),
            Map.of(
                Cracks.NONE, 0.0,
                Cracks.A_FEW, value(values, "sealFewCracks"),
                Cracks.MANY, value(values, "sealManyCracks")),
            value(values, "sealCoverHole"),
            value(values, "sealPort")));
  }

  private static double value(Map<String, Double> values, String key) {
    return Objects.requireNonNull(values.get(key), key);
  }

  /** Openings of a hive as it stands for a treatment, with what passes through each. */
  List<Leak> leaks(Hive hive) {
    Fittings fittings = hive.fittings();
    double width = hive.framesWide() / 10.0;
    double cloth = fittings.shutting() == Shutting.WET_CLOTH ? throughCloth : 1;
    return Stream.of(
            leak(LeakKind.ENTRANCE, entrance(fittings.entrance(), width), cloth),
            leak(LeakKind.FLOOR, of(openings.floor(), hive.floor()) * width, 1),
            leak(
                LeakKind.INNER_COVER,
                fittings.innerCover() == InnerCover.HOLE_OPEN ? openings.coverHole() : 0,
                1),
            leak(LeakKind.CRACKS, of(openings.cracks(), fittings.cracks()), 1),
            leak(LeakKind.PORT, fittings.port().isDrilled() ? openings.port() : 0, 1))
        .filter(leak -> leak.cm2() > 0)
        .toList();
  }

  private Leak leak(LeakKind kind, double cm2, double open) {
    return new Leak(kind, cm2, cm2 * open * leaking);
  }

  private double entrance(Entrance entrance, double width) {
    boolean grows = entrance == Entrance.FULL || entrance == Entrance.LOW;
    return of(openings.entrance(), entrance) * (grows ? width : 1);
  }

  private static <K> double of(Map<K, Double> openings, K kind) {
    return Objects.requireNonNull(openings.get(kind));
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
