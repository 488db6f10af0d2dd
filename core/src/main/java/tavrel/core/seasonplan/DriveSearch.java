package tavrel.core.seasonplan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finds the order and the times of a crew's day: first no minute outside workable and crew hours,
 * then the least of driving, fair hours and waiting. Exact over all orders for up to five stops
 * with the earliest time at each, and for up to four also with waiting for good hours; beyond that
 * the next stop is always the nearest of those still open. Yards that are held come after all
 * others.
 */
final class DriveSearch {

  private static final int EXACT = 5;
  private static final int WAITS_FOR_GOOD = 4;

  private final PlanBoard board;
  private final CrewDay day;
  private final int[] allSeries;
  private final int[] order;
  private final int[] arrives;
  private final int[] begins;
  private @Nullable Drive best;
  private long bestOutside = Long.MAX_VALUE;
  private double bestCost = Double.MAX_VALUE;

  DriveSearch(PlanBoard board, CrewDay day, List<Visit> visits) {
    this.board = board;
    this.day = day;
    this.allSeries = visits.stream().mapToInt(Visit::seriesIndex).sorted().distinct().toArray();
    this.order = new int[allSeries.length];
    this.arrives = new int[allSeries.length];
    this.begins = new int[allSeries.length];
  }

  Drive best() {
    if (allSeries.length == 0) {
      return Drive.NONE;
    }
    extend(0, 0, 0, 0);
    if (best == null) {
      throw new IllegalStateException("no order of a day was tried");
    }
    return best;
  }

  private void extend(int depth, int used, long outside, double km) {
    if (depth == allSeries.length) {
      finish(km);
      return;
    }
    int here = depth == 0 ? board.depot() : board.yardOf(order[depth - 1]);
    int nearest = allSeries.length > EXACT ? nearest(here, used) : -1;
    for (int i = 0; i < allSeries.length; i++) {
      if (mayBeNext(i, used) && (nearest < 0 || nearest == i)) {
        int series = allSeries[i];
        int yard = board.yardOf(series);
        int arrival = leaves(depth) + board.minutes(here, yard);
        WorkHours hours = board.hours(yard, day);
        int length = board.visitMinutes(series, day);
        order[depth] = series;
        arrives[depth] = arrival;
        int earliest = hours.earliest(arrival, length);
        int begin = earliest < 0 ? hours.leastOutside(arrival, length) : earliest;
        double way = km + board.km(here, yard);
        tryFrom(depth, used | 1 << i, begin, outside + hours.outside(begin, begin + length), way);
        if (allSeries.length <= WAITS_FOR_GOOD) {
          int good = hours.earliestGood(arrival, length);
          if (good > begin) {
            order[depth] = series;
            arrives[depth] = arrival;
            tryFrom(depth, used | 1 << i, good, outside, way);
          }
        }
      }
    }
  }

  private void tryFrom(int depth, int used, int begin, long outside, double km) {
    if (outside < bestOutside || (outside == bestOutside && km * board.weights().km() < bestCost)) {
      begins[depth] = begin;
      extend(depth + 1, used, outside, km);
    }
  }

  /** When the crew leaves for the stop of this depth: from the depot as early as it may. */
  private int leaves(int depth) {
    return depth == 0 ? day.from : begins[depth - 1] + length(depth - 1);
  }

  private int length(int depth) {
    return board.visitMinutes(order[depth], day);
  }

  private boolean mayBeNext(int i, int used) {
    if ((used & 1 << i) != 0) {
      return false;
    }
    if (!board.isHeld(board.yardOf(allSeries[i]))) {
      return true;
    }
    for (int other = 0; other < allSeries.length; other++) {
      if ((used & 1 << other) == 0 && !board.isHeld(board.yardOf(allSeries[other]))) {
        return false;
      }
    }
    return true;
  }

  private int nearest(int here, int used) {
    int nearest = -1;
    for (int i = 0; i < allSeries.length; i++) {
      if (mayBeNext(i, used)
          && (nearest < 0
              || board.minutes(here, board.yardOf(allSeries[i]))
                  < board.minutes(here, board.yardOf(allSeries[nearest])))) {
        nearest = i;
      }
    }
    return nearest;
  }

  private void finish(double kmSoFar) {
    int n = allSeries.length;
    List<Drive.Leg> legs = new ArrayList<>(n);
    int work = 0;
    int fair = 0;
    int expected = 0;
    int workable = 0;
    int outside = 0;
    int driving = 0;
    int before = board.depot();
    for (int i = 0; i < n; i++) {
      int yard = board.yardOf(order[i]);
      WorkHours hours = board.hours(yard, day);
      int ends = begins[i] + length(i);
      int fairHere = hours.fair(begins[i], ends);
      int outsideHere = hours.outside(begins[i], ends);
      int arrives = i == 0 ? begins[0] : this.arrives[i];
      int expectedHere = hours.expected(begins[i], ends);
      legs.add(
          new Drive.Leg(order[i], arrives, begins[i], ends, fairHere, expectedHere, outsideHere));
      expected += expectedHere;
      workable = Math.max(workable, hours.minutes());
      work += length(i);
      fair += fairHere;
      outside += outsideHere;
      driving += board.minutes(before, yard);
      before = yard;
    }
    driving += board.minutes(before, board.depot());
    int leaves = begins[0] - board.minutes(board.depot(), board.yardOf(order[0]));
    int back = begins[n - 1] + length(n - 1) + board.minutes(before, board.depot());
    double km = kmSoFar + board.km(before, board.depot());
    int over = Math.max(0, back - leaves - day.crew.longestMinutes()) + Math.max(0, back - day.to);
    int waiting = back - leaves - driving - work;
    PlanWeights weights = board.weights();
    double cost = weights.km() * km + driving + waiting + weights.fairMinute() * (fair + expected);
    long broken = (long) outside + over;
    if (broken < bestOutside || (broken == bestOutside && cost < bestCost)) {
      bestOutside = broken;
      bestCost = cost;
      int reserve = expected == 0 ? 0 : day.intoReserve(work, workable);
      best =
          new Drive(
              List.copyOf(legs), leaves, back, driving, km, fair, expected, reserve, outside, over);
    }
  }
}
