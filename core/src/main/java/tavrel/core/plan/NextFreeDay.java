package tavrel.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The plan a keeper makes by hand: whatever is due first goes on its wanted day, else on the next
 * day that is free, else on an earlier one, with the first crew that can. Nothing is moved again.
 */
final class NextFreeDay {

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
    List<Visit> open = new ArrayList<>();
    for (Visit visit : board.visits()) {
      if (placing.at(visit) == null) {
        open.add(visit);
      }
    }
    while (!open.isEmpty()) {
      Visit next =
          open.stream()
              .min(Comparator.comparing(this::due).thenComparing(Visit::index))
              .orElseThrow();
      open.remove(next);
      place(next);
    }
    return placing;
  }

  /** The day a visit is wanted on, as far as is known by now. */
  private LocalDate due(Visit visit) {
    SeasonCourse course = visit.course();
    LocalDate known = course.lastDone() == null ? course.start() : course.lastDone();
    int rounds = course.lastDone() == null ? 0 : 1;
    for (int number = course.next(); number < visit.number(); number++) {
      LocalDate day = dayOf(visit, number);
      if (day != null) {
        known = day;
        rounds = 0;
      }
      rounds++;
    }
    return known.plusDays((long) rounds * course.gaps().wanted());
  }

  private @Nullable LocalDate dayOf(Visit of, int number) {
    for (Visit visit : board.visits()) {
      CrewDay at = placing.at(visit);
      if (at != null && visit.isOfSameSeries(of) && visit.number() == number) {
        return at.date;
      }
    }
    return null;
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
    for (Visit other : board.visits()) {
      CrewDay otherAt = placing.at(other);
      if (other.isOfSameSeries(visit) && otherAt != null) {
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
    if (PlanRules.overLabel(visit.course(), at.date.getYear(), inYear) > 0) {
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
