package tavrel.core.due;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.apiaryyear.SeasonLimits;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.count.Danger;
import tavrel.core.count.Infestation;
import tavrel.core.count.Urgency;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;
import tavrel.core.measure.GramsOf;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.KillCurve;
import tavrel.core.mite.MiteParameters;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SeriesProposal;
import tavrel.core.spacing.Colony;
import tavrel.core.spacing.LatestStart;
import tavrel.core.spacing.Schedule;

/**
 * A year of a few colonies and their keeper. The colonies live by a model of this test's own, with
 * figures drawn for each that the program does not know: growth, kill, mites from outside, bees.
 * The keeper sees what a keeper sees: washes of 300 bees, and the lines that are due.
 */
final class SimulatedYear {

  private static final LocalDate BEGINS = LocalDate.of(2026, 3, 1);
  private static final int DAYS = 300;
  private static final int HIVES = 4;

  /** What follows from counts changes by counts: to look each morning would only take longer. */
  private static final int LOOKS_EVERY = 3;

  /** What is due later than this is left until counts know better, days. */
  private static final int PLANS_AHEAD = 10;

  private static final SeasonDates DATES = SeasonDates.usual(false);
  private static final SeasonLimits LIMITS = SeasonLimits.usual(false);
  private static final RuleSheet SHEET =
      new RuleSheet(
          new UUID(9, 9),
          "sheet",
          false,
          "Wren",
          BEGINS,
          GramsOf.ACID_DIHYDRATE,
          2.0,
          null,
          5,
          10,
          5,
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          1,
          null);

  /**
   * What became of the colonies of a year.
   *
   * @param lost colonies that passed the danger figure at some time, or stand above it at the end
   * @param savable of those, the ones that rounds on the label would have kept below it, begun on
   *     the best day that a keeper who knows everything could choose
   * @param rounds given in all
   */
  record Outcome(int lost, int savable, int rounds) {}

  private final Random random;
  private final boolean looks;
  private int rounds;

  private SimulatedYear(long seed, boolean looks) {
    random = new Random(seed);
    this.looks = looks;
  }

  /** A year of a keeper who opens Today each morning, or never. */
  static Outcome of(long seed, boolean looks) {
    return new SimulatedYear(seed, looks).live();
  }

  private Outcome live() {
    boolean[] dry = new boolean[DAYS];
    for (int day = 0; day < DAYS; day++) {
      dry[day] = random.nextDouble() < 0.75;
    }
    int lost = 0;
    int savable = 0;
    for (int hive = 0; hive < HIVES; hive++) {
      TrueColony colony = new TrueColony(random.nextLong());
      TrueColony asItWas = colony.copy();
      Random counting = new Random(random.nextLong());
      boolean fell = keep(colony, counting, dry);
      lost += fell ? 1 : 0;
      savable += fell && couldBeSaved(asItWas, dry) ? 1 : 0;
    }
    return new Outcome(lost, savable, rounds);
  }

  /** Keeps one colony for the year; tells whether it was lost. */
  private boolean keep(TrueColony colony, Random counting, boolean[] dry) {
    List<Wash> washes = new ArrayList<>();
    List<LocalDate> treated = new ArrayList<>();
    List<LocalDate> agreed = new ArrayList<>();
    boolean lost = false;
    for (int day = 0; day < DAYS; day++) {
      LocalDate today = BEGINS.plusDays(day);
      if (looks) {
        count(colony, counting, washes, treated, today);
        if (day % LOOKS_EVERY == 0 || last(washes).equals(today)) {
          agree(washes, treated, agreed, today);
        }
      }
      boolean due = !agreed.isEmpty() && !agreed.get(0).isAfter(today) && dry[day];
      boolean early =
          !treated.isEmpty() && ChronoUnit.DAYS.between(treated.get(treated.size() - 1), today) < 5;
      if (due && !early) {
        agreed.remove(0);
        treated.add(today);
        rounds++;
      }
      colony.pass(day, due && !early);
      lost |= colony.share() > Danger.USUAL.share();
    }
    return lost;
  }

  private static LocalDate last(List<Wash> washes) {
    return washes.get(washes.size() - 1).day();
  }

  /** The monthly count, and the one that shows whether a series worked. */
  private static void count(
      TrueColony colony,
      Random counting,
      List<Wash> washes,
      List<LocalDate> treated,
      LocalDate today) {
    boolean monthly = DueDays.countIsDue(washes.isEmpty() ? null : last(washes), DATES, today);
    LocalDate round = treated.isEmpty() ? null : treated.get(treated.size() - 1);
    boolean recount =
        round != null
            && today.equals(DueDays.recount(round).from())
            && last(washes).isBefore(today);
    if (monthly || recount) {
      int mites = 0;
      for (int bee = 0; bee < 300; bee++) {
        mites += counting.nextDouble() < colony.share() ? 1 : 0;
      }
      washes.add(new Wash(today, WashKind.WASH, mites, 300));
    }
  }

