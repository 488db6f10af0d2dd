package tavrel.core.seasonplan;

import java.time.LocalDate;

/**
 * Every rule of a season plan, once. The search, the plan by hand and the words on screen all ask
 * here. What must not be is counted in days, minutes or times; what is only unwished costs minutes.
 */
final class PlanRules {

  private PlanRules() {}

  // What must not be

  /** Days missing between two rounds of a series, 0 if none. */
  static int shortBy(Visit earlier, CrewDay one, Visit later, CrewDay other) {
    return earlier
        .series()
        .gaps()
        .shortBy(other.epochDay - one.epochDay, later.number() - earlier.number());
  }

  /** Days too many between two rounds of a series, 0 if none. */
  static int longBy(Visit earlier, CrewDay one, Visit later, CrewDay other) {
    return earlier
        .series()
        .gaps()
        .longBy(other.epochDay - one.epochDay, later.number() - earlier.number());
  }

  /** Days missing since the round that was done last, 0 if none. */
  static int shortSinceDone(Visit visit, CrewDay at) {
    LocalDate done = visit.series().lastDone();
    return done == null ? 0 : visit.series().gaps().shortBy(days(done, at.date), sinceDone(visit));
  }

  /** Days too many since the round that was done last, 0 if none. */
  static int longSinceDone(Visit visit, CrewDay at) {
    LocalDate done = visit.series().lastDone();
    return done == null ? 0 : visit.series().gaps().longBy(days(done, at.date), sinceDone(visit));
  }

  /** Whether the apiary, the label or the series itself closes the day. */
  static boolean isClosed(PlanBoard board, Visit visit, CrewDay at) {
    return board.closed(visit, at) != null;
  }

  /** Whether only pinned visits stay on this day. */
  static boolean isBlocked(CrewDay at, boolean pinned) {
    return at.blocked != null && !pinned;
  }

  /** Rounds above what the label leaves open in a year, 0 if none. */
  static int overLabel(PlannedSeries series, int year, int rounds) {
    Integer left = series.roundsLeft().get(year);
    return left == null ? 0 : Math.max(0, rounds - left);
  }

  /** Minutes of a day outside the workable hours of its apiaries. */
  static int outside(Drive drive) {
    return drive.outsideMinutes();
  }

  /** Minutes of a day beyond the crew's hours. */
  static int over(Drive drive) {
    return drive.over();
  }

  // What is missing

  /** What a visit without a place weighs, against {@link #movedWeight}. */
  static int missedWeight(PlanWeights weights) {
    return Math.max(1, weights.movesForMissed());
  }

  /** What an agreed visit that moves weighs, where few changes are wanted; else nothing. */
  static int movedWeight(PlanWeights weights, Visit visit, CrewDay at) {
    boolean moves = visit.agreed() != null && visit.agreed() != at;
    return moves && weights.movesForMissed() > 0 ? 1 : 0;
  }

  // What is unwished

  /** Cost of a gap that is not the wanted one; only between rounds that follow each other. */
  static int gapCost(PlanWeights weights, Visit earlier, CrewDay one, Visit later, CrewDay other) {
    return gapCost(weights, earlier, later, other.epochDay - one.epochDay);
  }

  /** The same by the days between them. */
  static int gapCost(PlanWeights weights, Visit earlier, Visit later, long days) {
    return later.number() == earlier.number() + 1
        ? squared(weights, earlier.series().gaps().offBy(days))
        : 0;
  }

  /** Cost of the first round's day: off the gap to the last one done, or after the wanted start. */
  static int startCost(PlanWeights weights, Visit visit, CrewDay at) {
    if (!visit.isFirst()) {
      return 0;
    }
    LocalDate done = visit.series().lastDone();
    return done == null
        ? weights.startDay() * (int) Math.max(0, days(visit.series().start(), at.date))
        : squared(weights, visit.series().gaps().offBy(days(done, at.date)));
  }

  /** Cost of a last round after the day by which all should be done. */
  static int lateCost(PlanWeights weights, Visit visit, CrewDay at) {
    return visit.isLast() ? weights.lateDay() * visit.series().lateBy(at.date) : 0;
  }

  /** Cost of a day beside those that are hoped for. */
  static int besideCost(PlanWeights weights, Visit visit, CrewDay at) {
    return weights.bestDay() * visit.series().besideBest(at.date);
  }

  /** Cost of moving what was agreed. */
  static int movedCost(PlanWeights weights, Visit visit, CrewDay at) {
    CrewDay agreed = visit.agreed();
    if (agreed == null || agreed == at) {
      return 0;
    }
    int cost = agreed.crewIndex == at.crewIndex ? 0 : weights.otherCrew();
    long days = Math.abs(days(agreed.date, at.date));
    return days == 0 ? cost : cost + weights.moved() + (int) days;
  }

  /**
   * Cost of a day on the road: driving, waiting for nothing, hours that are not known to be good,
   * and work where a reserve should be.
   */
  static int roadCost(PlanWeights weights, Drive drive) {
    return (int)
        Math.round(
            drive.minutes()
                + weights.km() * drive.km()
                + weights.fairMinute() * (drive.fairMinutes() + drive.expectedMinutes())
                + weights.reserveMinute() * drive.reserveMinutes());
  }

  /** Cost of crews that do not have equally much to do, see {@link #uneven}. */
  static int unevenCost(PlanWeights weights, Iterable<Integer> minutes, int crews) {
    return (int) Math.round(weights.unevenMinute() * uneven(minutes, crews));
  }

  /**
   * By how much crews' times stand off their mean, summed.
   *
   * @param minutes of the crews that go out at all
   * @param crews how many there are
   */
  static double uneven(Iterable<Integer> minutes, int crews) {
    double sum = 0;
    int out = 0;
    for (int each : minutes) {
      sum += each;
      out++;
    }
    double mean = sum / crews;
    double uneven = (crews - out) * mean;
    for (int each : minutes) {
      uneven += Math.abs(each - mean);
    }
    return uneven;
  }

  static long days(LocalDate from, LocalDate to) {
    return to.toEpochDay() - from.toEpochDay();
  }

  private static int sinceDone(Visit visit) {
    return visit.number() - visit.series().next() + 1;
  }

  private static int squared(PlanWeights weights, int days) {
    return weights.gapDay() * days * days;
  }
}
