package tavrel.core.spacing;

import java.util.Arrays;
import java.util.stream.IntStream;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteModel;
import tavrel.core.mite.MiteRun;
import tavrel.core.mite.MiteState;

/**
 * How long a colony can be left before it is in danger: as it most likely is, and until the next
 * count also as one draw in ten of its last count has it at least.
 */
final class UntilDanger {

  /** Until the next count it is looked at as one draw in so many has it at least. */
  static final int HEAVY = 10;

  /** The draws are looked at so far ahead, days; then the next count is there. */
  private static final int UNTIL_NEXT_COUNT = 28;

  private final MiteModel model;
  private final MiteState unit;
  private final double exposed;
  private final double kill;
  private final int[] given;
  private final double danger;
  private final MiteRun untreated;
  private final boolean[] waits;

  /**
   * Runs it.
   *
   * @param unit one mite on bees on the eve of the first day, and those that hide with it
   * @param exposed mites on bees then, as it most likely is
   * @param heavy the same, as one draw in ten has it at least
   * @param kill share of the exposed mites that each round kills
   * @param given days of rounds that are given
   * @param danger mites a bee above which a colony is in danger, a fraction
   * @param now day from which on a series can begin
   * @param days how many days it may begin on
   */
  UntilDanger(
      MiteModel model,
      MiteState unit,
      double exposed,
      double heavy,
      double kill,
      int[] given,
      double danger,
      int now,
      int days) {
    this.model = model;
    this.unit = unit;
    this.exposed = exposed;
    this.kill = kill;
    this.given = given;
    this.danger = danger;
    untreated = run(exposed, given);
    MiteRun heavily = run(heavy, given);
    waits = new boolean[days];
    boolean waiting = true;
    for (int day = now; day < days; day++) {
      MiteRun course = day - now <= UNTIL_NEXT_COUNT ? heavily : untreated;
      waiting &= day == now || isSafe(course, day - 1);
      waits[day] = waiting;
    }
  }

  /** Mites a bee on the evening of a day if nothing more is done. */
  double share(int day) {
    return untreated.exposed(day) / model.bees().on(day);
  }

  /** Whether it can be left until a day. */
  boolean waits(int day) {
    return waits[day];
  }

  /** Whether it can be left through all days on which something may begin. */
  boolean waitsThrough() {
    return waits.length == 0 || waits[waits.length - 1];
  }

  /** The same until a day that may lie after them. */
  boolean waitsUntil(int day) {
    return day < waits.length ? waits[day] : waitsThrough();
  }

  /** Whether rounds keep it out of danger from the first of them to the eve of a day. */
  boolean isSafe(int[] rounds, int until) {
    int[] all = IntStream.concat(Arrays.stream(given), Arrays.stream(rounds)).toArray();
    MiteRun run = run(exposed, all);
    return IntStream.range(rounds[0], until).allMatch(day -> isSafe(run, day));
  }

  private boolean isSafe(MiteRun run, int day) {
    return run.exposed(day) <= danger * model.bees().on(day);
  }

  private MiteRun run(double onBees, int[] rounds) {
    int days = model.days();
    return model.run(unit.times(onBees), Dose.byDay(kill, rounds, days), 0, days);
  }
}
