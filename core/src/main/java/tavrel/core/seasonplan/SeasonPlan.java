package tavrel.core.seasonplan;

import java.util.List;

/**
 * A season across apiaries, planned.
 *
 * @param visits every round, placed or not
 * @param routes every crew's day
 * @param bends what bent or broke, gravest first
 * @param figures the plan in figures
 */
public record SeasonPlan(
    List<PlacedVisit> visits,
    List<DayRoute> routes,
    List<RuleViolation> bends,
    PlanSummary figures) {

  /** A set of visits, read against all rules. */
  public static SeasonPlan of(SeasonProblem problem, List<PlacedVisit> visits) {
    PlanBoard board = new PlanBoard(problem);
    return new PlanReading(board, board.placing(visits)).plan();
  }

  /**
   * What a keeper does by hand: series by the day they are due, each on the wanted day or the next
   * that is free, with the first crew that can. Pinned visits stay.
   */
  public static SeasonPlan byHand(SeasonProblem problem) {
    PlanBoard board = new PlanBoard(problem);
    return new PlanReading(board, new NextFreeDay(board).placing()).plan();
  }
}
