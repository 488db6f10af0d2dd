package tavrel.core.seasonplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How good a placing is, reckoned plainly from {@link PlanRules}.
 *
 * @param broken days, minutes and times by which rules are broken
 * @param missing visits without a place; where few changes are wanted, weighed against moves
 * @param cost of what is unwished, min
 */
record PlanScore(long broken, int missing, long cost) implements Comparable<PlanScore> {

  static PlanScore of(PlanBoard board, Placing placing) {
    long broken = 0;
    int missing = 0;
    long cost = 0;
    PlanWeights weights = board.weights();
    Map<Visit, Map<Integer, Integer>> years = new HashMap<>();
    for (Visit visit : board.visits()) {
      CrewDay at = placing.at(visit);
      if (at == null) {
        missing += PlanRules.missedWeight(weights);
        continue;
      }
      broken += PlanRules.isClosed(board, visit, at) ? 1 : 0;
      broken += PlanRules.isBlocked(at, placing.isPinned(visit)) ? 1 : 0;
      broken += PlanRules.shortSinceDone(visit, at) + PlanRules.longSinceDone(visit, at);
      missing += PlanRules.movedWeight(weights, visit, at);
      cost += PlanRules.startCost(weights, visit, at);
      cost += PlanRules.lateCost(weights, visit, at);
      cost += PlanRules.besideCost(weights, visit, at);
      cost += PlanRules.movedCost(weights, visit, at);
      years
          .computeIfAbsent(first(board, visit), unused -> new HashMap<>())
          .merge(at.date.getYear(), 1, Integer::sum);
      for (Visit other : board.rounds(visit.seriesIndex())) {
        CrewDay otherAt = placing.at(other);
        if (other.number() > visit.number() && otherAt != null) {
          broken += PlanRules.shortBy(visit, at, other, otherAt);
          broken += PlanRules.longBy(visit, at, other, otherAt);
          cost += PlanRules.gapCost(weights, visit, at, other, otherAt);
        }
      }
    }
    for (Map.Entry<Visit, Map<Integer, Integer>> each : years.entrySet()) {
      for (Map.Entry<Integer, Integer> year : each.getValue().entrySet()) {
        broken += PlanRules.overLabel(each.getKey().series(), year.getKey(), year.getValue());
      }
    }
    Map<Integer, Integer> minutes = new HashMap<>();
    for (Map.Entry<Integer, List<Visit>> each : placing.byCrewDay(board.visits()).entrySet()) {
      CrewDay day = board.crewDays().get(each.getKey());
      Drive drive = day.drive(each.getValue());
      broken += PlanRules.outside(drive) + PlanRules.over(drive);
      cost += PlanRules.roadCost(weights, drive);
      minutes.merge(day.crewIndex, drive.minutes(), Integer::sum);
    }
    cost +=
        PlanRules.unevenCost(
            weights, new ArrayList<>(minutes.values()), board.problem().crews().size());
    return new PlanScore(broken, missing, cost);
  }

  private static Visit first(PlanBoard board, Visit visit) {
    return board.visits().get(visit.index() - (visit.number() - visit.series().next()));
  }

  /** Better ones first. */
  @Override
  public int compareTo(PlanScore other) {
    if (broken != other.broken) {
      return Long.compare(broken, other.broken);
    }
    return missing != other.missing
        ? Integer.compare(missing, other.missing)
        : Long.compare(cost, other.cost);
  }
}
