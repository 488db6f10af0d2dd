package tavrel.core.result;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.count.BoardReading;
import tavrel.core.count.Infestation;
import tavrel.core.count.Wash;

/**
 * What was counted in one hive around a stretch of rounds.
 *
 * @param stretch the rounds
 * @param washes samples of bees, in any order
 * @param boards drop boards, in any order
 * @param rollRecovery share of the mites that a sugar roll finds
 */
public record Samples(
    RoundsTogether stretch, List<Wash> washes, List<BoardReading> boards, double rollRecovery) {

  /** The latest sample before the rounds, or null. */
  public @Nullable Infestation before() {
    return Infestation.latest(
        washes.stream().filter(wash -> stretch.isBefore(wash.day())).toList(),
        List.of(),
        rollRecovery);
  }

  /** The latest sample after them, or null. */
  public @Nullable Infestation after() {
    return Infestation.latest(
        washes.stream().filter(wash -> stretch.isAfter(wash.day())).toList(),
        List.of(),
        rollRecovery);
  }

  /**
   * Share of the mites that these rounds brought down, of all that fell at them and at the round
   * after them, which cleans up.
   *
   * @param drops of these rounds
   * @return null unless boards were read after these and after that
   */
  public @Nullable Double followUp(List<RoundDrop> drops) {
    if (stretch.next() == null || drops.isEmpty()) {
      return null;
    }
    Double natural = naturalPerDay();
    List<RoundDrop> cleanUp =
        RoundDrop.of(List.of(stretch.next()), boards, natural == null ? 0 : natural);
    return cleanUp.isEmpty()
        ? null
        : Efficacy.followUp(
            drops.stream().mapToDouble(RoundDrop::byTreatment).sum(), cleanUp.get(0).byTreatment());
  }

  /** Mites a day on the latest board of natural drop before the rounds, or null. */
  public @Nullable Double naturalPerDay() {
    return boards.stream()
        .filter(board -> board.natural() && stretch.isBefore(board.day()))
        .max(Comparator.comparing(BoardReading::day))
        .map(BoardReading::perDay)
        .orElse(null);
  }
}
