package tavrel.core.seasonplan;

import tavrel.core.InvalidValue;

/**
 * Days from one round of a series to the next.
 *
 * @param least fewest days
 * @param wanted as the series was thought of
 * @param most most days
 */
public record Gaps(int least, int wanted, int most) {

  /**
   * @throws InvalidValue if they do not rise, or are no days between rounds
   */
  public Gaps {
    InvalidValue.inRange("leastGap", least, 1, 365, "days");
    InvalidValue.inRange("mostGap", most, 1, 400, "days");
    if (least > wanted) {
      throw new InvalidValue(
          "leastGap", "moreThanDaysAre", "is more than the {wanted} days that are wanted", wanted);
    }
    if (most < wanted) {
      throw new InvalidValue(
          "mostGap", "lessThanDaysAre", "is less than the {wanted} days that are wanted", wanted);
    }
  }

  /**
   * The same, but never closer than a label allows.
   *
   * @param days fewest days that it allows
   */
  public Gaps atLeast(int days) {
    return days <= least ? this : new Gaps(days, Math.max(days, wanted), Math.max(days, most));
  }

  /** Days missing between two rounds that are {@code rounds} numbers apart, 0 if none. */
  int shortBy(long days, int rounds) {
    return (int) Math.max(0, (long) least * rounds - days);
  }

  /** Days too many between two rounds that are {@code rounds} numbers apart, 0 if none. */
  int longBy(long days, int rounds) {
    return (int) Math.max(0, days - (long) most * rounds);
  }

  /** Days between what is and what is wanted of two rounds that follow each other. */
  int offBy(long days) {
    return (int) Math.abs(days - wanted);
  }
}
