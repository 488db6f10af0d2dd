package tavrel.core.watch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import tavrel.core.burn.AcidRelease;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.EndSign;
import tavrel.core.burn.PowerSource;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.watch.SimulatedBowl.Block;
import tavrel.core.watch.SimulatedBowl.Fault;
import tavrel.core.watch.SimulatedBowl.Make;

/**
 * Ends of burns on ten bowls: one lump, and nine with a block apart, of 200 to 400 W and couplings
 * of 8 to 20 W/K. Each has its burn times from three noisy test burns of its own, as a keeper
 * would.
 */
public final class WatcherBench {

  private static final WatchedTool TOOL = new WatchedTool(230, 240, null);

  /** A bowl by its heater and its block; a coupling of 0 is one lump. */
  record Bowl(String name, double watts, double coupling) {

    Make make(double band, double air, double noise, double dropped) {
      return new Make(
          230,
          band,
          air,
          noise,
          dropped,
          false,
          watts,
          coupling == 0 ? null : new Block(coupling, 0.5));
    }
  }

  /**
   * What came of a bowl's burns.
   *
   * @param wrong ends told with more than a tenth left
   * @param missed not told within 45 s after the true end
   * @param worst share left at a told end, at most
   */
  record Ends(int burns, int wrong, int missed, double worst) {

    Ends plus(Ends other) {
      return new Ends(
          burns + other.burns,
          wrong + other.wrong,
          missed + other.missed,
          Math.max(worst, other.worst));
    }
  }

  static final List<Bowl> BOWLS = bowls();

  private WatcherBench() {}

  private static List<Bowl> bowls() {
    List<Bowl> bowls = new ArrayList<>();
    bowls.add(new Bowl("one lump, 275 W", 275, 0));
    for (double watts : new double[] {200, 300, 400}) {
      for (double coupling : new double[] {8, 14, 20}) {
        bowls.add(new Bowl("%.0f W, %.0f W/K".formatted(watts, coupling), watts, coupling));
      }
    }
    return bowls;
  }

  /** Burns once for each seed. */
  static Ends measure(Bowl bowl, int seeds) {
    return measure(bowl, seeds, Fault.NONE);
  }

  /** The same with a fault; an end that is told of a stuck cap is a false one. */
  static Ends measure(Bowl bowl, int seeds, Fault fault) {
    return IntStream.rangeClosed(1, seeds)
        .parallel()
        .mapToObj(seed -> burn(bowl, new SplittableRandom(31L * seed), seed, fault))
        .reduce(new Ends(0, 0, 0, 0), Ends::plus);
  }

  private static Ends burn(Bowl of, SplittableRandom random, long seed, Fault fault) {
    BurnFit fit = fit(of, random, seed);
    double band = 2 + 3 * random.nextDouble();
    double noise = 2 * random.nextDouble();
    double spacing = 0.25 + 1.75 * random.nextDouble();
    SimulatedBowl bowl =
        new SimulatedBowl(
            of.make(band, 20 * random.nextDouble(), noise, 0.1 * random.nextDouble()), seed);
    BurnWatcher watcher = new BurnWatcher(TOOL);
    while (watcher.state() != WatchState.READY && bowl.seconds() < 900) {
      take(watcher, bowl.after(spacing));
    }
    for (int i = 0; i < 20; i++) {
      take(watcher, bowl.after(spacing));
    }
    double grams = 2 + 4 * random.nextDouble();
    double fitted = fit.time(grams).fitted();
    watcher.released(bowl.seconds(), grams, fitted);
    bowl.release(grams, fault);
    double released = bowl.seconds();
    while (watcher.state() != WatchState.DONE
        && !(bowl.seconds() > bowl.goneAt() + 45)
        && bowl.seconds() < released + (fault == Fault.STUCK_CAP ? 120 : 600)) {
      take(watcher, bowl.after(spacing));
    }
    boolean done = watcher.state() == WatchState.DONE;
    if (fault == Fault.STUCK_CAP) {
      return new Ends(1, done ? 1 : 0, 0, done ? 1 : 0);
    }
    double left = bowl.acid() / grams;
    return new Ends(1, done && left > 0.1 ? 1 : 0, done ? 0 : 1, done ? left : 0);
  }

  private static void take(BurnWatcher watcher, Sample sample) {
    if (sample != null) {
      watcher.take(sample);
    }
  }

  /** Three test burns of this bowl, watched by eye and stopped by hand. */
  private static BurnFit fit(Bowl of, SplittableRandom random, long seed) {
    Tool tool =
        new Tool(
            UUID.randomUUID(),
            "Bowl",
            ToolFamily.HEATED_BOWL,
            PowerSource.MAINS,
            AcidRelease.CAP_TURNED,
            EndSign.NONE,
            8,
            110,
            null,
            0,
            0,
            230.0,
            null,
            of.watts(),
            null,
            false,
            null,
            15,
            null,
            null,
            false);
    List<TestBurn> burns = new ArrayList<>();
    for (double grams : new double[] {2, 4, 6}) {
      SimulatedBowl bowl = new SimulatedBowl(of.make(2, 15, 0, 0), seed);
      while (bowl.seconds() < 400) {
        bowl.after(1);
      }
      double from = bowl.seconds();
      bowl.release(grams, Fault.NONE);
      while (bowl.acid() > 0.01 * grams && bowl.seconds() < from + 600) {
        bowl.after(0.25);
      }
      double seconds = (bowl.seconds() - from) * (1 + 0.04 * random.nextGaussian());
      burns.add(
          new TestBurn(
              UUID.randomUUID(),
              tool.id(),
              grams,
              Math.max(5, seconds),
              null,
              null,
              null,
              Instant.EPOCH));
    }
    return BurnFit.of(tool, burns);
  }

  /** Prints the table: {@code WatcherBench [seeds]}. */
  public static void main(String[] args) {
    int seeds = args.length > 0 ? Integer.parseInt(args[0]) : 1_000;
    System.out.printf(
        "%-20s %8s %8s %8s %10s%n", "of " + seeds, "false", "missed", "worst", "stuck cap");
    for (Bowl bowl : BOWLS) {
      Ends ends = measure(bowl, seeds);
      System.out.printf(
          "%-20s %8d %8d %7.0f %% %10d%n",
          bowl.name(),
          ends.wrong(),
          ends.missed(),
          100 * ends.worst(),
          measure(bowl, seeds, Fault.STUCK_CAP).wrong());
    }
  }
}
