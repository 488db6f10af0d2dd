package tavrel.core.seasonplan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Betters a placing series by series, each on its best days while the others stand, and makes room
 * for what has no place by laying another series anew beside it. Ends where no single series can be
 * bettered any more. Always the same from the same start.
 */
final class SeriesSweep {

  private static final int MOST_SWEEPS = 6;

  private final PlanBoard board;
  private final BestDays bestDays;
  private final BooleanSupplier stopped;
  private Placing best;
  private PlanScore score;

  /**
   * @param start what to better; it stays as it is
   * @param stopped asked before every step
   */
  SeriesSweep(PlanBoard board, Placing start, BooleanSupplier stopped) {
    this.board = board;
    this.bestDays = new BestDays(board);
    this.stopped = stopped;
    this.best = start;
    this.score = PlanScore.of(board, start);
  }

  Placing bettered() {
    boolean better = true;
    for (int sweep = 0; better && sweep < MOST_SWEEPS; sweep++) {
      better = sweep();
      for (int one : withMissed()) {
        better |= makesRoom(one);
      }
    }
    return best;
  }

  private boolean sweep() {
    boolean better = false;
    for (int one = 0; one < board.allSeries(); one++) {
      better |= lay(List.of(one));
    }
    return better;
  }

  /** Another series steps aside: the one with a missed round has first choice, then the other. */
  private boolean makesRoom(int one) {
    int missing = score.missing();
    for (int other = 0; other < board.allSeries() && score.missing() >= missing; other++) {
      if (other != one) {
        lay(List.of(one, other));
      }
    }
    return score.missing() < missing;
  }

  private boolean lay(List<Integer> series) {
    if (stopped.getAsBoolean()) {
      return false;
    }
    Placing tried = best.copy();
    bestDays.lay(tried, series);
    PlanScore reached = PlanScore.of(board, tried);
    if (reached.compareTo(score) >= 0) {
      return false;
    }
    best = tried;
    score = reached;
    return true;
  }

  private List<Integer> withMissed() {
    List<Integer> found = new ArrayList<>();
    for (int one = 0; one < board.allSeries(); one++) {
      for (Visit visit : board.rounds(one)) {
        if (best.at(visit) == null) {
          found.add(one);
          break;
        }
      }
    }
    return found;
  }
}
