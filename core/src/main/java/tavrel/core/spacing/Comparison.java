package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import tavrel.core.Fact;

/**
 * Patterns side by side, the whole search, the breaks in brood, and what is recommended. A model
 * estimate.
 *
 * @param start first day of the patterns and the grid
 * @param commonDate the date at which all are compared
 * @param patterns every pattern from the start
 * @param breaks one round without capped brood, where it could be had
 * @param grid each further round and each day of gap from the start
 * @param front the fewest mites that each number of visits can leave, any of 14 start days
 * @param untreated mites in all at the common date if nothing is done
 * @param untreatedWash mites a bee that a wash would find then, a fraction
 * @param advice what is recommended, and why
 */
public record Comparison(
    LocalDate start,
    LocalDate commonDate,
    List<PatternOutcome> patterns,
    List<BroodBreak> breaks,
    List<SpacingSearch.EvenSeries> grid,
    List<SpacingSearch.EvenSeries> front,
    double untreated,
    double untreatedWash,
    Advice advice) {

  /**
   * Compares.
   *
   * @param start first day of the patterns, today to 13 days ahead
   * @throws tavrel.core.InvalidValue if the start is beyond that
   */
  public static Comparison of(Colony colony, LocalDate start) {
    LocalDate today = colony.today();
    new Schedule(List.of(start)).within(today, today.plusDays(SpacingSearch.STARTS - 1L));
    SpacingSearch search = SpacingSearch.of(colony);
    List<PatternOutcome> patterns = PatternOutcome.all(colony, start);
    List<BroodBreak> breaks = BroodBreak.of(colony);
    PatternOutcome nothing = PatternOutcome.of(colony, "none", new Schedule(List.of()));
    return new Comparison(
        start,
        colony.commonDate(),
        patterns,
        breaks,
        search.startingOn(start),
        search.front(),
        nothing.left(),
        nothing.wash(),
        Advice.of(colony, search, patterns, breaks, nothing));
  }

  /**
   * The same with the last day to begin among the reasons of the advice.
   *
   * @param danger mites a bee above which nobody waits any longer, a fraction
   */
  public Comparison withLatestStart(Colony colony, double danger) {
    Schedule none = new Schedule(List.of());
    Fact latest = LatestStart.of(colony, colony.today(), none, none, danger).told();
    if (latest == null) {
      return this;
    }
    List<Fact> reasons = new ArrayList<>(advice.reasons());
    reasons.add(latest);
    return new Comparison(
        start,
        commonDate,
        patterns,
        breaks,
        grid,
        front,
        untreated,
        untreatedWash,
        new Advice(advice.kind(), advice.days(), advice.says(), List.copyOf(reasons)));
  }
}
