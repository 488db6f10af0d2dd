package tavrel.core.mite;

import java.util.List;
import java.util.Map;
import tavrel.core.FigureSource;
import tavrel.core.ModelParameter;

/**
 * How long bees live, for bees that follow the brood. Round figures of our own, which a keeper can
 * change.
 *
 * @param follow whether the number of bees follows the brood; else it is held as it was seen
 * @param emerging share of capped worker cells from which a bee emerges
 * @param winterDays mean life of a winter bee, days
 * @param shortest shortest mean life of a summer bee, days
 * @param longest longest, days
 * @param unseen mean life where no brood is capped to tell it by, days
 * @param raising days until all bees of a colony that enters the winter are winter bees
 */
public record BeeLife(
    boolean follow,
    double emerging,
    double winterDays,
    double shortest,
    double longest,
    double unseen,
    double raising) {

  private static final FigureSource OURS = FigureSource.OUR_ROUND_FIGURE;

  private static final List<ModelParameter> PARAMETERS =
      List.of(
          new ModelParameter(
              "beesFollow",
              1,
              0,
              1,
              "1 yes, 0 no",
              "the number of bees follows the brood; with 0 it is held as it was seen",
              FigureSource.OWN_STRUCTURE),
          new ModelParameter(
              "beesEmerging",
              0.95,
              0.5,
              1,
              "",
              "share of capped worker cells from which a bee emerges",
              OURS),
          new ModelParameter(
              "winterBeeDays", 150, 60, 300, "days", "mean life of a winter bee", OURS),
          new ModelParameter(
              "beeDaysLeast", 20, 10, 40, "days", "shortest mean life of a summer bee", OURS),
          new ModelParameter(
              "beeDaysMost", 45, 30, 90, "days", "longest mean life of a summer bee", OURS),
          new ModelParameter(
              "beeDaysUnseen",
              30,
              15,
              60,
              "days",
              "mean life of a summer bee where no brood tells it",
              OURS),
          new ModelParameter(
              "winterBeesRaised",
              40,
              10,
              90,
              "days",
              "days from the winter-bee date until all bees of a colony are winter bees",
              OURS));

  /** The figures that a keeper may change. */
  public static List<ModelParameter> parameters() {
    return PARAMETERS;
  }

  /** What holds unless a keeper says otherwise. */
  public static final BeeLife USUAL = of(Map.of());

  /** The keeper's figures over the usual ones. */
  public static BeeLife of(Map<String, Double> own) {
    double[] v = PARAMETERS.stream().mapToDouble(parameter -> parameter.in(own)).toArray();
    return new BeeLife(v[0] >= 0.5, v[1], v[2], v[3], Math.max(v[3], v[4]), v[5], v[6]);
  }
}
