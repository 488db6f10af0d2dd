package tavrel.core.seasonplan;

import java.util.List;
import java.util.Map;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * What bending a rule costs, in minutes of a crew's time, so that it can be weighed against
 * driving.
 *
 * @param gapDay a day off the wanted gap, min; two days cost four times as much
 * @param startDay a day after the wanted start, min
 * @param lateDay a day after the day by which all should be done, min
 * @param bestDay a day beside those that are hoped for, min
 * @param fairMinute a minute in fair instead of good hours, min
 * @param reserve share of the days that no source tells of that may be spoiled, 0 to 0.9; as much
 *     of their hours is kept free
 * @param reserveMinute a minute of work that takes up that reserve, min
 * @param km a kilometre beside the minutes that it takes, min
 * @param unevenMinute a minute by which a crew has more or less to do than the mean, min
 * @param moved a visit that was agreed and moves to another day, min
 * @param otherCrew a visit that was agreed and goes to another crew, min
 * @param movesForMissed how many agreed visits may move to find a place for one that has none; 0
 *     for as many as it takes
 */
public record PlanWeights(
    int gapDay,
    int startDay,
    int lateDay,
    int bestDay,
    double fairMinute,
    double reserve,
    double reserveMinute,
    double km,
    double unevenMinute,
    int moved,
    int otherCrew,
    int movesForMissed) {

  private static final FigureSource OURS = FigureSource.WHAT_A_KEEPER_WOULD_DRIVE;

  private static final ModelParameter GAP_DAY =
      parameter(
          "plan.gapDay", 240, "A round one day off the wanted gap; two days cost four times that");
  private static final ModelParameter START_DAY =
      parameter("plan.startDay", 10, "A series that begins one day after the wanted start");
  private static final ModelParameter LATE_DAY =
      parameter("plan.lateDay", 90, "A last round one day after the winter-bee date");
  private static final ModelParameter BEST_DAY =
      parameter("plan.bestDay", 90, "A round one day beside the time without capped brood");
  private static final ModelParameter MOVED =
      parameter("plan.moved", 240, "An agreed visit that moves to another day");
  private static final ModelParameter OTHER_CREW =
      parameter("plan.otherCrew", 90, "An agreed visit that goes to another crew");

  private static final ModelParameter RESERVE =
      new ModelParameter(
          "plan.reserve",
          0.25,
          0,
          0.9,
          "",
          "Share of the days beyond the forecast that may be spoiled; as much of them is kept free",
          FigureSource.ONE_DAY_IN_FOUR);

  /** As the product ships. */
  public static final PlanWeights USUAL = of(Map.of());

  /** Figures that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return List.of(GAP_DAY, START_DAY, LATE_DAY, BEST_DAY, MOVED, OTHER_CREW, RESERVE);
  }

  /** With the keeper's own figures. */
  public static PlanWeights of(Map<String, Double> own) {
    return new PlanWeights(
        whole(GAP_DAY, own),
        whole(START_DAY, own),
        whole(LATE_DAY, own),
        whole(BEST_DAY, own),
        0.5,
        RESERVE.in(own),
        2,
        1,
        0.1,
        whole(MOVED, own),
        whole(OTHER_CREW, own),
        0);
  }

  /** The same where few changes matter more than anything else that may bend. */
  public PlanWeights fewChanges() {
    return new PlanWeights(
        gapDay,
        startDay,
        lateDay,
        bestDay,
        fairMinute,
        reserve,
        reserveMinute,
        km,
        unevenMinute,
        Math.max(moved, 2_000),
        Math.max(otherCrew, 1_000),
        8);
  }

  private static ModelParameter parameter(String key, double usual, String meaning) {
    return new ModelParameter(key, usual, 0, 10_000, "min of a crew's time", meaning, OURS);
  }

  private static int whole(ModelParameter parameter, Map<String, Double> own) {
    return (int) Math.round(parameter.in(own));
  }
}
