package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/** A day of a crew, with the best order of whatever is put on it. Not for two threads at once. */
final class CrewDay {

  /** A power of two. What falls on a place that is taken is kept instead. */
  private static final int KEPT = 2_048;

  final int index;

  /** Number of its crew on the board. */
  final int crewIndex;

  final RoadCrew crew;
  final LocalDate date;

  /** The date in days since 1970. */
  final long epochDay;

  /** Why only pinned visits stay on it, or null. */
  final @Nullable Fact blocked;

  /** Earliest leaving and latest return, minutes from the board's beginning. */
  final int from;

  final int to;

  private final PlanBoard board;

  /** By the sum of the marks of their series: 64 drawn bits each, so that no two sums meet. */
  private final long[] keys = new long[KEPT];

  private final @Nullable Drive[] drives = new Drive[KEPT];

  CrewDay(
      PlanBoard board,
      int index,
      int crewIndex,
      RoadCrew crew,
      LocalDate date,
      int from,
      int to,
      @Nullable Fact blocked) {
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

  /**
   * Minutes of work that take up what is kept for a spoiled day, on a day that no source tells of.
   *
   * @param work minutes at hives
   * @param workable minutes in which one may work there that day
   */
  int intoReserve(int work, int workable) {
    int most = Math.min(workable, Math.min(crew.longestMinutes(), to - from));
    return (int) Math.max(0, Math.ceil(work - (1 - board.weights().reserve()) * most));
  }

  /** The best order of these visits. */
  Drive drive(List<Visit> visits) {
    return visits.isEmpty() ? Drive.NONE : drive(key(visits), visits, null);
  }

  /** The same with one more. */
  Drive driveWith(List<Visit> visits, Visit more) {
    return drive(key(visits) + board.mark(more.seriesIndex()), visits, more);
  }

  private long key(List<Visit> visits) {
    long key = 0;
    for (Visit visit : visits) {
      key += board.mark(visit.seriesIndex());
    }
    return key;
  }

  private Drive drive(long key, List<Visit> visits, @Nullable Visit more) {
    int at = (int) (key ^ key >>> 32) & (KEPT - 1);
    Drive known = drives[at];
    if (known == null || keys[at] != key) {
      List<Visit> all = new ArrayList<>(visits);
      if (more != null) {
        all.add(more);
      }
      known = new DriveSearch(board, this, all).best();
      keys[at] = key;
      drives[at] = known;
    }
    return known;
  }

  @Override
  public String toString() {
    return crew.name() + " on " + date;
  }
}
