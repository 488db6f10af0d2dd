package tavrel.core.seasonplan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import tavrel.core.weather.HourGrade;
import tavrel.core.weather.Window;

/** Workable hours of one apiary on one day, in minutes from the board's beginning. */
final class WorkHours {

  static final WorkHours NONE = new WorkHours(List.of(), Instant.EPOCH);

  /** A stretch of one grade, or one that is only expected. */
  private record Graded(int from, int to, boolean good, boolean expected) {}

  /** Stretches without a gap between them, whatever their grades. */
  private record Whole(int from, int to) {}

  private final List<Graded> graded = new ArrayList<>();
  private final List<Whole> whole = new ArrayList<>();
  private final int longest;

  WorkHours(List<Window> windows, Instant zero) {
    for (Window window :
        Window.join(windows.stream().flatMap(each -> each.parts().stream()).toList())) {
      whole.add(new Whole(minutes(zero, window.from()), minutes(zero, window.to())));
      for (Window.Part part : window.parts()) {
        graded.add(
            new Graded(
                minutes(zero, part.from()),
                minutes(zero, part.to()),
                part.grade() == HourGrade.GOOD,
                part.grade() == null));
      }
    }
    longest = whole.stream().mapToInt(each -> each.to() - each.from()).max().orElse(0);
  }

  private static int minutes(Instant zero, Instant at) {
    return (int) Duration.between(zero, at).toMinutes();
  }

  /** Length of the longest stretch, min; 0 where there is none. */
  int longest() {
    return longest;
  }

  /** Earliest beginning at or after {@code arrival} with {@code length} to spare, or −1. */
  int earliest(int arrival, int length) {
    for (Whole each : whole) {
      int begin = Math.max(arrival, each.from());
      if (begin + length <= each.to()) {
        return begin;
      }
    }
    return -1;
  }

  /** The same within good hours alone, or −1. */
  int earliestGood(int arrival, int length) {
    for (Graded each : graded) {
      int begin = Math.max(arrival, each.from());
      if (each.good() && begin + length <= each.to()) {
        return begin;
      }
    }
    return -1;
  }

  /** Beginning at or after {@code arrival} that leaves fewest minutes outside. */
  int leastOutside(int arrival, int length) {
    int best = arrival;
    int most = 0;
    for (Whole each : whole) {
      int begin = Math.max(arrival, each.from());
      int inside = Math.min(begin + length, each.to()) - begin;
      if (inside > most) {
        most = inside;
        best = begin;
      }
    }
    return best;
  }

  int outside(int from, int to) {
    int inside = 0;
    for (Whole each : whole) {
      inside += overlap(from, to, each.from(), each.to());
    }
    return to - from - inside;
  }

  int fair(int from, int to) {
    int fair = 0;
    for (Graded each : graded) {
      if (!each.good() && !each.expected()) {
        fair += overlap(from, to, each.from(), each.to());
      }
    }
    return fair;
  }

  /** Minutes of a stretch that no source tells of. */
  int expected(int from, int to) {
    int expected = 0;
    for (Graded each : graded) {
      if (each.expected()) {
        expected += overlap(from, to, each.from(), each.to());
      }
    }
    return expected;
  }

  /** Minutes of all stretches together. */
  int minutes() {
    return whole.stream().mapToInt(each -> each.to() - each.from()).sum();
  }

  private static int overlap(int from, int to, int otherFrom, int otherTo) {
    return Math.max(0, Math.min(to, otherTo) - Math.max(from, otherFrom));
  }
}
