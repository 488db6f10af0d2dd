package tavrel.core.plan;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.move.AbstractMove;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Moves of a series as a whole: from one of its rounds on, every round by the same number of days,
 * perhaps to another crew, perhaps together with a neighbour; laid anew by other gaps; riding along
 * with a neighbour; or put on the best days that there are. Rounds of a series hang together by
 * their gaps, so that moving one at a time seldom helps.
 */
public final class SeriesShift implements MoveIteratorFactory<SeasonToPlan, SeriesShift.Shift> {

  private static final int FARTHEST = 4;

  /** How often one or two series are laid on their best days: slow, but it finds small gaps. */
  private static final int BEST_ONE_IN = 4;

  /** Made by the solver. */
  public SeriesShift() {}

  /** Visits, each with its new day. */
  public static final class Shift extends AbstractMove<SeasonToPlan> {

    private final List<VisitToPlace> visits;
    private final List<@Nullable CrewDay> days;

    Shift(List<VisitToPlace> visits, List<@Nullable CrewDay> days) {
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
      for (int i = 0; i < visits.size(); i++) {
        if (visits.get(i).at() != days.get(i)) {
          return true;
        }
      }
      return false;
    }
  }

  @Override
  public long getSize(ScoreDirector<SeasonToPlan> director) {
    return director.getWorkingSolution().visits().size();
  }

  @Override
  public Iterator<Shift> createOriginalMoveIterator(ScoreDirector<SeasonToPlan> director) {
    return Collections.emptyIterator();
  }

  @Override
  public Iterator<Shift> createRandomMoveIterator(
      ScoreDirector<SeasonToPlan> director, Random random) {
    SeasonToPlan season = director.getWorkingSolution();
    PlanBoard board = season.board();
    int[] open =
        IntStream.range(0, board.courses()).filter(each -> !board.rounds(each).isEmpty()).toArray();
    BestDays bestDays = new BestDays(board);
    return new Iterator<>() {
      @Override
      public boolean hasNext() {
        return open.length > 0;
      }

      @Override
      public Shift next() {
        Draft draft = new Draft(board, random);
        int one = open[random.nextInt(open.length)];
        int[] near = board.near(one);
        int other = near.length == 0 ? one : near[random.nextInt(near.length)];
        if (random.nextInt(BEST_ONE_IN) == 0) {
          draft.layBest(season, bestDays, together(one, near, random));
          return new Shift(draft.visits, draft.days);
        }
        switch (random.nextInt(8)) {
          case 0 -> draft.layAnew(season.series(one));
          case 1, 2 -> draft.shift(season.series(one), by(random));
          case 3 -> draft.shiftBoth(season.series(one), season.series(other), by(random));
          case 4, 5 -> draft.joinOnce(season.series(one), season.series(other));
          default -> draft.rideAlong(season.series(one), season.series(other));
        }
        return new Shift(draft.visits, draft.days);
      }
    };
  }

  /** A series, alone or with one or two of its neighbours, in drawn order. */
  private static List<Integer> together(int one, int[] near, Random random) {
    List<Integer> series = new ArrayList<>(List.of(one));
    int more = random.nextInt(3);
    for (int i = 0; i < more && i < near.length; i++) {
      int other = near[random.nextInt(near.length)];
      if (!series.contains(other)) {
        series.add(random.nextInt(series.size() + 1), other);
      }
    }
    return series;
  }

  private static int by(Random random) {
    return random.nextInt(2 * FARTHEST + 1) - FARTHEST;
  }

  /** A move while it is put together. */
  private static final class Draft {

    private final PlanBoard board;
    private final Random random;
    private final @Nullable RoadCrew crew;
    private final List<VisitToPlace> visits = new ArrayList<>();
    private final List<@Nullable CrewDay> days = new ArrayList<>();

    Draft(PlanBoard board, Random random) {
      this.board = board;
      this.random = random;
      List<RoadCrew> crews = board.problem().crews();
      this.crew = random.nextBoolean() ? crews.get(random.nextInt(crews.size())) : null;
    }

    /** From one of its rounds on, all by the same number of days. */
    void shift(List<VisitToPlace> series, int by) {
      for (VisitToPlace each : series.subList(random.nextInt(series.size()), series.size())) {
        CrewDay at = each.at();
        if (at != null) {
          add(each, crew == null ? at.crew : crew, at.date.plusDays(by));
        }
      }
    }

    /** Two series by the same number of days. */
    void shiftBoth(List<VisitToPlace> one, List<VisitToPlace> other, int by) {
      shift(one, by);
      if (!one.equals(other)) {
        shift(other, by);
      }
    }

    /** One round on a day on which the other series is done. */
    void joinOnce(List<VisitToPlace> one, List<VisitToPlace> other) {
      VisitToPlace visit = one.get(random.nextInt(one.size()));
      CrewDay there = other.get(random.nextInt(other.size())).at();
      if (there != null) {
        add(visit, there.crew, there.date);
      }
    }

    /** Each round on the day of the same round of the other series, from one of them on. */
    void rideAlong(List<VisitToPlace> one, List<VisitToPlace> other) {
      int from = random.nextInt(one.size());
      for (int i = from; i < Math.min(one.size(), other.size()); i++) {
        CrewDay there = other.get(i).at();
        if (there != null) {
          add(one.get(i), there.crew, there.date);
        }
      }
    }

    /** Every round on its best day while all other series stand, see {@link BestDays}. */
    void layBest(SeasonToPlan season, BestDays bestDays, List<Integer> series) {
      Placing placing = season.placing();
      bestDays.lay(placing, series);
      for (VisitToPlace each : season.visits()) {
        CrewDay day = placing.at(each.visit());
        if (each.at() != day) {
          visits.add(each);
          days.add(day);
        }
      }
    }

    /** The rounds after one of them, by gaps drawn from those that are allowed. */
    void layAnew(List<VisitToPlace> series) {
      int from = random.nextInt(series.size());
      CrewDay first = series.get(from).at();
      if (first == null) {
        return;
      }
      LocalDate day = first.date;
      for (VisitToPlace each : series.subList(from + 1, series.size())) {
        Gaps gaps = each.visit().course().gaps();
        day = day.plusDays(gaps.least() + random.nextInt(gaps.most() - gaps.least() + 1));
        CrewDay at = each.at();
        add(each, crew == null ? at == null ? first.crew : at.crew : crew, day);
      }
    }

    private void add(VisitToPlace visit, RoadCrew who, LocalDate day) {
      CrewDay there = board.crewDay(who.id(), day);
      if (!visit.isPinned() && there != null && visit.isOpen(there)) {
        visits.add(visit);
        days.add(there);
      }
    }
  }
}
