package tavrel.core.result;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.count.BoardReading;
import tavrel.core.count.Infestation;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;
import tavrel.core.mite.ColonyFit;
import tavrel.core.mite.ColonyFit.Estimate;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.KillCurve;
import tavrel.core.mite.MiteParameters;
import tavrel.core.spacing.Colony;

/**
 * Fits the model to simulated colonies whose truth is known, in ten ways of treating and counting,
 * through the same door as a keeper's counts: how far off it is, how often its 80 % bands hold the
 * truth, and how often it points at a leak or at mites coming in, rightly or wrongly.
 */
public final class RefitBench {

  private static final LocalDate FIRST = LocalDate.of(2026, 6, 4);
  private static final double FRAMES = 10;
  private static final double CAPPED = 24_000.0 / 7_000;
  private static final double EXPECTED = new Dose(2, 0.9, KillCurve.FIELD).kill();

  /**
   * A way of treating and counting.
   *
   * @param kill mean share that a round kills
   * @param mites mites on bees at the start, on the mean
   * @param readAfter days after each round on which its board is read
   */
  record Scenario(
      String name,
      int rounds,
      int gap,
      double kill,
      double mites,
      double inflow,
      double catches,
      int readAfter,
      double droneShare) {}

  static final List<Scenario> SCENARIOS =
      List.of(
          new Scenario("weekly three", 3, 7, EXPECTED, 400, 0, 0.8, 3, 0),
          new Scenario("every four days, read on the next", 6, 4, EXPECTED, 400, 0, 0.8, 4, 0),
          new Scenario("every ten days", 3, 10, EXPECTED, 400, 0, 0.8, 3, 0),
          new Scenario("few mites", 3, 7, EXPECTED, 80, 0, 0.8, 3, 0),
          new Scenario("many mites", 4, 7, EXPECTED, 1_200, 0, 0.8, 3, 0),
          new Scenario("a leak halves the kill", 4, 7, EXPECTED / 2, 400, 0, 0.8, 3, 0),
          new Scenario("20 mites a day come in", 4, 7, EXPECTED, 300, 20, 0.8, 3, 0),
          new Scenario("boards catch two thirds", 4, 7, EXPECTED, 400, 0, 0.67, 3, 0),
          new Scenario("much drone brood", 4, 7, EXPECTED, 300, 0, 0.8, 3, 0.03),
          new Scenario("five every five days", 5, 5, EXPECTED, 400, 0, 0.8, 4, 0));

  /** What came of a scenario. */
  record Found(
      Scenario scenario,
      int colonies,
      int startHeld,
      int killHeld,
      int inflowHeld,
      int startTold,
      int killTold,
      int inflowTold,
      int inflowToldRight,
      double startOff,
      double killOff,
      int leaks,
      int inflows) {

    double per100(int of) {
      return 100.0 * of / colonies;
    }
  }

  private record One(
      boolean start,
      boolean kill,
      boolean inflow,
      boolean startTold,
      boolean killTold,
      boolean inflowTold,
      double startOff,
      double killOff,
      boolean leak,
      boolean comesIn) {}

  private RefitBench() {}

  /** Measures one scenario. */
  static Found measure(Scenario scenario, int colonies, long seed) {
    List<One> all =
        IntStream.range(0, colonies)
            .parallel()
            .mapToObj(i -> one(scenario, new SplittableRandom(seed + 7_919L * i)))
            .toList();
    return new Found(
        scenario,
        colonies,
        (int) all.stream().filter(One::start).count(),
        (int) all.stream().filter(One::kill).count(),
        (int) all.stream().filter(One::inflow).count(),
        (int) all.stream().filter(One::startTold).count(),
        (int) all.stream().filter(One::killTold).count(),
        (int) all.stream().filter(One::inflowTold).count(),
        (int) all.stream().filter(each -> each.inflowTold() && each.inflow()).count(),
        all.stream().mapToDouble(One::startOff).average().orElse(0),
        all.stream().mapToDouble(One::killOff).average().orElse(0),
        (int) all.stream().filter(One::leak).count(),
        (int) all.stream().filter(One::comesIn).count());
  }

