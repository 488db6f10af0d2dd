package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.List;

/**
 * A pattern of how many rounds and how far apart. Common practice, not a rule: the label decides.
 *
 * @param id short key
 * @param name what it is called on screen
 * @param rounds how many
 * @param gap days between them
 * @param reason why its keepers hold to it
 */
public record SpacingPattern(String id, String name, int rounds, int gap, String reason) {

  private static final List<SpacingPattern> ALL =
      List.of(
          new SpacingPattern(
              "weekly3", "weekly three", 3, 7, "spans the 12 days of worker capping"),
          new SpacingPattern("weekly4", "weekly four", 4, 7, "adds the drone span"),
          new SpacingPattern("weekly5", "weekly five", 5, 7, "adds the stragglers"),
          new SpacingPattern(
              "short3", "short gap, three", 3, 5, "catches mites before they enter cells again"),
          new SpacingPattern("short5", "short gap, five", 5, 5, "the same, longer"),
          new SpacingPattern("short7", "short gap, seven", 7, 5, "the same, over a month"),
          new SpacingPattern("four6", "four-day, six", 6, 4, "the same, stricter"),
          new SpacingPattern("four7", "four-day, seven", 7, 4, "the same, over a month"),
          new SpacingPattern("ten3", "ten-day, three", 3, 10, "fewer visits; more escape"),
          new SpacingPattern("ten5", "ten-day, five", 5, 10, "fewer visits over a longer time"),
          new SpacingPattern("three5", "three-day, five", 5, 3, "short and hard"),
          new SpacingPattern("three8", "three-day, eight", 8, 3, "short and hard, drones too"),
          new SpacingPattern(
              "monthly",
              "every month",
              12,
              30,
              "never lets mites build up; needs the label's leave"));

  /** All that repeat at an even gap. */
  public static List<SpacingPattern> all() {
    return ALL;
  }

  /** Its days from a start, as many as lie before a date. */
  public Schedule from(LocalDate start, LocalDate before) {
    Schedule whole = Schedule.every(start, rounds, gap);
    return new Schedule(whole.days().stream().filter(day -> day.isBefore(before)).toList());
  }
}
