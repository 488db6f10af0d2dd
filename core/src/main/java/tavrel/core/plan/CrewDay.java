package tavrel.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A day of a crew, with the best order of whatever is put on it. Not for two threads at once. */
final class CrewDay {

  private static final int MOST_KEPT = 2_000;

  final int index;

  /** Number of its crew on the board. */
  final int crewIndex;

  final RoadCrew crew;
  final LocalDate date;

  /** The date in days since 1970. */
  final long epochDay;

  /** Why only pinned visits stay on it, or null. */
  final @Nullable String blocked;

  /** Earliest leaving and latest return, minutes from the board's beginning. */
  final int from;

  final int to;

  private final PlanBoard board;

  /** By the sum of the marks of their series: 64 drawn bits each, so that no two sums meet. */
  private final Map<Long, Drive> drives = new HashMap<>();

  CrewDay(
      PlanBoard board,
      int index,
      int crewIndex,
      RoadCrew crew,
      LocalDate date,
      int from,
      int to,
      @Nullable String blocked) {
    this.board = board;
    this.index = index;
    this.crewIndex = crewIndex;
    this.crew = crew;
    this.date = date;
    this.epochDay = date.toEpochDay();
    this.from = from;
    this.to = to;
    this.blocked = blocked;
  }

  PlanBoard board() {
    return board;
  }

  /** The best order of these visits. */
  Drive drive(List<Visit> visits) {
    return visits.isEmpty() ? Drive.NONE : drive(key(visits), visits, null);
  }

  /** The same with one more. */
  Drive driveWith(List<Visit> visits, Visit more) {
    return drive(key(visits) + board.mark(more.courseIndex()), visits, more);
  }

  private long key(List<Visit> visits) {
    long key = 0;
    for (Visit visit : visits) {
      key += board.mark(visit.courseIndex());
    }
    return key;
  }

  private Drive drive(long key, List<Visit> visits, @Nullable Visit more) {
    Drive known = drives.get(key);
    if (known == null) {
      if (drives.size() >= MOST_KEPT) {
        drives.clear();
      }
      List<Visit> all = new ArrayList<>(visits);
      if (more != null) {
        all.add(more);
      }
      known = new DriveSearch(board, this, all).best();
      drives.put(key, known);
    }
    return known;
  }

  @Override
  public String toString() {
    return crew.name() + " on " + date;
  }
}
