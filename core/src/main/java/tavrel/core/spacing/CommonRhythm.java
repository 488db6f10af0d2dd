package tavrel.core.spacing;

import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * What one rhythm for a whole apiary costs a colony against a rhythm of its own with as many
 * visits. A model estimate.
 *
 * @param left mites in all at the common date under the common rhythm
 * @param wash mites a bee that a wash would find then, a fraction
 * @param ownLeft mites in all under the best even series of its own with as many visits
 * @param ownWash mites a bee that a wash would find then, a fraction
 * @param own that series, or null where none fits before the common date
 * @param reaches whether the common rhythm reaches the target
 * @param cheap whether the common rhythm costs little
 */
public record CommonRhythm(
    double left,
    double wash,
    double ownLeft,
    double ownWash,
    SpacingSearch.@Nullable EvenSeries own,
    boolean reaches,
    boolean cheap) {

  /** A difference of this share of mites is lost among the unsureness of the counts. */
  private static final double LITTLE = 1.25;

  /** A difference of this many mites in 100 bees is not worth a visit of its own, a fraction. */
  private static final double FEW = 0.002;

  /** Compares on one colony. */
  public static CommonRhythm of(Colony colony, Schedule schedule) {
    PatternOutcome common = PatternOutcome.of(colony, "common", schedule);
    int rounds = Math.max(1, Math.min(SpacingSearch.ROUNDS, schedule.rounds()));
    SpacingSearch.EvenSeries own =
        SpacingSearch.of(colony, rounds, rounds, SpacingSearch.STARTS).options().stream()
            .filter(option -> option.settled() && option.onLabel())
            .min(Comparator.comparingDouble(SpacingSearch.EvenSeries::left))
            .orElse(null);
    double ownLeft = own == null ? common.left() : Math.min(own.left(), common.left());
    double ownWash = own == null ? common.wash() : Math.min(own.wash(), common.wash());
    boolean cheap =
        common.reaches() || common.left() <= LITTLE * ownLeft || common.wash() - ownWash <= FEW;
    return new CommonRhythm(
        common.left(), common.wash(), ownLeft, ownWash, own, common.reaches(), cheap);
  }
}
