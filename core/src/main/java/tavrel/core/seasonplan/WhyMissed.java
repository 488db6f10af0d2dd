package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/** Why a visit found no place: each day of its time with what stands against it, counted. */
final class WhyMissed {

  private static final int NAMED = 4;

  private final PlanBoard board;
  private final Placing placing;
  private final Visit visit;

  WhyMissed(PlanBoard board, Placing placing, Visit visit) {
    this.board = board;
    this.placing = placing;
    this.visit = visit;
  }

  Fact told() {
    Map<Fact, Integer> reasons = new LinkedHashMap<>();
    LocalDate from = board.problem().span().from();
    for (int day = 0; day < board.problem().span().days(); day++) {
      LocalDate date = from.plusDays(day);
      Fact reason = against(date);
      if (reason != null) {
        reasons.merge(reason, 1, Integer::sum);
      }
    }
    if (reasons.isEmpty()) {
      return Fact.of("missed.noDayInTime");
    }
    List<Map.Entry<Fact, Integer>> most = new ArrayList<>(reasons.entrySet());
    most.sort(Map.Entry.comparingByValue(Comparator.reverseOrder()));
    return Fact.of("missed.noDayFits")
        .facts(
            "reasons",
            most.stream()
                .limit(NAMED)
                .map(
                    each ->
                        Fact.of("missed.onDays")
                            .fact("reason", each.getKey())
                            .count("days", each.getValue(), "day"))
                .toList());
  }

  /** What stands against a day, or null where the visit has nothing to do with it. */
  private @Nullable Fact against(LocalDate date) {
    PlannedSeries series = visit.series();
    if (!series.days().contains(date)) {
      return null;
    }
    Fact closed = board.closed(visit, date);
    if (closed != null) {
      return closed;
    }
    int longest = board.hours(visit, date).longest();
    if (longest == 0) {
      return Fact.of("missed.noHour");
    }
    int needed = board.fewestMinutes(visit);
    if (longest < needed) {
      return Fact.of("missed.tooLong").minutes("needed", needed);
    }
    Fact locked = board.problem().lockedBecause(date);
    if (locked != null) {
      return locked;
    }
    if (board.problem().crews().stream().allMatch(crew -> crew.off().contains(date))) {
      return Fact.of("missed.crewsAreOff");
    }
    return gapAgainst(date);
  }

  private Fact gapAgainst(LocalDate date) {
    CrewDay any = board.crewDay(board.problem().crews().get(0).id(), date);
    for (Visit other : board.rounds(visit.seriesIndex())) {
      CrewDay at = placing.at(other);
      if (any != null && at != null) {
        boolean after = other.number() > visit.number();
        int off =
            after
                ? PlanRules.shortBy(visit, any, other, at) + PlanRules.longBy(visit, any, other, at)
                : PlanRules.shortBy(other, at, visit, any)
                    + PlanRules.longBy(other, at, visit, any);
        if (off > 0) {
          return Fact.of("missed.gapToRound").figure("round", other.number()).day("day", at.date);
        }
      }
    }
    if (any != null && visit.series().lastDone() != null) {
      int off = PlanRules.shortSinceDone(visit, any) + PlanRules.longSinceDone(visit, any);
      if (off > 0) {
        return Fact.of("missed.gapToLast").day("day", visit.series().lastDone());
      }
    }
    Integer left = visit.series().roundsLeft().get(date.getYear());
    if (left != null && roundsIn(date.getYear()) >= left) {
      return PlanReading.labelLeaves(visit.series(), date.getYear());
    }
    return Fact.of("missed.noHoursLeft");
  }

  private int roundsIn(int year) {
    int rounds = 0;
    for (Visit other : board.rounds(visit.seriesIndex())) {
      CrewDay at = placing.at(other);
      if (at != null && at.date.getYear() == year) {
        rounds++;
      }
    }
    return rounds;
  }
}
