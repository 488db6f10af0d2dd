package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;

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

  String words() {
    Map<String, Integer> reasons = new LinkedHashMap<>();
    LocalDate from = board.problem().span().from();
    for (int day = 0; day < board.problem().span().days(); day++) {
      LocalDate date = from.plusDays(day);
      String reason = against(date);
      if (reason != null) {
        reasons.merge(reason, 1, Integer::sum);
      }
    }
    if (reasons.isEmpty()) {
      return "no day of the plan lies within its time";
    }
    List<Map.Entry<String, Integer>> most = new ArrayList<>(reasons.entrySet());
    most.sort(Map.Entry.comparingByValue(Comparator.reverseOrder()));
    List<String> words = new ArrayList<>();
    for (Map.Entry<String, Integer> each : most.subList(0, Math.min(NAMED, most.size()))) {
      words.add(
          each.getKey()
              + " ("
              + (each.getValue() == 1 ? "1 day" : each.getValue() + " days")
              + ")");
    }
    return "no day fits: " + String.join("; ", words);
  }

  /** What stands against a day, or null where the visit has nothing to do with it. */
  private @Nullable String against(LocalDate date) {
    PlannedSeries series = visit.series();
    if (!series.days().contains(date)) {
      return null;
    }
    String closed = board.closed(visit, date);
    if (closed != null) {
      return closed;
    }
    int longest = board.hours(visit, date).longest();
    if (longest == 0) {
      return "no workable hour";
    }
    int needed = board.fewestMinutes(visit);
    if (longest < needed) {
      return "its " + needed + " min are longer than the workable hours";
    }
    String locked = board.problem().locked().get(date);
    if (locked != null) {
      return locked;
    }
    if (board.problem().crews().stream().allMatch(crew -> crew.off().contains(date))) {
      return "every crew is off";
    }
    return gapAgainst(date);
  }

  private String gapAgainst(LocalDate date) {
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
          return "its gap to round " + other.number() + " on " + NumberText.day(at.date);
        }
      }
    }
    if (any != null && visit.series().lastDone() != null) {
      int off = PlanRules.shortSinceDone(visit, any) + PlanRules.longSinceDone(visit, any);
      if (off > 0) {
        return "its gap to the round of " + NumberText.day(visit.series().lastDone());
      }
    }
    Integer left = visit.series().roundsLeft().get(date.getYear());
    if (left != null && roundsIn(date.getYear()) >= left) {
      return "the label leaves " + left + " rounds open in " + date.getYear();
    }
    return "the crews have no hours left";
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
