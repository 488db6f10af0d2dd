package tavrel.core.count;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * Asks again about a board that hardly can be right: next to nothing lay on it right after a round,
 * though a sample before had found mites. It is never refused: a burn that failed, an open mesh or
 * ants look just like a slip of typing.
 */
public final class BoardDoubt {

  /** Longer after a round most of what falls has fallen, days. */
  private static final long SOON = 4;

  /** A sample that is older tells nothing of the day of the round, days. */
  private static final long RECENT = 60;

  /** Bees of a small colony: no fewer are treated. */
  private static final double FEW_BEES = 5_000;

  /** The least that a round brings down of the mites on the bees. */
  private static final double LEAST_KILL = 0.3;

  /** Below this part of the least that was to be expected it is hard to believe. */
  private static final double HARD_TO_BELIEVE = 0.1;

  /** Fewer than this may all have missed the board. */
  private static final double ENOUGH = 10;

  private BoardDoubt() {}

  /**
   * What to ask about a board.
   *
   * @param board the board
   * @param treated days on which the hive was treated
   * @param washes samples of the hive, in any order
   * @param rollRecovery share of the mites that a sugar roll finds
   * @return null where nothing is odd
   */
  public static @Nullable Fact of(
      BoardReading board, List<LocalDate> treated, List<Wash> washes, double rollRecovery) {
    LocalDate round =
        treated.stream()
            .filter(day -> board.readAfter(day) && isWithin(day, board.day(), SOON))
            .max(LocalDate::compareTo)
            .orElse(null);
    if (round == null) {
      return null;
    }
    List<Wash> before =
        washes.stream().filter(wash -> isWithin(wash.day(), round, RECENT)).toList();
    Infestation found = Infestation.latest(before, treated, rollRecovery);
    if (found == null) {
      return null;
    }
    double least = found.interval().low() * FEW_BEES * LEAST_KILL;
    if (least < ENOUGH || board.mites() >= HARD_TO_BELIEVE * least) {
      return null;
    }
    return Fact.of("count.boardDoubt")
        .count("fallen", board.mites(), "mite")
        .count("found", found.mites(), "mite")
        .figure("bees", found.bees());
  }

  private static boolean isWithin(LocalDate day, LocalDate before, long days) {
    long apart = ChronoUnit.DAYS.between(day, before);
    return apart >= 0 && apart <= days;
  }
}
