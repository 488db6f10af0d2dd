package tavrel.core.spacing;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * By when a series must begin so that a colony's mites are down at the common date, and what
 * waiting costs. A model estimate, run from the day of the count through the rounds given since:
 * the target counts as reached if four draws in five of count and kill stay within it; "the last
 * day" is the last from which any even series on the label does, and before the colony would be in
 * danger. Where a label names a year's rounds they are shared out ({@link LabelYear}).
 *
 * @param standing how it stands
 * @param expected mites a bee that a wash would find today, a fraction
 * @param commonDate the date at which mites should be down
 * @param target mites a bee that a wash should not find more of then, a fraction
 * @param untreated mites a bee that a wash would find if nothing were done, a fraction
 * @param planned what the rounds leave that are agreed, or null where none are
 * @param soonest the least work from the first day that allows it, or null where nothing does
 * @param last the least work from the last day that allows it, or null where nothing does
 * @param best what leaves the fewest mites on the label, where nothing reaches the target; or null
 * @param weekCosts mites more at the common date if the soonest, or the best, began a week later; 0
 *     where there is nothing to begin
 * @param labelYear what the label leaves this year, where it is shared out: what is named keeps
 *     enough of it, or is the least that keeps the colony out of danger until then; else null
 */
public record LatestStart(
    Standing standing,
    double expected,
    LocalDate commonDate,
    double target,
    double untreated,
    @Nullable Planned planned,
    @Nullable Begun soonest,
    @Nullable Begun last,
    @Nullable Begun best,
    double weekCosts,
    @Nullable LabelYear labelYear,
    @Nullable Begun spends) {

  /** How a colony stands to its target. */
  public enum Standing {
    /** Within it without a round. */
    HOLDS,
    /** The rounds that are agreed bring it there. */
    PLANNED,
    /** A series does that is not agreed yet. */
    TO_BEGIN,
    /** No series on the label does any more. */
    TOO_LATE,
    /** Nothing is on the label. */
    NONE_ON_LABEL
  }

  /**
   * What agreed rounds leave.
   *
   * @param left mites in all at the common date
   * @param wash mites a bee that a wash would find then, a fraction
   * @param reaches whether four draws in five stay within the target
   */
  public record Planned(double left, double wash, boolean reaches) {}

  /**
   * A series begun on a day.
   *
   * @param start its first day
   * @param rounds how many
   * @param gap days between; of no meaning for one round
   * @param left mites in all at the common date
   * @param wash mites a bee that a wash would find then, a fraction
   */
  public record Begun(LocalDate start, int rounds, int gap, double left, double wash) {

    /** Its days. */
    public Schedule schedule() {
      return Schedule.every(start, rounds, gap);
    }
  }

  /**
   * Looks at every even series from every day.
   *
   * @param colony on the day of its count, with the common date, the target, and the sheet that
   *     series are held against
   * @param today from which day on a series can begin; the day of the count, or later
   * @param given rounds given since the count
   * @param agreed rounds that are agreed; those up to the last given are taken for given
   * @param danger mites a bee above which nobody waits any longer, a fraction
   */
  public static LatestStart of(
      Colony colony, LocalDate today, Schedule given, Schedule agreed, double danger) {
    return new SeriesSweep(colony, today, given, danger).read(agreed);
  }

  /** Whether somebody has to do something. */
  public boolean asksForWork() {
    return standing == Standing.TO_BEGIN
        || standing == Standing.TOO_LATE
        || standing == Standing.NONE_ON_LABEL;
  }

  /** What to begin: the soonest series that reaches the target, else the best; null for none. */
  public @Nullable Begun act() {
    return soonest == null ? best : soonest;
  }

  /** Mites more at the common date for a week of waiting; fewer are no reason to wait, so 0. */
  public double waitingCosts() {
    return Math.max(0, weekCosts);
  }

  /** It in a sentence for the bench; null where there is nothing to begin. */
  @Nullable Fact told() {
    if (last != null) {
      Fact by = weekCosts > 0 ? Fact.of("advice.beginBy") : Fact.of("advice.beginByNoCost");
      return by.day("day", last.start())
          .count("rounds", last.rounds(), "round")
          .count("gap", last.gap(), "day")
          .share("target", target)
          .day("date", commonDate)
          .figure("mites", Math.rint(weekCosts));
    }
    if (best == null) {
      return null;
    }
    Fact none = Fact.of("advice.outOfReach");
    if (labelYear != null) {
      none =
          spends == null
              ? Fact.of("advice.outOfShare")
              : Fact.of("advice.spends")
                  .count("rounds", spends.rounds, "round")
                  .count("gap", spends.gap, "day")
                  .day("day", spends.start);
      none = none.day("stops", labelYear.lastsUntil());
    }
    return none.share("target", target).day("date", commonDate).share("wash", best.wash());
  }
}
