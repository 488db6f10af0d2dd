package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * What is still to be done in one apiary: the rounds of a series, or a single one.
 *
 * @param id key
 * @param yardId where
 * @param name what the keeper calls it
 * @param next number of the next round; those before it are done
 * @param last number of its last round
 * @param gaps days between rounds
 * @param days first and last day on which a round may be
 * @param start day on which its next round is wanted
 * @param finishBy day by which the last round should be done, as before the winter bees; or null
 * @param best days that are hoped for, as those without capped brood; or null
 * @param lastDone day of the round before the next; null where none was done
 * @param closed days that the label, supers or brood close, each with its reason
 * @param roundsLeft rounds that the label leaves open, by calendar year; a year that is not named
 *     has no limit
 */
public record PlannedSeries(
    UUID id,
    UUID yardId,
    String name,
    int next,
    int last,
    Gaps gaps,
    DaySpan days,
    LocalDate start,
    @Nullable LocalDate finishBy,
    @Nullable DaySpan best,
    @Nullable LocalDate lastDone,
    Map<LocalDate, Fact> closed,
    Map<Integer, Integer> roundsLeft) {

  /** Most rounds of one series. */
  public static final int MOST_ROUNDS = 40;

  /**
   * @throws InvalidValue if its numbers do not rise
   */
  public PlannedSeries {
    InvalidValue.inRange("next", next, 1, MOST_ROUNDS, "as a round's number");
    InvalidValue.inRange("last", last, next, MOST_ROUNDS, "as a round's number");
    closed = Map.copyOf(closed);
    roundsLeft = Map.copyOf(roundsLeft);
  }

  /** Days by which a day misses those that are hoped for. */
  int besideBest(LocalDate day) {
    if (best == null || best.contains(day)) {
      return 0;
    }
    LocalDate edge = day.isBefore(best.from()) ? best.from() : best.to();
    return Math.abs((int) (edge.toEpochDay() - day.toEpochDay()));
  }

  /** Days by which a day comes after the one by which all should be done. */
  int lateBy(LocalDate day) {
    return finishBy == null ? 0 : (int) Math.max(0, day.toEpochDay() - finishBy.toEpochDay());
  }
}
