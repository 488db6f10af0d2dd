package tavrel.core.count;

import java.time.LocalDate;
import java.util.List;
import tavrel.core.InvalidValue;

/**
 * Mites fallen on a drop board.
 *
 * @param day when it was read
 * @param mites how many lay on it
 * @param hours how long it lay, 1 to 336
 * @param natural whether no treatment fell into that time or the three days before
 */
public record BoardReading(LocalDate day, int mites, double hours, boolean natural) {

  /** Shorter than this and the figure leaps; longer and ants and wind have been at it, hours. */
  public static final double SHORT = 12;

  /** See {@link #SHORT}, hours. */
  public static final double LONG = 72;

  /** Read within so many hours of a round's own day, a board can only be of that round. */
  private static final double SAME_DAY = 12;

  /** After a treatment more than the natural drop falls for so long, days. */
  private static final int STILL_FALLING = 3;

  /**
   * @throws InvalidValue if such a board cannot be
   */
  public BoardReading {
    InvalidValue.inRange("hours", hours, 1, 336, "hours on the floor");
    InvalidValue.inRange("mites", mites, 0, 50_000, "mites on a board");
  }

  /** Mites a day. */
  public double perDay() {
    return mites * 24 / hours;
  }

  /** Whether it lay for the 12 to 72 hours that are usual. */
  public boolean usualTime() {
    return hours >= SHORT && hours <= LONG;
  }

  /**
   * Whether it was read after a treatment, by the one rule of what a count belongs to: without
   * times whatever is counted on a treatment's day comes before it; only a board that lay for less
   * than half a day on that day can have been laid after it.
   */
  public boolean readAfter(LocalDate treated) {
    return treated.isBefore(day) || (treated.equals(day) && hours < SAME_DAY);
  }

  /** The day on which it was laid. */
  public LocalDate laidOn() {
    return day.minusDays((long) Math.floor(hours / 24 + 0.5));
  }

  /**
   * The same board by what is on record: it tells no natural drop, whatever was said of it, if the
   * hive was treated while it lay or in the three days before ({@link #readAfter}).
   *
   * @param treated days on which the hive was treated
   */
  public BoardReading after(List<LocalDate> treated) {
    LocalDate settled = day.minusDays((long) Math.ceil(hours / 24) + STILL_FALLING);
    boolean disturbed =
        treated.stream().anyMatch(each -> !each.isBefore(settled) && readAfter(each));
    return natural && disturbed ? new BoardReading(day, mites, hours, false) : this;
  }

  /**
   * Mites that a treatment brought down, above what falls by itself.
   *
   * @param naturalPerDay mites a day without treatment
   * @return 0 or more
   */
  public double byTreatment(double naturalPerDay) {
    return Math.max(0, mites - naturalPerDay * hours / 24);
  }
}