  private static One one(Scenario of, SplittableRandom random) {
    double spread = Math.exp(0.5 * random.nextGaussian());
    double odds = of.kill() / (1 - of.kill()) * Math.exp(0.35 * random.nextGaussian());
    double kill = odds / (1 + odds);
    double inflow = of.inflow();
    double catches = Math.max(0.55, Math.min(1, of.catches() + 0.08 * random.nextGaussian()));
    double cells = CAPPED * 7_000 * 0.5;
    double drones = cells * of.droneShare() / 14;
    TrueColony truth =
        new TrueColony(
            (int) Math.round(of.mites() * spread * 1.2),
            FRAMES * 2_000,
            day -> cells * (1 - of.droneShare()) / 12,
            drones,
            random);
    truth.settle();
    int onBees = truth.onBees();
    int last = (of.rounds() - 1) * of.gap();
    int washed = last + 21;
    for (int day = 0; day <= washed; day++) {
      boolean round = day % of.gap() == 0 && day <= last;
      truth.pass(day, round ? kill : 0, inflow, false);
    }
    HiveResult.Known known = counted(of, truth, onBees, catches, random);
    ColonyFit fit = HiveResult.fitted(known);
    NextStep.Fitted fitted = NextStep.Fitted.of(fit, EXPECTED);
    List<NextStep.Kind> steps =
        NextStep.of(
                new NextStep.Known(
                    known.samples().after(), 0.02, null, fitted, EXPECTED, 0.6, 0, 21))
            .stream()
            .map(NextStep::kind)
            .toList();
    return new One(
        holds(fit.exposed(), onBees),
        holds(fit.kill(), kill),
        holds(fit.inflow(), inflow),
        fit.exposed().tells(),
        fit.kill().tells(),
        fit.inflow().tells(),
        Math.log(fit.exposed().middle() / onBees),
        fit.kill().middle() - kill,
        steps.contains(NextStep.Kind.FIND_LEAK),
        steps.contains(NextStep.Kind.INFLOW));
  }

  private static HiveResult.Known counted(
      Scenario of, TrueColony truth, int onBees, double catches, SplittableRandom random) {
    List<LocalDate> rounds = new ArrayList<>();
    List<BoardReading> boards = new ArrayList<>();
    List<Wash> washes = new ArrayList<>();
    int natural =
        truth.binomial(truth.poisson(0.006 * onBees) + truth.poisson(0.02 * onBees), catches);
    boards.add(new BoardReading(FIRST, natural, 24, true));
    for (int round = 0; round < of.rounds(); round++) {
      int day = round * of.gap();
      int read = day + of.readAfter();
      rounds.add(FIRST.plusDays(day));
      double scatter = Math.exp(0.22 * random.nextGaussian() - 0.024);
      int fell = truth.binomial(truth.killed(day, read) + truth.died(day, read), catches);
      boards.add(
          new BoardReading(
              FIRST.plusDays(read), (int) Math.round(fell * scatter), 24 * of.readAfter(), false));
    }
    int last = (of.rounds() - 1) * of.gap();
    washes.add(wash(0, onBees / (FRAMES * 2_000), truth));
    washes.add(wash(last + 21, truth.share(last + 21), truth));
    SeasonDates season = SeasonDates.usual(false);
    LocalDate today = FIRST.plusDays(last + 21L);
    Infestation before = Infestation.latest(washes.subList(0, 1), List.of(), 1);
    Colony colony =
        new Colony(
            new ColonyLoad(before.mites(), before.bees(), 1, FRAMES, CAPPED, of.droneShare()),
            BroodClock.of(List.of(), BroodDefaults.USUAL, season, FIRST),
            season,
            MiteParameters.USUAL,
            new Dose(2, 0.9, KillCurve.FIELD),
            null,
            null,
            Map.of(),
            FIRST.plusDays(240),
            0.02,
            1);
    RoundsTogether stretch = new RoundsTogether(rounds, null);
    return new HiveResult.Known(
        colony,
        BroodClock.of(List.of(), BroodDefaults.USUAL, season, today),
        rounds,
        List.of(),
        new Samples(stretch, washes, boards, 1),
        0.02);
  }

  private static Wash wash(int day, double share, TrueColony truth) {
    return new Wash(
        FIRST.plusDays(day), WashKind.WASH, Math.min(300, truth.binomial(300, share)), 300);
  }

  private static boolean holds(Estimate band, double truth) {
    return truth >= band.low() * 0.999 && truth <= band.high() * 1.001;
  }

  /** Prints the table: {@code RefitBench [colonies]}. */
  public static void main(String[] args) {
    int colonies = args.length > 0 ? Integer.parseInt(args[0]) : 100;
    long began = System.nanoTime();
    System.out.printf(
        "%-34s %6s %6s %6s | %6s %6s | %5s %5s | told %s%n",
        "80 % bands hold, of 100",
        "start",
        "kill",
        "inflow",
        "start",
        "kill",
        "leak",
        "inflow",
        "start, kill, inflow, of these right");
    for (Scenario scenario : SCENARIOS) {
      Found found = measure(scenario, colonies, 20_261_129);
      System.out.printf(
          Locale.ROOT,
          "%-34s %6.0f %6.0f %6.0f | %+6.2f %+6.2f | %5.0f %5.0f | %s%n",
          scenario.name(),
          found.per100(found.startHeld()),
          found.per100(found.killHeld()),
          found.per100(found.inflowHeld()),
          found.startOff(),
          found.killOff(),
          found.per100(found.leaks()),
          found.per100(found.inflows()),
          Arrays.asList(
              found.startTold(), found.killTold(), found.inflowTold(), found.inflowToldRight()));
    }
    System.out.printf(Locale.ROOT, "%.0f s%n", (System.nanoTime() - began) / 1e9);
  }
}