  /**
   * Does what the line of this colony asks for, if there is one: agrees the series it names. What
   * is agreed already is left, unless a line says that it comes too late.
   */
  private static void agree(
      List<Wash> washes, List<LocalDate> treated, List<LocalDate> agreed, LocalDate today) {
    Infestation sample = Infestation.latest(washes, treated, 1);
    if (sample == null || sample.last().isBefore(today.minusDays(Urgency.RECENT_DAYS))) {
      return;
    }
    Deadline deadline = Deadline.of(today, DATES, LIMITS);
    LatestStart outlook = outlook(sample, treated, agreed, today, deadline);
    if (outlook == null) {
      return;
    }
    Urgency urgency =
        Urgency.of(sample, Danger.USUAL, LIMITS.on(today).share(), treated, today).orElse(null);
    Need need =
        Need.of(outlook, deadline, today)
            .filter(each -> !each.by().isAfter(today.plusDays(PLANS_AHEAD)))
            .orElse(null);
    boolean unplanned = urgency == Urgency.ABOVE && agreed.isEmpty();
    boolean presses = urgency == Urgency.DANGER || unplanned;
    LatestStart.Begun act = outlook.act();
    if (act == null || (!presses && need == null)) {
      return;
    }
    LocalDate start = presses || act.start().isBefore(today) ? today : act.start();
    if (agreed.isEmpty() || start.isBefore(agreed.get(0).minusDays(2))) {
      agreed.clear();
      agreed.addAll(Schedule.every(start, act.rounds(), act.gap()).days());
    }
  }

  private static @Nullable LatestStart outlook(
      Infestation sample,
      List<LocalDate> treated,
      List<LocalDate> agreed,
      LocalDate today,
      Deadline deadline) {
    BroodClock clock = BroodClock.of(List.of(), BroodDefaults.USUAL, DATES, sample.last());
    Colony colony =
        new Colony(
            new ColonyLoad(sample.mites(), sample.bees(), 1, 9, 4, 0),
            clock,
            DATES,
            MiteParameters.USUAL,
            new Dose(2, 0.9, KillCurve.FIELD),
            SHEET,
            treated.isEmpty() ? null : treated.get(treated.size() - 1),
            SeriesProposal.byYear(treated),
            deadline.date(),
            deadline.target(),
            HIVES);
    Schedule given =
        new Schedule(treated.stream().filter(day -> !day.isBefore(sample.last())).toList());
    try {
      return LatestStart.of(colony, today, given, new Schedule(agreed), Danger.USUAL.share());
    } catch (InvalidValue cannotAllBeTrue) {
      return null;
    }
  }

  /** Whether any two even series of the label, begun on any days, keep it below the figure. */
  private static boolean couldBeSaved(TrueColony colony, boolean[] dry) {
    for (int first = 20; first < 200; first += 10) {
      for (int second = first + 40; second < 280; second += 20) {
        TrueColony tried = colony.copy();
        boolean[] rounds = new boolean[DAYS];
        lay(rounds, dry, first);
        lay(rounds, dry, second);
        boolean fell = false;
        for (int day = 0; day < DAYS && !fell; day++) {
          tried.pass(day, rounds[day]);
          fell = tried.share() > Danger.USUAL.share();
        }
        if (!fell) {
          return true;
        }
      }
    }
    return false;
  }

  private static void lay(boolean[] rounds, boolean[] dry, int from) {
    int day = from;
    for (int given = 0; given < 5 && day < DAYS; given++) {
      while (day < DAYS && !dry[day]) {
        day++;
      }
      if (day < DAYS) {
        rounds[day] = true;
      }
      day += 5;
    }
  }

  /** A colony as it truly is: one pool on bees, one age after the other under cappings. */
  private static final class TrueColony {

    private final double fertility;
    private final double kill;
    private final double inflow;
    private final double strength;
    private final double[] capped = new double[12];
    private double onBees;
    private int today = -1;

    private TrueColony(long seed) {
      Random drawn = new Random(seed);
      fertility = 1.5 + 0.08 * drawn.nextGaussian();
      kill = Math.max(0.6, Math.min(0.95, 0.84 + 0.06 * drawn.nextGaussian()));
      inflow = drawn.nextDouble() < 0.2 ? 1.5 * drawn.nextDouble() : 0;
      strength = 0.8 + 0.4 * drawn.nextDouble();
      onBees = 10 + 60 * drawn.nextDouble();
    }

    private TrueColony(TrueColony other) {
      fertility = other.fertility;
      kill = other.kill;
      inflow = other.inflow;
      strength = other.strength;
      System.arraycopy(other.capped, 0, capped, 0, capped.length);
      onBees = other.onBees;
      today = other.today;
    }

    TrueColony copy() {
      return new TrueColony(this);
    }

    void pass(int day, boolean round) {
      today = day;
      double season = Math.max(0, Math.sin(Math.PI * (day + 10) / 265));
      onBees += fertility * capped[day % 12] + inflow * season;
      if (round) {
        onBees *= 1 - kill;
      }
      onBees *= 0.994;
      double enters = onBees * (season > 0.05 ? 0.1 + 0.12 * season : 0);
      capped[day % 12] = enters;
      onBees -= enters;
    }

    double share() {
      double season = Math.max(0, Math.sin(Math.PI * (Math.max(0, today) + 20) / 290));
      return Math.min(1, onBees / (strength * (9_000 + 14_000 * season)));
    }
  }

  /** Reports many years of both keepers: how many, 200 unless told, from which seed on. */
  public static void main(String[] arguments) {
    int years = arguments.length == 0 ? 200 : Integer.parseInt(arguments[0]);
    int first = arguments.length < 2 ? 0 : Integer.parseInt(arguments[1]);
    for (boolean looks : new boolean[] {true, false}) {
      List<Outcome> all =
          IntStream.range(first, first + years).mapToObj(seed -> of(seed, looks)).toList();
      System.out.printf(
          "%s: %d of %d colonies lost, %d of them savable, %.1f rounds a colony%n",
          looks ? "opens Today" : "never opens it",
          all.stream().mapToInt(Outcome::lost).sum(),
          years * HIVES,
          all.stream().mapToInt(Outcome::savable).sum(),
          all.stream().mapToInt(Outcome::rounds).sum() / (double) (years * HIVES));
    }
  }
}
