package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import tavrel.core.InvalidValue;

/**
 * A way to go on after a day was missed.
 *
 * @param way which
 * @param days all days of the series anew, those done included
 */
public record Respacing(Way way, List<LocalDate> days) {

  /** Ways to go on. */
  public enum Way {
    /** The missed round on its new day and every later one as much later. */
    SHIFT_ALL,
    /** The missed round on its new day, the others as they were. */
    MOVE_ONE,
    /** The missed round is dropped. */
    LEAVE_OUT
  }

  /**
   * The ways that there are.
   *
   * @param days the series' days, ascending
   * @param missed index of the round that was missed
   * @param onto the day on which it can be done
   * @throws InvalidValue if there is no such round, or the new day lies before a round done
   */
  public static List<Respacing> of(List<LocalDate> days, int missed, LocalDate onto) {
    if (missed < 0 || missed >= days.size()) {
      throw new InvalidValue("round", "notOneThisSeries", "is not one of this series");
    }
    if (missed > 0 && !onto.isAfter(days.get(missed - 1))) {
      throw new InvalidValue(
          "onto",
          "mustComeAfterRound",
          "must come after {missed}, the round before",
          days.get(missed - 1));
    }
    long late = ChronoUnit.DAYS.between(days.get(missed), onto);
    List<Respacing> ways = new ArrayList<>();
    List<LocalDate> shifted = new ArrayList<>(days);
    for (int i = missed; i < days.size(); i++) {
      shifted.set(i, days.get(i).plusDays(late));
    }
    ways.add(new Respacing(Way.SHIFT_ALL, List.copyOf(shifted)));
    boolean last = missed == days.size() - 1;
    if (!last && onto.isBefore(days.get(missed + 1))) {
      List<LocalDate> moved = new ArrayList<>(days);
      moved.set(missed, onto);
      ways.add(new Respacing(Way.MOVE_ONE, List.copyOf(moved)));
    }
    if (days.size() > 1) {
      List<LocalDate> fewer = new ArrayList<>(days);
      fewer.remove(missed);
      ways.add(new Respacing(Way.LEAVE_OUT, List.copyOf(fewer)));
    }
    return List.copyOf(ways);
  }
}
