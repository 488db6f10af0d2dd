package tavrel.core.spacing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tavrel.core.mite.Aftermath;
import tavrel.core.mite.ColonyLoad;
import tavrel.core.mite.MiteDraws;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteState;

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
  private final int now;
  private final int days;
  private final UntilDanger danger;
  private OnLabel label;
  private final Aftermath onBees;
  private final Aftermath all;
  private final Aftermath[] nodes;
  private final double leastKill;
  private final double step;
  private final double[] drawnExposed;
  private final double[] drawnKill;

  SeriesSweep(Colony colony, LocalDate today, Schedule done, double inDanger) {
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

    now = (int) ChronoUnit.DAYS.between(colony.today(), today);
    days = Math.max(0, horizon - Colony.SETTLED + 1);
    double heavy = drawnExposed[MiteDraws.NUMBER / UntilDanger.HEAVY];
    danger = new UntilDanger(model, unit, exposed, heavy, kill, given, inDanger, now, days);
    expected = now == 0 ? load.share() : Math.min(1, danger.share(now - 1));
    label = OnLabel.of(colony, today, firstFree, days);
  }

  LatestStart read(Schedule agreed) {
    // A round agreed for a day on which another was given since is that one.
    int[] rounds =
        IntStream.of(agreed.indexesFrom(colony.today())).filter(day -> day >= firstFree).toArray();
    LatestStart.Planned planned =
        rounds.length == 0
            ? null
            : new LatestStart.Planned(allLeft(rounds), wash(rounds), reaches(rounds));
    boolean holds = expected <= colony.target() && reaches();
    boolean agreedReaches = planned != null && planned.reaches() && danger.waitsUntil(rounds[0]);
    Found found = holds || agreedReaches ? Found.NOTHING : find();
    return new LatestStart(
        standing(holds, agreedReaches, found),
        expected,
        colony.commonDate(),
        colony.target(),
        wash(),
        planned,
        found.soonest,
        found.last,
        found.best,
        weekCosts(found.soonest != null ? found.soonest : found.best),
        label.year(),
        found.spends);
  }

  private static LatestStart.Standing standing(boolean holds, boolean agreedReaches, Found found) {
    if (holds) {
      return LatestStart.Standing.HOLDS;
    }
    if (agreedReaches) {
      return LatestStart.Standing.PLANNED;
    }
    if (found.last != null) {
      return LatestStart.Standing.TO_BEGIN;
    }
    return found.best == null ? LatestStart.Standing.NONE_ON_LABEL : LatestStart.Standing.TOO_LATE;
  }

  /**
   * What can be begun: soonest and last to reach the target, or the best where none does; and what
   * would reach it by spending the label's year.
   */
  private record Found(
      LatestStart.@Nullable Begun soonest,
      LatestStart.@Nullable Begun last,
      LatestStart.@Nullable Begun best,
      LatestStart.@Nullable Begun spends) {

    static final Found NOTHING = new Found(null, null, null, null);
  }

  /**
   * What keeps the label's year, if anything does before the colony is in danger; else whatever is
   * on the label.
   */
  private Found find() {
    Found found = search();
    LabelYear year = label.year();
    if (year == null || found.last != null) {
      return found;
    }
    LatestStart.Begun kept = found.best;
    int every = year.every();
    if (kept == null && danger.waitsThrough()) {
      kept = onward(every);
    }
    OnLabel shared = label;
    label = label.whateverTheYear();
    if (kept == null) {
      kept = bridge(shared, every);
    }
    if (kept == null) {
      return search();
    }
    LatestStart.Begun spends = firstThatReaches(IntStream.range(0, days));
    label = shared;
    return new Found(null, null, kept, spends);
  }

  private Found search() {
    LatestStart.Begun last = firstThatReaches(IntStream.range(0, days).map(i -> days - 1 - i));
    return last == null
        ? new Found(null, null, best(), null)
        : new Found(firstThatReaches(IntStream.range(0, days)), last, null, null);
  }

  /**
   * Where nothing that keeps the label's year can begin in time for the common date: the first
   * rounds after it that do.
   */
  private LatestStart.@Nullable Begun onward(int every) {
    for (int start = Math.max(now, firstFree); start < horizon + every; start++) {
      int[] rounds = OnLabel.even(start, every, label.most(start));
      while (rounds.length > 0 && !(label.keepsYear(rounds) && label.allows(rounds))) {
        rounds = Arrays.copyOf(rounds, rounds.length - 1);
      }
      if (rounds.length > 0) {
        return begun(rounds);
      }
    }
    return null;
  }

  /**
   * Where a colony would be in danger before anything that keeps the label's year can begin: the
   * fewest rounds that keep it out of danger until then, begun as late as may be, since counts may
   * know better by then.
   */
  private LatestStart.@Nullable Begun bridge(OnLabel shared, int every) {
    int until = now;
    while (until < horizon && !shared.keepsYear(OnLabel.even(until, 1, 1))) {
      until++;
    }
    for (int number = 1; number <= label.most(now); number++) {
      for (int start = days - 1; start >= now; start -= WEEK) {
        int[] rounds = OnLabel.even(start, every, number);
        if (mayBegin(start) && label.allows(rounds) && danger.isSafe(rounds, until)) {
          return begun(rounds);
        }
      }
    }
    return null;
  }

  private boolean mayBegin(int day) {
    return label.mayBegin(day) && danger.waits(day);
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
        .filter(this::mayBegin)
        .mapToObj(this::leastWork)
        .filter(java.util.Objects::nonNull)
        .findFirst()
        .orElse(null);
  }

  /** The fewest rounds from a day that reach the target on the label, and their best gap. */
  private LatestStart.@Nullable Begun leastWork(int start) {
    int most = label.most(start);
    int[] hopeful =
        IntStream.rangeClosed(label.firstGap(), label.lastGap())
            .filter(gap -> hopes(start, gap, most))
            .toArray();
    for (int rounds = 1; rounds <= most && hopeful.length > 0; rounds++) {
      LatestStart.Begun found = null;
      double fewest = Double.POSITIVE_INFINITY;
      for (int gap : rounds == 1 ? ONCE : hopeful) {
        int[] on =
            rounds <= label.fitting(start, gap, most) ? OnLabel.even(start, gap, rounds) : NONE;
        if (on.length > 0
            && label.keepsYear(on)
            && mayReach(on)
            && reaches(on)
            && label.allows(on)) {
          double left = all.after(on).of(weighed);
          if (left < fewest) {
            found = begun(on);
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
    int rounds = label.fitting(start, gap, most);
    return rounds > 0 && mayReach(OnLabel.even(start, gap, rounds));
  }

  /**
   * What leaves the fewest mites on the bees; of nearly equal ones the soonest. Where the label's
   * year is shared out, from the first day that lasts: a round that is not given then is lost.
   */
  private LatestStart.@Nullable Begun best() {
    int[] best = null;
    double fewest = Double.POSITIVE_INFINITY;
    for (int start = 0; start < days && (best == null || label.year() == null); start++) {
      int most = mayBegin(start) ? label.most(start) : 0;
      for (int gap = label.firstGap(); gap <= label.lastGap(); gap++) {
        for (int rounds = label.fitting(start, gap, most); rounds > 0; rounds--) {
          int[] on = OnLabel.even(start, gap, rounds);
          if (!label.keepsYear(on)) {
            continue;
          }
          double left = onBees.after(on).of(weighed);
          if (left >= NEARLY * fewest) {
            break;
          }
          if (label.allows(on)) {
            best = on;
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

  private LatestStart.Begun begun(int[] on) {
    return new LatestStart.Begun(
        label.day(on[0]), on.length, OnLabel.gap(on), allLeft(on), wash(on));
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
  private boolean mayReach(int[] on) {
    return onBees.after(on).of(weighed) <= 1.05 * mostOnBees;
  }

  /** Whether four draws in five stay within the target. */
  private boolean reaches(int... on) {
    double[] perMite = new double[NODES];
    double[] besides = new double[NODES];
    for (int i = 0; i < NODES; i++) {
      Aftermath.Left left = nodes[i].after(on);
      perMite[i] = Math.log(Math.max(Double.MIN_NORMAL, left.perMite()));
      besides[i] = left.besides();
    }
    double most = nodes[0].after(on).perMite();
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
