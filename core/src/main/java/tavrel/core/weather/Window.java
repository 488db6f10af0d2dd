package tavrel.core.weather;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of workable hours that touch, with its parts.
 *
 * @param from first minute
 * @param to end, not part of it
 * @param parts its hours by grade, in order, without a gap
 * @param fits hives, in walking order, that can be done in what is left of it; null where nobody
 *     can tell
 */
public record Window(Instant from, Instant to, List<Part> parts, @Nullable Integer fits) {

  /**
   * Hours in a row of the same grade.
   *
   * @param from first minute
   * @param to end, not part of it
   * @param grade good or fair; null for hours that no source tells of, which are only expected, see
   *     {@link ExpectedHours}
   */
  public record Part(Instant from, Instant to, @Nullable HourGrade grade) {

    Optional<Part> within(Instant first, Instant last) {
      Instant begin = from.isBefore(first) ? first : from;
      Instant end = to.isAfter(last) ? last : to;
      return begin.isBefore(end) ? Optional.of(new Part(begin, end, grade)) : Optional.empty();
    }
  }

  /** Copies. */
  public Window {
    parts = List.copyOf(parts);
  }

  /** One stretch of one grade. */
  public static Window of(Instant from, Instant to, @Nullable HourGrade grade) {
    return new Window(from, to, List.of(new Part(from, to, grade)), null);
  }

  /** Stretches of parts: those that touch become one. */
  public static List<Window> join(List<Part> parts) {
    List<Window> windows = new ArrayList<>();
    List<Part> open = new ArrayList<>();
    for (Part part : parts.stream().sorted(Comparator.comparing(Part::from)).toList()) {
      Part last = open.isEmpty() ? null : open.get(open.size() - 1);
      if (last != null && last.to().isBefore(part.from())) {
        windows.add(of(open));
        open.clear();
        last = null;
      }
      if (last != null && Objects.equals(last.grade(), part.grade())) {
        open.set(open.size() - 1, new Part(last.from(), part.to(), part.grade()));
      } else {
        open.add(part);
      }
    }
    if (!open.isEmpty()) {
      windows.add(of(open));
    }
    return List.copyOf(windows);
  }

  private static Window of(List<Part> parts) {
    return new Window(parts.get(0).from(), parts.get(parts.size() - 1).to(), parts, null);
  }

  /**
   * What is offered first: the next of several in which a whole round fits, else the one in which
   * most of it does; nothing where not a single hive fits.
   *
   * @param inOrder soonest first; no further than needed is looked at
   * @param hives in the round
   */
  public static Optional<Window> offered(Stream<Window> inOrder, Instant now, int hives) {
    Window most = null;
    for (Iterator<Window> each = inOrder.iterator(); each.hasNext(); ) {
      Window window = each.next();
      if (!window.to().isAfter(now)) {
        continue;
      }
      if (window.holding() >= hives) {
        return Optional.of(window);
      }
      if (window.holding() > (most == null ? 0 : most.holding())) {
        most = window;
      }
    }
    return Optional.ofNullable(most);
  }

  /** Hives that fit; where nobody can tell, as many as are wanted. */
  private int holding() {
    return fits == null ? Integer.MAX_VALUE : fits;
  }

  /** What is left of it after a moment; nothing where it is over by then. */
  public Optional<Window> after(Instant moment) {
    return within(moment, to);
  }

  /** What of it lies between two moments; nothing where none does. How many fit is kept. */
  public Optional<Window> within(Instant first, Instant last) {
    if (!from.isBefore(first) && !to.isAfter(last)) {
      return Optional.of(this);
    }
    List<Part> left = parts.stream().flatMap(part -> part.within(first, last).stream()).toList();
    return left.isEmpty()
        ? Optional.empty()
        : Optional.of(new Window(left.get(0).from(), left.get(left.size() - 1).to(), left, fits));
  }

  Window fitting(@Nullable Integer hives) {
    return new Window(from, to, parts, hives);
  }

  /** Whether it holds a moment. */
  public boolean holds(Instant moment) {
    return !from.isAfter(moment) && to.isAfter(moment);
  }

  /** The end of that of some windows which holds a moment; nothing where none does. */
  public static Optional<Instant> endOfThatHolding(Instant moment, List<Window> windows) {
    return windows.stream().filter(each -> each.holds(moment)).map(Window::to).findFirst();
  }

  /** Whether no source tells of some of it. */
  public boolean hasExpected() {
    return parts.stream().anyMatch(part -> part.grade() == null);
  }
}
