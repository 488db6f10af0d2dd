package tavrel.core.seasonplan;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.factory.MoveIteratorFactoryConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.SwapMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Looks for a better season plan, from what stands, by Timefold's local search. Anytime: it has a
 * plan from the first moment: the better of what stands and of the one by hand, with each series
 * put on its best days; and only ever betters it. One search may be run once, by one thread; any
 * other may stop it.
 */
public final class SeasonSearch {

  /**
   * How much worse a plan may be, at first, to get out of a corner; it cools down to nothing over
   * the time given.
   */
  private static final String WARM = "0hard/0medium/150soft";

  /** Moves of whole series, against moves of a single visit and swaps of two. */
  private static final double WHOLE = 10;

  private final PlanBoard board;
  private final SolverConfig config;
  private final AtomicBoolean stopped = new AtomicBoolean();
  private volatile @Nullable Solver<SeasonToPlan> solver;

  /**
   * @param problem what to respect
   * @param seconds how long to search for once every series is on its best days, which takes about
   *     one more
   */
  public SeasonSearch(SeasonProblem problem, int seconds) {
    this(
        problem,
        config(new TerminationConfig())
            .withTerminationConfig(
                new TerminationConfig().withSpentLimit(Duration.ofSeconds(seconds))));
  }

  private SeasonSearch(SeasonProblem problem, SolverConfig config) {
    this.board = new PlanBoard(problem);
    this.config = config;
  }

  /**
   * The same plan on every machine, however fast it is.
   *
   * @param moves tried by the local search
   */
  static SeasonSearch ofMoves(SeasonProblem problem, long moves) {
    return new SeasonSearch(problem, config(new TerminationConfig().withMoveCountLimit(moves)));
  }

  /**
   * Searches until its time is over or it is stopped.
   *
   * @param better told of every better plan, by the searching thread; asks for it on the spot or
   *     leaves it
   * @return the best plan that was found
   */
  public SeasonPlan run(Consumer<Supplier<SeasonPlan>> better) {
    Placing first = start();
    better.accept(() -> read(first));
    Placing start = new SeriesSweep(board, first, stopped::get).bettered();
    if (board.visits().isEmpty() || stopped.get()) {
      return read(start);
    }
    better.accept(() -> read(start));
    Solver<SeasonToPlan> solver = SolverFactory.<SeasonToPlan>create(config).buildSolver();
    this.solver = solver;
    solver.addEventListener(
        event -> {
          better.accept(() -> read(event.getNewBestSolution().placing()));
          if (stopped.get()) {
            solver.terminateEarly();
          }
        });
    Placing found = solver.solve(SeasonToPlan.of(board, start)).placing();
    boolean worse = PlanScore.of(board, found).compareTo(PlanScore.of(board, start)) > 0;
    return read(worse ? start : found);
  }

  /** Ends the search soon; what was found by then stays. */
  public void stop() {
    stopped.set(true);
    Solver<SeasonToPlan> running = solver;
    if (running != null) {
      running.terminateEarly();
    }
  }

  private Placing start() {
    Placing standing = board.placing(board.problem().standing());
    Placing byHand = new NextFreeDay(board).placing(standing, true);
    Placing filled = filled(standing);
    return filled != null && PlanScore.of(board, filled).compareTo(PlanScore.of(board, byHand)) <= 0
        ? filled
        : byHand;
  }

  /** What stands and may stay, with the rest filled in by hand; null where nothing stands. */
  private @Nullable Placing filled(Placing standing) {
    boolean any = false;
    for (Visit visit : board.visits()) {
      CrewDay at = standing.at(visit);
      if (at != null && !standing.isPinned(visit)) {
        if (board.open(visit).contains(at)) {
          any = true;
        } else {
          standing.put(visit, null, false);
        }
      }
    }
    return any ? new NextFreeDay(board).placing(standing, false) : null;
  }

  private SeasonPlan read(Placing placing) {
    return new PlanReading(board, placing).plan();
  }

  static SolverConfig config(TerminationConfig until) {
    return new SolverConfig()
        .withSolutionClass(SeasonToPlan.class)
        .withEntityClasses(VisitToPlace.class)
        .withConstraintProviderClass(SeasonConstraints.class)
        .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
        .withRandomSeed(20_260_818L)
        .withPhases(
            new ConstructionHeuristicPhaseConfig(),
            new LocalSearchPhaseConfig()
                .withAcceptorConfig(
                    new LocalSearchAcceptorConfig().withSimulatedAnnealingStartingTemperature(WARM))
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                .withMoveSelectorConfig(
                    new UnionMoveSelectorConfig()
                        .withMoveSelectors(
                            new ChangeMoveSelectorConfig().withFixedProbabilityWeight(0.5),
                            new SwapMoveSelectorConfig().withFixedProbabilityWeight(0.5),
                            new MoveIteratorFactoryConfig()
                                .withMoveIteratorFactoryClass(RelayoutMoveFactory.class)
                                .withFixedProbabilityWeight(WHOLE)))
                .withTerminationConfig(until));
  }
}
