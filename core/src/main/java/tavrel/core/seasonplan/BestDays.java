package tavrel.core.seasonplan;

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
  void lay(Placing placing, List<Integer> allSeries) {
    for (int series : allSeries) {
      for (Visit visit : board.rounds(series)) {
        if (!placing.isPinned(visit)) {
          placing.put(visit, null, false);
        }
      }
    }
    List<List<Visit>> byDay = byDay(placing);
    for (int series : allSeries) {
      lay(placing, series, byDay);
    }
  }

  private void lay(Placing placing, int series, List<List<Visit>> byDay) {
    List<Visit> rounds = board.rounds(series);
    if (rounds.isEmpty()) {
      return;
    }
    long[] added = added(rounds.get(0), byDay);
    int places = crews * days;
    Ways ways = new Ways(rounds.size());
    boolean[] pinned = new boolean[rounds.size()];
    int lastPinned = -1;
    for (int round = 0; round < rounds.size(); round++) {
      pinned[round] = placing.isPinned(rounds.get(round));
      lastPinned = pinned[round] ? round : lastPinned;
    }
    long end = lastPinned >= 0 ? NEVER : missed(rounds.size());
    int last = -1;
    boolean mayBegin = true;
    for (int round = 0; round < rounds.size(); round++) {
      Visit visit = rounds.get(round);
      for (CrewDay day : pinned[round] ? pinnedAt(placing, visit) : board.open(visit)) {
        int place = day.index;
        long here = pinned[round] ? 0 : added[place];
        if (here < NEVER) {
          reach(rounds, pinned, round, day, here + own(visit, day), mayBegin, ways);
          long all =
              round < lastPinned
                  ? NEVER
                  : ways.best[round][place] + missed(rounds.size() - 1 - round);
          if (all < end) {
            end = all;
            last = round * places + place;
          }
        }
      }
      ways.closeRound(round);
      mayBegin &= !pinned[round];
    }
    for (int at = last; at >= 0; at = ways.before[at / places][at % places]) {
      Visit visit = rounds.get(at / places);
      if (!placing.isPinned(visit)) {
        CrewDay day = board.crewDays().get(at % places);
        placing.put(visit, day, false);
        byDay.get(day.index).add(visit);
      }
    }
  }

  /** The cheapest way to have each round on each crew's day, and where it comes from. */
  private final class Ways {

    private final long[][] best;
    private final int[][] before;

    /** The best over crews, by round and day, and which place that is. */
    private final long[][] bestOfDay;

    private final int[][] placeOfDay;

    Ways(int rounds) {
      best = new long[rounds][crews * days];
      before = new int[rounds][crews * days];
      bestOfDay = new long[rounds][days];
      placeOfDay = new int[rounds][days];
      for (long[] ofRound : best) {
        Arrays.fill(ofRound, NEVER);
      }
    }

    void closeRound(int round) {
      for (int day = 0; day < days; day++) {
        bestOfDay[round][day] = NEVER;
        for (int place = day; place < crews * days; place += days) {
          if (best[round][place] < bestOfDay[round][day]) {
            bestOfDay[round][day] = best[round][place];
            placeOfDay[round][day] = place;
          }
        }
      }
    }
  }

  /** The cheapest way to have a round on a day, over where the round before it may be. */
  private void reach(
      List<Visit> rounds,
      boolean[] pinned,
      int round,
      CrewDay day,
      long here,
      boolean mayBegin,
      Ways ways) {
    int place = day.index;
    Visit visit = rounds.get(round);
    if (mayBegin
        && PlanRules.shortSinceDone(visit, day) + PlanRules.longSinceDone(visit, day) == 0) {
      ways.best[round][place] = here + missed(round);
      ways.before[round][place] = -1;
    }
    Gaps gaps = visit.series().gaps();
    int dayIndex = board.dayIndex(day);
    for (int earlier = round - 1; earlier >= 0; earlier--) {
      int apart = round - earlier;
      if (missed(apart - 1) > ways.best[round][place]) {
        break;
      }
      int most = Math.min(dayIndex, gaps.most() * apart);
      for (int gap = gaps.least() * apart; gap <= most; gap++) {
        long from = ways.bestOfDay[earlier][dayIndex - gap];
        if (from < NEVER) {
          long cost =
              from
                  + here
                  + missed(apart - 1)
                  + PlanRules.gapCost(weights, rounds.get(earlier), visit, gap);
          if (cost < ways.best[round][place]) {
            ways.best[round][place] = cost;
            ways.before[round][place] =
                earlier * crews * days + ways.placeOfDay[earlier][dayIndex - gap];
          }
        }
      }
      if (pinned[earlier]) {
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
}
