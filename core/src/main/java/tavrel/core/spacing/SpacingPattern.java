package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.List;

/**
 * A pattern of how many rounds and how far apart. Common practice, not a rule: the label decides.
 *
 * @param id short key, by which the screens name it
 * @param rounds how many
 * @param gap days between them
 */
public record SpacingPattern(String id, int rounds, int gap) {

  private static final List<SpacingPattern> ALL =
      List.of(
          new SpacingPattern("weekly3", 3, 7),
          new SpacingPattern("weekly4", 4, 7),
          new SpacingPattern("weekly5", 5, 7),
          new SpacingPattern("short3", 3, 5),
          new SpacingPattern("short5", 5, 5),
          new SpacingPattern("short7", 7, 5),
          new SpacingPattern("four6", 6, 4),
          new SpacingPattern("four7", 7, 4),
          new SpacingPattern("ten3", 3, 10),
          new SpacingPattern("ten5", 5, 10),
          new SpacingPattern("three5", 5, 3),
          new SpacingPattern("three8", 8, 3),
          new SpacingPattern("monthly", 12, 30));

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
