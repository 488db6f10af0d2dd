package tavrel.server.seasonplan;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tavrel.core.Fact;
import tavrel.core.seasonplan.PlanSummary;
import tavrel.core.seasonplan.SeasonPlan;
import tavrel.core.seasonplan.SeasonProblem;
import tavrel.core.seasonplan.SeasonSearch;
import tavrel.server.http.Problem;

/** Runs one search at a time behind the scenes, and tells how far it is. */
@Component
public class SeasonSearches {

  private static final Logger LOG = LoggerFactory.getLogger(SeasonSearches.class);
  private static final Duration TELL_EVERY = Duration.ofMillis(700);

  /**
   * How a search stands.
   *
   * @param running whether it still searches
   * @param what it searches for, or null where none was begun
   * @param began when it began, or null where none did since the start of the server
   * @param seconds how long it may take
   * @param better how often it found a better plan
   * @param figures of the best plan as far as it was told, or null
   * @param failed why it ended without a plan, or null
   */
  record SearchState(
      boolean running,
      @Nullable Fact what,
      @Nullable Instant began,
      int seconds,
      int better,
      @Nullable PlanSummary figures,
      @Nullable Fact failed) {

    static final SearchState NONE = new SearchState(false, null, null, 0, 0, null, null);

    SearchState told(PlanSummary best) {
      return new SearchState(running, what, began, seconds, better, best, null);
    }

    SearchState oneBetter() {
      return new SearchState(running, what, began, seconds, better + 1, figures, null);
    }

    SearchState ended(@Nullable Fact why) {
      return new SearchState(false, what, began, seconds, better, figures, why);
    }
  }

  private final Clock clock;
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          runnable -> {
            Thread search = new Thread(runnable, "season-search");
            search.setDaemon(true);
            return search;
          });
  private final List<SeasonView.WhatIfAnswer> answers = new CopyOnWriteArrayList<>();
  private volatile SearchState state = SearchState.NONE;
  private volatile @Nullable SeasonSearch current;
  private volatile @Nullable Future<?> job;

  SeasonSearches(Clock clock) {
    this.clock = clock;
  }

  SearchState state() {
    return state;
  }

  /** Answers to what would be if, of the plan as it stands now. */
  List<SeasonView.WhatIfAnswer> answers() {
    return List.copyOf(answers);
  }

  /** Keeps an answer in place of the one before to the same question. */
  void answer(SeasonView.WhatIfAnswer answer) {
    answers.removeIf(before -> before.what() == answer.what());
    answers.add(answer);
  }

  /** Something changed: they are of the past. */
  void forgetAnswers() {
    answers.clear();
  }

  /**
   * Begins a search.
   *
   * @param what it is for
   * @param keep told of the best plan about every second and at the end
   * @throws Problem 409 while another runs
   */
  public synchronized void begin(
      SeasonProblem problem, Fact what, int seconds, Consumer<SeasonPlan> keep) {
    if (state.running()) {
      throw Problem.conflict(Fact.of("refused.searchRuns"));
    }
    SeasonSearch search = new SeasonSearch(problem, seconds);
    current = search;
    state = new SearchState(true, what, clock.instant(), seconds, 0, null, null);
    job = thread.submit(() -> run(search, keep));
  }

  private void run(SeasonSearch search, Consumer<SeasonPlan> keep) {
    try {
      long[] told = {System.nanoTime() - TELL_EVERY.toNanos()};
      SeasonPlan best =
          search.run(
              better -> {
                state = state.oneBetter();
                if (System.nanoTime() - told[0] >= TELL_EVERY.toNanos()) {
                  told[0] = System.nanoTime();
                  tell(better.get(), keep);
                }
              });
      tell(best, keep);
      state = state.ended(null);
    } catch (RuntimeException broken) {
      LOG.error("A season search broke", broken);
      state = state.ended(Fact.of("search.broke"));
    }
  }

  private void tell(SeasonPlan plan, Consumer<SeasonPlan> keep) {
    keep.accept(plan);
    state = state.told(plan.figures());
  }

  /** Stops a search, if one runs, and waits until what it found is kept. */
  void stop() {
    SeasonSearch search = current;
    if (search != null) {
      search.stop();
    }
    await();
  }

  /** Waits until the search is over. */
  public void await() {
    Future<?> running = job;
    if (running == null) {
      return;
    }
    try {
      running.get();
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    } catch (ExecutionException broken) {
      LOG.error("A season search broke", broken);
    }
  }

  @PreDestroy
  void end() {
    stop();
    thread.shutdownNow();
  }
}
