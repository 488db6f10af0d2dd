package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import tavrel.core.InvalidValue;

/**
 * Days of the rounds of a series, ascending. No day at all is a colony left untreated.
 *
 * @param days at most 16, each once
 */
public record Schedule(List<LocalDate> days) {

  /** More rounds than this are no series. */
  public static final int MOST_ROUNDS = 16;

  /**
   * @throws InvalidValue if two rounds share a day, they are out of order or too many
   */
  public Schedule {
    days = List.copyOf(days);
    if (days.size() > MOST_ROUNDS) {
      throw new InvalidValue(
          "days", "areAtMostRounds", "are {days}; at most 16 rounds make a series", days.size());
    }
    for (int i = 1; i < days.size(); i++) {
      if (days.get(i).equals(days.get(i - 1))) {
        throw new InvalidValue(
            "days",
            "twoRoundsOnGap",
            "two rounds on {i}: the gap must be at least 1 day",
            days.get(i));
      }
      if (days.get(i).isBefore(days.get(i - 1))) {
        throw new InvalidValue(
            "days", "standsAfterLaterDay", "{i} stands after a later day", days.get(i));
      }
    }
  }

  /**
   * Rounds at an even gap.
   *
   * @throws InvalidValue if there is no gap, or the rounds are none or too many
   */
  public static Schedule every(LocalDate start, int rounds, int gap) {
    InvalidValue.inRange("rounds", rounds, 1, MOST_ROUNDS, "rounds");
    InvalidValue.inRange("gap", gap, 1, 60, "days");
    List<LocalDate> days = new ArrayList<>(rounds);
    for (int i = 0; i < rounds; i++) {
      days.add(start.plusDays((long) i * gap));
    }
    return new Schedule(days);
  }

  /** How many. */
  public int rounds() {
    return days.size();
  }

  /**
   * Refuses days that nobody can plan for.
   *
   * @throws InvalidValue if one lies before the first or after the last that is allowed
   */
  public Schedule within(LocalDate first, LocalDate last) {
    for (LocalDate day : days) {
      if (day.isBefore(first) || day.isAfter(last)) {
        throw new InvalidValue(
            "days", "mustLieFrom", "{day} must lie from {first} to {last}", day, first, last);
      }
    }
    return this;
  }

  int[] indexesFrom(LocalDate first) {
    return days.stream().mapToInt(day -> (int) ChronoUnit.DAYS.between(first, day)).toArray();
  }
}
