package tavrel.core.brood;

import java.util.List;
import java.util.Map;
import tavrel.core.FigureSource;
import tavrel.core.InvalidValue;
import tavrel.core.ModelParameter;
import tavrel.core.NumberText;

/**
 * Days from an event to the first egg, as far as anyone can say beforehand.
 *
 * @param onDrawnComb swarm hived on drawn comb
 * @param onFoundation swarm hived on foundation
 * @param afterRelease package queen let out
 * @param cellEarliest ripe cell given, at the earliest
 * @param cellLikely ripe cell given, usually
 * @param cellLatest ripe cell given, eggs should be seen by then
 * @param eggsEarliest queen raised from eggs, at the earliest
 * @param eggsLikely queen raised from eggs, usually
 * @param eggsLatest queen raised from eggs, eggs should be seen by then
 * @param matedEarliest mated queen caged in, at the earliest
 * @param matedLikely mated queen caged in, usually
 * @param matedLatest mated queen caged in, eggs should be seen by then
 */
public record BroodDefaults(
    int onDrawnComb,
    int onFoundation,
    int afterRelease,
    int cellEarliest,
    int cellLikely,
    int cellLatest,
    int eggsEarliest,
    int eggsLikely,
    int eggsLatest,
    int matedEarliest,
    int matedLikely,
    int matedLatest) {

  private static final FigureSource COMMON = FigureSource.COMMON_PRACTICE;
  private static final FigureSource OURS = FigureSource.OUR_MARGIN;

  private static final List<ModelParameter> PARAMETERS =
      List.of(
          parameter("onDrawnComb", 1, "swarm on drawn comb: first eggs", COMMON),
          parameter("onFoundation", 3, "swarm on foundation: first eggs", COMMON),
          parameter("afterRelease", 1, "package queen let out: first eggs", COMMON),
          parameter("cellEarliest", 8, "ripe cell given: first eggs at the earliest", COMMON),
          parameter("cellLikely", 14, "ripe cell given: first eggs, likely", COMMON),
          parameter("cellLatest", 21, "ripe cell given: eggs should be seen by then", OURS),
          parameter(
              "eggsEarliest",
              17,
              "queen raised from eggs or young larvae: first eggs at the earliest",
              FigureSource.QUEEN_DEVELOPMENT),
          parameter("eggsLikely", 27, "queen raised from eggs: first eggs, likely", COMMON),
          parameter("eggsLatest", 35, "queen raised from eggs: eggs should be seen by then", OURS),
          parameter("matedEarliest", 1, "mated queen caged in: first eggs at the earliest", COMMON),
          parameter("matedLikely", 3, "mated queen caged in: first eggs, likely", COMMON),
          parameter("matedLatest", 8, "mated queen caged in: eggs should be seen by then", OURS));

  /** What holds unless a keeper says otherwise. */
  public static final BroodDefaults USUAL = of(Map.of());

  /** Every figure with its meaning. */
  public static List<ModelParameter> parameters() {
    return PARAMETERS;
  }

  /**
   * The keeper's figures over the usual ones.
   *
   * @throws tavrel.core.InvalidValue if one lies outside its range
   */
  public static BroodDefaults of(Map<String, Double> own) {
    int[] days =
        PARAMETERS.stream().mapToInt(parameter -> (int) Math.round(parameter.in(own))).toArray();
    return new BroodDefaults(
        days[0], days[1], days[2], days[3], days[4], days[5], days[6], days[7], days[8], days[9],
        days[10], days[11]);
  }

  /**
   * Refuses figures that contradict each other: earliest, likely and latest come in this order.
   *
   * @param own the keeper's figures by key
   * @throws tavrel.core.InvalidValue at the figure that is out of order
   */
  public static void checkOrder(Map<String, Double> own) {
    for (String which : List.of("cell", "eggs", "mated")) {
      double earliest = value(which + "Earliest", own);
      double likely = value(which + "Likely", own);
      double latest = value(which + "Latest", own);
      if (earliest > likely) {
        throw new InvalidValue(
            which + "Earliest",
            "laterThanLikelyDay",
            "is later than the likely day, {likely}",
            NumberText.plain(likely));
      }
      if (likely > latest) {
        throw new InvalidValue(
            which + "Likely",
            "laterThanDayBy",
            "is later than the day by which eggs should be seen, {latest}",
            NumberText.plain(latest));
      }
    }
  }

  private static double value(String key, Map<String, Double> own) {
    return PARAMETERS.stream()
        .filter(parameter -> parameter.key().equals(key))
        .mapToDouble(parameter -> parameter.in(own))
        .findFirst()
        .orElseThrow();
  }

  int firstEggs(NewQueen queen, Scenario scenario) {
    return switch (queen) {
      case RIPE_CELL -> scenario.pick(cellEarliest, cellLikely, cellLatest);
      case FROM_EGGS -> scenario.pick(eggsEarliest, eggsLikely, eggsLatest);
      case MATED_QUEEN -> scenario.pick(matedEarliest, matedLikely, matedLatest);
    };
  }

  private static ModelParameter parameter(
      String key, int usual, String meaning, FigureSource source) {
    return new ModelParameter(key, usual, 0, 60, "days", meaning, source);
  }
}
