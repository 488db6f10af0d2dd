package tavrel.core.count;

import java.time.Duration;

/**
 * Boards that have lain long enough to read.
 *
 * @param boards how many
 * @param lainHours how long the one has lain that was laid first, whole hours
 * @param reading which of its readings is due
 */
public record BoardsDue(int boards, long lainHours, Reading reading) {

  /** From here on the first reading tells. */
  public static final Duration FIRST = Duration.ofHours(12);

  private static final Duration FIRST_BY = Duration.ofHours(24);
  private static final Duration SECOND_BY = Duration.ofDays(2);

  /** What is read later tells little. */
  public static final Duration THIRD_BY = Duration.ofDays(3);

  /** Readings of a board under a treated hive. */
  public enum Reading {
    /** After 12 to 24 hours. */
    FIRST,
    /** By 48 hours. */
    SECOND,
    /** By 72 hours. */
    THIRD,
    /** Too late: ants and wind have been at it. */
    PAST
  }

  /**
   * What is due of boards.
   *
   * @param boards how many can be read
   * @param longest how long the one has lain that was laid first, {@link #FIRST} or more
   */
  public static BoardsDue of(int boards, Duration longest) {
    Reading reading =
        longest.compareTo(FIRST_BY) <= 0
            ? Reading.FIRST
            : longest.compareTo(SECOND_BY) <= 0
                ? Reading.SECOND
                : longest.compareTo(THIRD_BY) <= 0 ? Reading.THIRD : Reading.PAST;
    return new BoardsDue(boards, longest.toHours(), reading);
  }
}
