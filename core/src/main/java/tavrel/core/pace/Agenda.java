package tavrel.core.pace;

import java.util.PriorityQueue;

/**
 * What will happen while a run is played through: in the order of time, then as it was put down.
 */
final class Agenda {

  private record Event(int at, int number, Runnable then) implements Comparable<Event> {
    @Override
    public int compareTo(Event other) {
      return at != other.at ? Integer.compare(at, other.at) : Integer.compare(number, other.number);
    }
  }

  private final PriorityQueue<Event> events = new PriorityQueue<>();
  private int numbered;

  /** Puts something down for a second. */
  void at(int second, Runnable then) {
    events.add(new Event(second, numbered++, then));
  }

  /** Whether nothing is left. */
  boolean isEmpty() {
    return events.isEmpty();
  }

  /** The second of what comes next. */
  int next() {
    return events.element().at();
  }

  /** Does all that was put down for a second and stands next. */
  void happen(int second) {
    while (!events.isEmpty() && events.element().at() == second) {
      events.remove().then().run();
    }
  }
}
