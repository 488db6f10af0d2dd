package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tavrel.core.mite.Aftermath;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteDraws;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteRun;
import tavrel.core.mite.MiteState;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;

/** Every even series of one colony, from every day on which one may begin to the common date. */
final class SeriesSweep {

  /** The target does not hold if more of the draws are beyond it: one in five. */
  private static final int MOST_BEYOND = MiteDraws.NUMBER / 5;

  /** Kill shares at which a series is reckoned; those of draws lie between them. */
  private static final int NODES = 9;

  private static final int WEEK = 7;

  private static final double HALF_A_MITE = 0.5;

  private final Colony colony;
  private final int horizon;
  private final int firstFree;
  private final double exposed;

  /**
   * The same, where none was found as if it were half a mite: else every series would seem as good.
   */
  private final double weighed;

  private final double beesThen;
  private final double expected;
  private final double mostOnBees;
  private final boolean[] mayBe;
  private final boolean[] mayBegin;
  private final Aftermath onBees;
  private final Aftermath all;
  private final Aftermath[] nodes;
  private final double leastKill;
  private final double step;
  private final double[] drawnExposed;
  private final double[] drawnKill;

  SeriesSweep(Colony colony, LocalDate today, Schedule done, double danger) {
    this.colony = colony;
    horizon = colony.horizon();
    ColonyLoad load = colony.load();
    int[] given = done.indexesFrom(colony.today());
    firstFree = given.length == 0 ? 0 : given[given.length - 1] + 1;
    double kill = colony.dose().kill();
    exposed = load.exposed(colony.figures());
    weighed =
        Math.max(
            exposed,
            HALF_A_MITE / load.sampleBees() / load.recovery() * load.bees(colony.figures()));
    MiteModel model = colony.model(horizon + 1);
    beesThen = model.bees().on(horizon);
    mostOnBees = colony.target() * beesThen;
    MiteState unit = load.divided(colony.clock(), colony.figures());
    onBees = new Aftermath(model, unit, horizon, Aftermath.Counted.ON_BEES, kill, given);
    all = new Aftermath(model, unit, horizon, Aftermath.Counted.ALL, kill, given);

    MiteDraws draws = MiteDraws.of(load, colony.dose());
    double bees = load.bees(colony.figures());
    // Heaviest first: a series that does not do is known for it soonest.
    Integer[] order = new Integer[MiteDraws.NUMBER];
    Arrays.setAll(order, i -> i);
    Arrays.sort(order, Comparator.comparingDouble(draw -> -draws.share(draw)));
    drawnExposed = Arrays.stream(order).mapToDouble(draw -> draws.share(draw) * bees).toArray();
    drawnKill = Arrays.stream(order).mapToDouble(draws::kill).toArray();
    leastKill = Arrays.stream(drawnKill).min().orElse(kill);
    step = (Arrays.stream(drawnKill).max().orElse(kill) - leastKill) / (NODES - 1);
    nodes = new Aftermath[NODES];
    for (int i = 0; i < NODES; i++) {
      double at = leastKill + i * step;
      nodes[i] = new Aftermath(model, unit, horizon, Aftermath.Counted.ON_BEES, at, given);
    }

    int now = (int) ChronoUnit.DAYS.between(colony.today(), today);
    MiteRun untreated =
        model.run(unit.times(exposed), Dose.byDay(kill, given, horizon + 1), 0, horizon + 1);
    expected =
        now == 0
            ? load.share()
            : Math.min(1, untreated.exposed(now - 1) / model.bees().on(now - 1));
    mayBe = new boolean[Math.max(0, horizon - Colony.SETTLED + 1)];
    mayBegin = new boolean[mayBe.length];
    boolean waits = true;
    for (int day = now; day < mayBe.length; day++) {
      mayBe[day] = day >= firstFree && onLabel(Schedule.every(day(day), 1, 1));
      waits &= day == now || untreated.exposed(day - 1) <= danger * model.bees().on(day - 1);
      mayBegin[day] = mayBe[day] && waits;
    }
  }

  private LocalDate day(int index) {
    return colony.today().plusDays(index);
  }

