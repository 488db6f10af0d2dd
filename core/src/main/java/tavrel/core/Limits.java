package tavrel.core;

import tavrel.core.measure.Scoops;
import tavrel.core.pace.RunSetUp;
import tavrel.core.spacing.Schedule;

/**
 * Limits of the job that a screen keeps before anything is sent. Each is decided where its rule
 * stands; here they are told together.
 *
 * @param toolsInARun most tools that work in one run
 * @param roundsInASchedule most rounds of one schedule
 * @param fewestScoops level scoops that have to be weighed for a mean that holds
 * @param mostScoops most that are reckoned with
 */
public record Limits(int toolsInARun, int roundsInASchedule, int fewestScoops, int mostScoops) {

  /** As the rules have them. */
  public static final Limits ALL =
      new Limits(RunSetUp.MOST_TOOLS, Schedule.MOST_ROUNDS, Scoops.FEWEST, Scoops.MOST);
}
