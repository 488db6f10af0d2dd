package tavrel.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The best days for one whole series while every other stands: exact by dynamic programming over
 * its rounds, since rounds of a series never share a crew's day, so that what each adds to its day
 * can be summed. Two things it leaves to whoever weighs the whole plan: how even crews are, and the
 * label's rounds of a year. Not for two threads at once.
 */
final class BestDays {

  /** One more visit missed, or moved where few may, against minutes: more than any plan costs. */
  private static final long MISSING = 1L << 40;

  private static final long NEVER = Long.MAX_VALUE / 4;

  private final PlanBoard board;
  private final PlanWeights weights;
  private final int crews;
  private final int days;

  BestDays(PlanBoard board) {
    this.board = board;
    this.weights = board.weights();
    this.crews = board.problem().crews().size();
    this.days = board.problem().span().days();
  }

  /**
   * Lays the series anew in a placing, each in turn, so that the first of them has first choice.
   */
  void lay(Placing placing, List<Integer> courses) {
    for (int course : courses) {
      for (Visit visit : board.rounds(course)) {
        if (!placing.isPinned(visit)) {
          placing.put(visit, null, false);
        }
      }
    }
    List<List<Visit>> byDay = byDay(placing);
    for (int course : courses) {
      lay(placing, course, byDay);
    }
  }

  private void lay(Placing placing, int course, List<List<Visit>> byDay) {
    List<Visit> rounds = board.rounds(course);
    if (rounds.isEmpty()) {
      return;
    }
    long[] added = added(rounds.get(0), byDay);
    int places = crews * days;
    long[][] best = new long[rounds.size()][places];
    int[][] before = new int[rounds.size()][places];
    long end = isAnyPinned(placing, rounds, 0, rounds.size()) ? NEVER : missed(rounds.size());
    int last = -1;
    for (int round = 0; round < rounds.size(); round++) {
      Visit visit = rounds.get(round);
      Arrays.fill(best[round], NEVER);
      boolean pinned = placing.isPinned(visit);
      for (CrewDay day : pinned ? pinnedAt(placing, visit) : board.open(visit)) {
        int place = day.index;
        long here = pinned ? 0 : added[place];
        if (here < NEVER) {
          reach(placing, rounds, round, day, here + own(visit, day), best, before);
          long all =
              isAnyPinned(placing, rounds, round + 1, rounds.size())
                  ? NEVER
                  : best[round][place] + missed(rounds.size() - 1 - round);
          if (all < end) {
            end = all;
            last = round * places + place;
          }
        }
      }
    }
    for (int at = last; at >= 0; at = before[at / places][at % places]) {
      Visit visit = rounds.get(at / places);
      if (!placing.isPinned(visit)) {
        CrewDay day = board.crewDays().get(at % places);
        placing.put(visit, day, false);
        byDay.get(day.index).add(visit);
      }
    }
  }

  /** The cheapest way to have a round on a day, over where the round before it may be. */
  private void reach(
      Placing placing,
      List<Visit> rounds,
      int round,
      CrewDay day,
      long here,
      long[][] best,
      int[][] before) {
    int place = day.index;
    Visit visit = rounds.get(round);
    if (!isAnyPinned(placing, rounds, 0, round)
        && PlanRules.shortSinceDone(visit, day) + PlanRules.longSinceDone(visit, day) == 0) {
      best[round][place] = here + missed(round);
      before[round][place] = -1;
    }
    Gaps gaps = visit.course().gaps();
    int dayIndex = board.dayIndex(day.date);
    for (int earlier = round - 1; earlier >= 0; earlier--) {
      int apart = round - earlier;
      if (missed(apart - 1) > best[round][place]) {
        break;
      }
      for (int gap = gaps.least() * apart; gap <= gaps.most() * apart; gap++) {
        for (int crew = 0; crew < crews && gap <= dayIndex; crew++) {
          int from = crew * days + dayIndex - gap;
          if (best[earlier][from] < NEVER) {
            long cost =
                best[earlier][from]
                    + here
                    + missed(apart - 1)
                    + PlanRules.gapCost(
                        weights, rounds.get(earlier), board.crewDays().get(from), visit, day);
            if (cost < best[round][place]) {
              best[round][place] = cost;
              before[round][place] = earlier * crews * days + from;
            }
          }
        }
      }
      if (placing.isPinned(rounds.get(earlier))) {
        break;
      }
    }
  }

  /** What the series adds to each crew day, whichever round it is; NEVER where it breaks a rule. */
  private long[] added(Visit any, List<List<Visit>> byDay) {
    long[] added = new long[crews * days];
    Arrays.fill(added, NEVER);
    for (CrewDay day : board.open(any)) {
      List<Visit> there = byDay.get(day.index);
      Drive without = day.drive(there);
      Drive with = day.driveWith(there, any);
      if (PlanRules.outside(with) + PlanRules.over(with)
          <= PlanRules.outside(without) + PlanRules.over(without)) {
        added[day.index] =
            (long) PlanRules.roadCost(weights, with) - PlanRules.roadCost(weights, without);
      }
    }
    return added;
  }

  private List<List<Visit>> byDay(Placing placing) {
    List<List<Visit>> byDay = new ArrayList<>();
    for (int day = 0; day < crews * days; day++) {
      byDay.add(new ArrayList<>());
    }
    for (Visit visit : board.visits()) {
      CrewDay at = placing.at(visit);
      if (at != null) {
        byDay.get(at.index).add(visit);
      }
    }
    return byDay;
  }

  private long own(Visit visit, CrewDay day) {
    return PlanRules.startCost(weights, visit, day)
        + PlanRules.lateCost(weights, visit, day)
        + PlanRules.besideCost(weights, visit, day)
        + PlanRules.movedCost(weights, visit, day)
        + MISSING * PlanRules.movedWeight(weights, visit, day);
  }

  private long missed(int rounds) {
    return MISSING * rounds * PlanRules.missedWeight(weights);
  }

  private static List<CrewDay> pinnedAt(Placing placing, Visit visit) {
    CrewDay at = placing.at(visit);
    return at == null ? List.of() : List.of(at);
  }

  private static boolean isAnyPinned(Placing placing, List<Visit> rounds, int from, int to) {
    for (int round = from; round < to; round++) {
      if (placing.isPinned(rounds.get(round))) {
        return true;
      }
    }
    return false;
  }
}
