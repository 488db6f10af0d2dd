package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * The plan a keeper makes by hand: whatever is due first goes on its wanted day, else on the next
 * day that is free, else on an earlier one, with the first crew that can. Nothing is moved again.
 */
final class NextFreeDay {

  private record Due(Visit visit, LocalDate on) {}

  private final PlanBoard board;
  private final Placing placing;
  private final Map<Integer, List<Visit>> onDay = new HashMap<>();

  NextFreeDay(PlanBoard board) {
    this.board = board;
    this.placing = new Placing(board.visits().size());
  }

  /** Starts from the pinned visits alone. */
  Placing placing() {
    return placing(new Placing(board.visits().size()), true);
  }

  /**
   * Starts from visits as they stand.
   *
   * @param onlyPinned whether the others are taken up again
   */
  Placing placing(Placing standing, boolean onlyPinned) {
    for (Visit visit : board.visits()) {
      CrewDay at = standing.at(visit);
      if (at != null && (!onlyPinned || standing.isPinned(visit))) {
        put(visit, at, standing.isPinned(visit));
      }
    }
    PriorityQueue<Due> next =
        new PriorityQueue<>(
            Comparator.comparing(Due::on).thenComparing(due -> due.visit().index()));
    for (int series = 0; series < board.allSeries(); series++) {
      addNext(next, series, 0);
    }
    while (!next.isEmpty()) {
      Visit visit = next.remove().visit();
      place(visit);
      addNext(next, visit.seriesIndex(), visit.number() - visit.series().next() + 1);
    }
    return placing;
  }

  /** The next round of a series that has no place, from one of them on: it is due before others. */
  private void addNext(PriorityQueue<Due> next, int series, int from) {
    List<Visit> rounds = board.rounds(series);
    for (Visit visit : rounds.subList(from, rounds.size())) {
      if (placing.at(visit) == null) {
        next.add(new Due(visit, due(visit)));
        return;
      }
    }
  }

  /** The day a visit is wanted on, as far as is known by now. */
  private LocalDate due(Visit visit) {
    PlannedSeries series = visit.series();
    LocalDate known = series.lastDone() == null ? series.start() : series.lastDone();
    int rounds = series.lastDone() == null ? 0 : 1;
    for (int number = series.next(); number < visit.number(); number++) {
      LocalDate day = dayOf(visit, number);
      if (day != null) {
        known = day;
        rounds = 0;
      }
      rounds++;
    }
    return known.plusDays((long) rounds * series.gaps().wanted());
  }

  private @Nullable LocalDate dayOf(Visit of, int number) {
    CrewDay at = placing.at(board.rounds(of.seriesIndex()).get(number - of.series().next()));
    return at == null ? null : at.date;
  }

  private void place(Visit visit) {
    LocalDate due = due(visit);
    List<CrewDay> open = new ArrayList<>(board.open(visit));
    open.sort(
        Comparator.comparing((CrewDay day) -> day.date.isBefore(due))
            .thenComparing(day -> Math.abs(PlanRules.days(due, day.date)))
            .thenComparing(day -> day.index));
    for (CrewDay day : open) {
      if (fits(visit, day)) {
        put(visit, day, false);
        return;
      }
    }
  }

  private boolean fits(Visit visit, CrewDay at) {
    if (PlanRules.shortSinceDone(visit, at) + PlanRules.longSinceDone(visit, at) > 0) {
      return false;
    }
    int inYear = 1;
    for (Visit other : board.rounds(visit.seriesIndex())) {
      CrewDay otherAt = placing.at(other);
      if (otherAt != null) {
        boolean after = other.number() > visit.number();
        Visit one = after ? visit : other;
        Visit two = after ? other : visit;
        CrewDay oneAt = after ? at : otherAt;
        CrewDay twoAt = after ? otherAt : at;
        if (PlanRules.shortBy(one, oneAt, two, twoAt) + PlanRules.longBy(one, oneAt, two, twoAt)
            > 0) {
          return false;
        }
        inYear += otherAt.date.getYear() == at.date.getYear() ? 1 : 0;
      }
    }
    if (PlanRules.overLabel(visit.series(), at.date.getYear(), inYear) > 0) {
      return false;
    }
    List<Visit> there = new ArrayList<>(onDay.getOrDefault(at.index, List.of()));
    there.add(visit);
    Drive drive = at.drive(there);
    return PlanRules.outside(drive) + PlanRules.over(drive) == 0;
  }

  private void put(Visit visit, CrewDay at, boolean pinned) {
    placing.put(visit, at, pinned);
    onDay.computeIfAbsent(at.index, unused -> new ArrayList<>()).add(visit);
  }
}
