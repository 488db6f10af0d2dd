package tavrel.core.seasonplan;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.move.AbstractMove;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Moves that take one to three series out of the plan and lay each anew on the best days that there
 * are while the others stand, in drawn order: the first has first choice. Rounds of a series hang
 * together by their gaps, so that moving one at a time seldom helps; and series that stand near
 * each other can share a day on the road.
 */
public final class RelayoutMoveFactory
    implements MoveIteratorFactory<SeasonToPlan, RelayoutMoveFactory.Laid> {

  private static final int MOST_AT_ONCE = 3;

  /** How often those laid anew together are drawn from all series, not from neighbours. */
  private static final int ANY_ONE_IN = 3;

  /** Made by the solver. */
  public RelayoutMoveFactory() {}

  /** Visits, each with its new day. */
  public static final class Laid extends AbstractMove<SeasonToPlan> {

    private final List<VisitToPlace> visits;
    private final List<@Nullable CrewDay> days;

    Laid(List<VisitToPlace> visits, List<@Nullable CrewDay> days) {
      this.visits = visits;
      this.days = days;
    }

    @Override
    protected void doMoveOnGenuineVariables(ScoreDirector<SeasonToPlan> director) {
      for (int i = 0; i < visits.size(); i++) {
        director.beforeVariableChanged(visits.get(i), "at");
        visits.get(i).put(days.get(i));
        director.afterVariableChanged(visits.get(i), "at");
      }
    }

    @Override
    public boolean isMoveDoable(ScoreDirector<SeasonToPlan> director) {
      return !visits.isEmpty();
    }
  }

  @Override
  public long getSize(ScoreDirector<SeasonToPlan> director) {
    return director.getWorkingSolution().visits().size();
  }

  @Override
  public Iterator<Laid> createOriginalMoveIterator(ScoreDirector<SeasonToPlan> director) {
    return Collections.emptyIterator();
  }

  @Override
  public Iterator<Laid> createRandomMoveIterator(
      ScoreDirector<SeasonToPlan> director, Random random) {
    SeasonToPlan season = director.getWorkingSolution();
    PlanBoard board = season.board();
    int[] open =
        IntStream.range(0, board.allSeries())
            .filter(each -> !board.rounds(each).isEmpty())
            .toArray();
    BestDays bestDays = new BestDays(board);
    return new Iterator<>() {
      @Override
      public boolean hasNext() {
        return open.length > 0;
      }

      @Override
      public Laid next() {
        return laid(season, bestDays, together(board, open, random));
      }
    };
  }

  /** A series, alone or with one or two others, in drawn order. */
  private static List<Integer> together(PlanBoard board, int[] open, Random random) {
    int one = open[random.nextInt(open.length)];
    int[] others = random.nextInt(ANY_ONE_IN) == 0 ? open : board.near(one);
    List<Integer> series = new ArrayList<>(List.of(one));
    int more = others.length == 0 ? 0 : random.nextInt(MOST_AT_ONCE);
    for (int i = 0; i < more; i++) {
      int other = others[random.nextInt(others.length)];
      if (!series.contains(other)) {
        series.add(random.nextInt(series.size() + 1), other);
      }
    }
    return series;
  }

  private static Laid laid(SeasonToPlan season, BestDays bestDays, List<Integer> series) {
    Placing placing = season.placing();
    bestDays.lay(placing, series);
    List<VisitToPlace> visits = new ArrayList<>();
    List<@Nullable CrewDay> days = new ArrayList<>();
    for (int one : series) {
      for (VisitToPlace each : season.series(one)) {
        CrewDay day = placing.at(each.visit());
        if (each.at() != day) {
          visits.add(each);
          days.add(day);
        }
      }
    }
    return new Laid(visits, days);
  }
}
