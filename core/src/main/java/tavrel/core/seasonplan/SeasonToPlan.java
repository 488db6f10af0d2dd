package tavrel.core.seasonplan;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

/** A season while its days are looked for. */
@PlanningSolution
@NullUnmarked
public final class SeasonToPlan {

  @ProblemFactProperty private PlanBoard board;
  @PlanningEntityCollectionProperty private List<VisitToPlace> visits;
  @PlanningScore private HardMediumSoftLongScore score;

  /** The solver makes copies from nothing. */
  public SeasonToPlan() {}

  SeasonToPlan(PlanBoard board, List<VisitToPlace> visits) {
    this.board = board;
    this.visits = visits;
  }

  static SeasonToPlan of(PlanBoard board, Placing placing) {
    return new SeasonToPlan(
        board,
        board.visits().stream()
            .map(
                visit ->
                    new VisitToPlace(
                        visit,
                        placing.at(visit),
                        placing.isPinned(visit),
                        range(board, visit, placing.at(visit))))
            .toList());
  }

  /** Where a visit may be: wherever it is open, and where it is pinned. */
  private static List<CrewDay> range(PlanBoard board, Visit visit, @Nullable CrewDay at) {
    List<CrewDay> open = board.open(visit);
    return at == null || open.contains(at)
        ? open
        : Stream.concat(open.stream(), Stream.of(at)).toList();
  }

  Placing placing() {
    Placing placing = new Placing(visits.size());
    visits.forEach(each -> placing.put(each.visit(), each.at(), each.isPinned()));
    return placing;
  }

  PlanBoard board() {
    return board;
  }

  List<VisitToPlace> visits() {
    return visits;
  }

  /** Visits of one series, in order. */
  List<VisitToPlace> series(int index) {
    List<Visit> rounds = board.rounds(index);
    int first = rounds.get(0).index();
    return visits.subList(first, first + rounds.size());
  }

  HardMediumSoftLongScore score() {
    return score;
  }
}
