package tavrel.core.count;

import java.time.Duration;

/**
 * When a board that lies under a treated hive is to be read: first after 12 to 24 hours, then by 48
 * and by 72.
 */
public final class BoardTimes {

  /** From here on the first reading tells. */
  public static final Duration FIRST = Duration.ofHours(12);

  private static final Duration FIRST_BY = Duration.ofHours(24);
  private static final Duration SECOND_BY = Duration.ofDays(2);
  private static final Duration THIRD_BY = Duration.ofDays(3);

  private BoardTimes() {}

  /**
   * What is due of boards.
   *
   * @param boards how many can be read
   * @param longest how long the one has lain that was laid first, {@link #FIRST} or more
   */
  public static String says(int boards, Duration longest) {
    String which = boards == 1 ? "1 board" : boards + " boards";
    String lain =
        (boards == 1 ? ", it has lain " : ", the first has lain ") + longest.toHours() + " h";
    String when =
        longest.compareTo(FIRST_BY) <= 0
            ? "first reading by 24 h"
            : longest.compareTo(SECOND_BY) <= 0
                ? "the reading by 48 h is due"
                : longest.compareTo(THIRD_BY) <= 0
                    ? "the reading by 72 h is due"
                    : "past 72 h: ants and wind have been at it";
    return which + " to read" + lain + "; " + when;
  }
}
