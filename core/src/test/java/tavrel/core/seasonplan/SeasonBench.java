package tavrel.core.seasonplan;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;

/**
 * How good a season plan is after how long: 45 apiaries, four rounds, two crews, forty days. Run
 * with the seconds to search for, and seeds.
 */
final class SeasonBench {

  private SeasonBench() {}

  public static void main(String[] args) {
    int seconds = args.length > 0 ? Integer.parseInt(args[0]) : 30;
    long seeds = args.length > 1 ? Long.parseLong(args[1]) : 3;
    for (long each = 1; each <= seeds; each++) {
      run(each, seconds);
    }
    System.out.printf(
        Locale.ROOT, "heap at most %d MB%n", Runtime.getRuntime().maxMemory() / 1024 / 1024);
  }

  private static void run(long seed, int seconds) {
    SeasonProblem problem = Outfit.drawn(seed, 45, 4, 2, 40).problem();
    long began = System.nanoTime();
    print(seed, "by hand", SeasonPlan.byHand(problem), seconds(began));
    long searching = System.nanoTime();
    Deque<Integer> looks = new ArrayDeque<>(List.of(2, 10, 30, 120, 600));
    AtomicReference<Supplier<SeasonPlan>> latest = new AtomicReference<>();
    SeasonPlan last =
        new SeasonSearch(problem, seconds)
            .run(
                better -> {
                  Supplier<SeasonPlan> before = latest.getAndSet(better);
                  if (before != null && !looks.isEmpty() && seconds(searching) > looks.peek()) {
                    int at = looks.pop();
                    print(seed, "after " + at + " s", before.get(), at);
                  }
                });
    print(seed, "at the end", last, seconds(searching));
    mend(seed, last);
  }

  /** A day in the second week is lost. */
  private static void mend(long seed, SeasonPlan agreed) {
    Outfit outfit = Outfit.drawn(seed, 45, 4, 2, 40);
    var lost =
        agreed.routes().stream()
            .map(DayRoute::day)
            .filter(day -> !day.isBefore(Outfit.FIRST.plusDays(8)))
            .findFirst()
            .orElseThrow();
    outfit.standing.addAll(agreed.visits());
    outfit.agreed.addAll(agreed.visits());
    outfit.locked.put(lost, "rained off");
    long spoiled = agreed.visits().stream().filter(visit -> lost.equals(visit.day())).count();
    long began = System.nanoTime();
    SeasonPlan mended =
        new SeasonSearch(outfit.problem(PlanWeights.USUAL.fewChanges()), 4).run(plan -> {});
    print(seed, "mended", mended, seconds(began));
    System.out.printf(
        Locale.ROOT,
        "  %d spoiled, %d of %d others moved%n",
        spoiled,
        mended.figures().moved() - spoiled,
        mended.figures().visits() - spoiled);
  }

  private static double seconds(long since) {
    return (System.nanoTime() - since) / 1e9;
  }

  private static void print(long seed, String what, SeasonPlan plan, double seconds) {
    PlanSummary figures = plan.figures();
    System.out.printf(
        Locale.ROOT,
        "seed %d %-12s %7.2f s: %d missed, %d broken, gaps %d d off, %d late, %.0f km, %.1f h, %d"
            + " crew days%n",
        seed,
        what,
        seconds,
        figures.missed(),
        figures.broken(),
        figures.gapDaysOff(),
        figures.lateRounds(),
        figures.km(),
        figures.crewMinutes() / 60.0,
        figures.crewDays());
  }
}
