package tavrel.core.spacing;

import java.time.LocalDate;
import java.util.List;

/**
 * A school of how many rounds and how far apart. Common practice, not a rule: the label decides.
 *
 * @param id short key
 * @param name what it is called on screen
 * @param rounds how many
 * @param gap days between them
 * @param reason why its keepers hold to it
 */
public record SeriesSchool(String id, String name, int rounds, int gap, String reason) {

  private static final List<SeriesSchool> ALL =
      List.of(
          new SeriesSchool("weekly3", "weekly three", 3, 7, "spans the 12 days of worker capping"),
          new SeriesSchool("weekly4", "weekly four", 4, 7, "adds the drone span"),
          new SeriesSchool("weekly5", "weekly five", 5, 7, "adds the stragglers"),
          new SeriesSchool(
              "short3", "short gap, three", 3, 5, "catches mites before they enter cells again"),
          new SeriesSchool("short5", "short gap, five", 5, 5, "the same, longer"),
          new SeriesSchool("short7", "short gap, seven", 7, 5, "the same, over a month"),
          new SeriesSchool("four6", "four-day, six", 6, 4, "the same, stricter"),
          new SeriesSchool("four7", "four-day, seven", 7, 4, "the same, over a month"),
          new SeriesSchool("ten3", "ten-day, three", 3, 10, "fewer visits; more escape"),
          new SeriesSchool("ten5", "ten-day, five", 5, 10, "fewer visits over a longer time"),
          new SeriesSchool("three5", "three-day, five", 5, 3, "short and hard"),
          new SeriesSchool("three8", "three-day, eight", 8, 3, "short and hard, drones too"),
          new SeriesSchool(
              "monthly",
              "every month",
              12,
              30,
              "never lets mites build up; needs the label's leave"));

  /** All that repeat at an even gap. */
  public static List<SeriesSchool> all() {
    return ALL;
  }

  /** Its days from a start, as many as lie before a date. */
  public Schedule from(LocalDate start, LocalDate before) {
    Schedule whole = Schedule.every(start, rounds, gap);
    return new Schedule(whole.days().stream().filter(day -> day.isBefore(before)).toList());
  }
}