  LatestStart read(Schedule agreed) {
    // A round agreed for a day on which another was given since is that one.
    int[] rounds =
        IntStream.of(agreed.indexesFrom(colony.today())).filter(day -> day >= firstFree).toArray();
    LatestStart.Planned planned =
        rounds.length == 0
            ? null
            : new LatestStart.Planned(allLeft(rounds), wash(rounds), reaches(rounds));
    LatestStart.Begun soonest = null;
    LatestStart.Begun last = null;
    LatestStart.Begun best = null;
    boolean holds = expected <= colony.target() && reaches();
    boolean agreedReaches = planned != null && planned.reaches();
    if (!holds && !agreedReaches) {
      last =
          firstThatReaches(IntStream.range(0, mayBegin.length).map(i -> mayBegin.length - 1 - i));
      soonest = last == null ? null : firstThatReaches(IntStream.range(0, mayBegin.length));
      best = last == null ? best() : null;
    }
    return new LatestStart(
        standing(holds, agreedReaches, last, best),
        expected,
        colony.commonDate(),
        colony.target(),
        wash(),
        planned,
        soonest,
        last,
        best,
        weekCosts(soonest != null ? soonest : best));
  }

  private static LatestStart.Standing standing(
      boolean holds,
      boolean agreedReaches,
      LatestStart.@Nullable Begun last,
      LatestStart.@Nullable Begun best) {
    if (holds) {
      return LatestStart.Standing.HOLDS;
    }
    if (agreedReaches) {
      return LatestStart.Standing.PLANNED;
    }
    if (last != null) {
      return LatestStart.Standing.TO_BEGIN;
    }
    return best == null ? LatestStart.Standing.NONE_ON_LABEL : LatestStart.Standing.TOO_LATE;
  }

  private double weekCosts(LatestStart.@Nullable Begun begun) {
    if (begun == null) {
      return 0;
    }
    int[] later = begun.schedule().indexesFrom(colony.today().minusDays(WEEK));
    return MiteForecast.tenths(allLeft(later) - begun.left());
  }

  private LatestStart.@Nullable Begun firstThatReaches(IntStream starts) {
    return starts
        .filter(start -> mayBegin[start])
        .mapToObj(this::leastWork)
        .filter(java.util.Objects::nonNull)
        .findFirst()
        .orElse(null);
  }

  /** The fewest rounds from a day that reach the target on the label, and their best gap. */
  private LatestStart.@Nullable Begun leastWork(int start) {
    int most = most(start);
    int[] hopeful =
        IntStream.rangeClosed(firstGap(), lastGap())
            .filter(gap -> hopes(start, gap, most))
            .toArray();
    for (int rounds = 1; rounds <= most && hopeful.length > 0; rounds++) {
      LatestStart.Begun found = null;
      double fewest = Double.POSITIVE_INFINITY;
      for (int gap : rounds == 1 ? ONCE : hopeful) {
        int[] days = rounds <= fitting(start, gap, most) ? even(start, gap, rounds) : NONE;
        if (days.length > 0 && mayReach(days) && reaches(days) && onLabel(days)) {
          double left = all.after(days).of(weighed);
          if (left < fewest) {
            found = begun(days);
            fewest = left;
          }
        }
      }
      if (found != null) {
        return found;
      }
    }
    return null;
  }

  /** Whether as many rounds as fit may do: fewer at the same gap never leave fewer mites. */
  private boolean hopes(int start, int gap, int most) {
    int rounds = fitting(start, gap, most);
    return rounds > 0 && mayReach(even(start, gap, rounds));
  }

  /** What leaves the fewest mites on the bees; of nearly equal ones the soonest. */
  private LatestStart.@Nullable Begun best() {
    int[] best = null;
    double fewest = Double.POSITIVE_INFINITY;
    for (int start = 0; start < mayBegin.length; start++) {
      int most = mayBegin[start] ? most(start) : 0;
      for (int gap = firstGap(); gap <= lastGap(); gap++) {
        for (int rounds = fitting(start, gap, most); rounds > 0; rounds--) {
          int[] days = even(start, gap, rounds);
          double left = onBees.after(days).of(weighed);
          if (left >= NEARLY * fewest) {
            break;
          }
          if (onLabel(days)) {
            best = days;
            fewest = left;
            break;
          }
        }
      }
    }
    return best == null ? null : begun(best);
  }

  private static final int[] NONE = {};
  private static final int[] ONCE = {1};

  private static final double NEARLY = 0.98;

  private LatestStart.Begun begun(int[] days) {
    return new LatestStart.Begun(day(days[0]), days.length, gap(days), allLeft(days), wash(days));
  }

  private static int gap(int[] days) {
    return days.length == 1 ? 1 : days[1] - days[0];
  }

  private static int[] even(int start, int gap, int rounds) {
    return IntStream.range(0, rounds).map(i -> start + i * gap).toArray();
  }

  /**
   * How many rounds from a day may be, one after the other, at most so many: each of its days by
   * itself, and a wash at the common date fair to the last.
   */
  private int fitting(int start, int gap, int most) {
    int rounds = 0;
    for (int day = start; rounds < most && day < mayBe.length && mayBe[day]; day += gap) {
      rounds++;
    }
    return rounds;
  }

  private int firstGap() {
    RuleSheet sheet = colony.sheet();
    Integer fewest = sheet == null ? null : sheet.minDaysBetween();
    return Math.max(SpacingSearch.FIRST_GAP, fewest == null ? 0 : fewest);
  }

  private int lastGap() {
    return Math.max(firstGap(), SpacingSearch.LAST_GAP);
  }

  /** Most rounds that the sheet lets a series have that begins on a day, as far as is plain. */
  private int most(int start) {
    RuleSheet sheet = colony.sheet();
    int most = SpacingSearch.ROUNDS;
    if (sheet != null && sheet.maxRoundsPerSeries() != null) {
      most = Math.min(most, sheet.maxRoundsPerSeries());
    }
    int year = day(start).getYear();
    if (sheet != null
        && sheet.maxRoundsPerYear() != null
        && colony.commonDate().getYear() == year) {
      int before = colony.treated().getOrDefault(year, 0);
      most = Math.min(most, sheet.maxRoundsPerYear() - before);
    }
    return most;
  }

  private boolean onLabel(int[] days) {
    return onLabel(Schedule.every(day(days[0]), days.length, gap(days)));
  }

  private boolean onLabel(Schedule schedule) {
    Judgement judgement = colony.judge(schedule);
    return judgement == null || judgement.verdict() != Verdict.NOT_ON_LABEL;
  }

  private double onBees(int... rounds) {
    return onBees.after(rounds).of(exposed);
  }

  private double wash(int... rounds) {
    return onBees(rounds) / beesThen;
  }

  private double allLeft(int... rounds) {
    return MiteForecast.tenths(all.after(rounds).of(exposed));
  }

  /**
   * Whether the target is within reach at all: with count and kill as they most likely are. If it
   * is not, more than one draw in five is beyond it too: a quarter have both worse than that.
   */
  private boolean mayReach(int[] days) {
    return onBees.after(days).of(weighed) <= 1.05 * mostOnBees;
  }

  /** Whether four draws in five stay within the target. */
  private boolean reaches(int... days) {
    double[] perMite = new double[NODES];
    double[] besides = new double[NODES];
    for (int i = 0; i < NODES; i++) {
      Aftermath.Left left = nodes[i].after(days);
      perMite[i] = Math.log(Math.max(Double.MIN_NORMAL, left.perMite()));
      besides[i] = left.besides();
    }
    double most = nodes[0].after(days).perMite();
    int beyond = 0;
    for (int draw = 0; draw < drawnExposed.length; draw++) {
      if (most * drawnExposed[draw] + besides[0] <= mostOnBees) {
        return true;
      }
      double at = step == 0 ? 0 : (drawnKill[draw] - leastKill) / step;
      int i = Math.min(NODES - 2, (int) at);
      double part = at - i;
      double left =
          Math.exp(perMite[i] + part * (perMite[i + 1] - perMite[i])) * drawnExposed[draw]
              + besides[i]
              + part * (besides[i + 1] - besides[i]);
      if (left > mostOnBees && ++beyond > MOST_BEYOND) {
        return false;
      }
    }
    return true;
  }
}
