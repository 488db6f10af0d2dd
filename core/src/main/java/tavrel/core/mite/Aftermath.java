package tavrel.core.mite;

import java.util.Arrays;

/**
 * What rounds on any days leave of a colony's mites at a later date, without running the model once
 * for each of them. The model is linear in its mites, so it can be read backwards: what one mite on
 * bees on a day comes to at the date follows from what one comes to on the days after. A series
 * costs only the days between its rounds then, and hundreds can be held against each other.
 *
 * <p>The answer is the model's own, to rounding. Not for several threads at once.
 */
public final class Aftermath {

  /** Which mites are counted on the last evening. */
  public enum Counted {
    /** Those on bees, which a wash finds. */
    ON_BEES,
    /** Those under cappings too. */
    ALL
  }

  /**
   * Mites left at the date.
   *
   * @param perMite for each mite on bees on the eve of the first day
   * @param besides those that came in from outside meanwhile, and their daughters
   */
  public record Left(double perMite, double besides) {

    /** For so many mites on bees on the eve of the first day. */
    public double of(double exposed) {
      return perMite * exposed + besides;
    }
  }

  private static final int WORKER = MiteState.WORKER_DAYS;
  private static final int DRONE = MiteState.DRONE_DAYS;

  private final int last;
  private final double kill;
  private final int free;
  private final double hidden;
  private final double[] enters;
  private final double[] workerPart;
  private final double stays;
  private final double fromWorker;
  private final double fromDrone;
  private final double inflow;
  private final double[] untreated;
  private final double[] treated;
  private final Course own;
  private final Course fromOutside;

  /**
   * Prepares the answers.
   *
   * @param model the colony from its first day on, no capped frames taken out
   * @param unit one mite on bees on the eve of the first day, and those that hide with it
   * @param last day of the model on whose evening mites are counted
   * @param counted which of them
   * @param kill share of the exposed mites that each round kills
   * @param given days of rounds that are given whatever else is, ascending
   */
  public Aftermath(
      MiteModel model, MiteState unit, int last, Counted counted, double kill, int... given) {
    if (model.flow().clearedOn() >= 0 || last >= model.days()) {
      throw new IllegalArgumentException("no such day, or frames are taken out");
    }
    MiteParameters figures = model.figures();
    this.last = last;
    this.kill = kill;
    free = given.length == 0 ? 0 : Math.min(last, given[given.length - 1]) + 1;
    hidden = counted == Counted.ALL ? 1 : 0;
    enters = model.enters();
    workerPart = model.workerPart();
    stays = Math.exp(-figures.naturalLoss());
    fromWorker = figures.foundressSurvival() + figures.workerDaughters();
    fromDrone = figures.foundressSurvival() + figures.droneDaughters();
    inflow = figures.inflow();
    untreated = new double[last + 1];
    for (int day = last; day >= 0; day--) {
      untreated[day] = before(untreated, day);
    }
    treated = untreated.clone();
    own = new Course(unit, 0, given);
    fromOutside = new Course(MiteState.onBees(0), inflow, given);
  }

  /**
   * What rounds leave.
   *
   * @param rounds their days, ascending, all after those that are given whatever else is; those
   *     after the last day change nothing
   */
  public Left after(int... rounds) {
    int number = rounds.length;
    while (number > 0 && rounds[number - 1] > last) {
      number--;
    }
    if (number == 0) {
      return worth(untreated, free);
    }
    int first = rounds[0];
    if (first < free) {
      throw new IllegalArgumentException("a round before one that is given");
    }
    int end = rounds[number - 1];
    for (int day = end; day >= first; day--) {
      double worth = before(treated, day);
      if (number > 0 && rounds[number - 1] == day) {
        worth *= 1 - kill;
        number--;
      }
      treated[day] = worth;
    }
    Left left = worth(treated, first);
    System.arraycopy(untreated, first, treated, first, end + 1 - first);
    return left;
  }

  /** What one mite on bees comes to that is there after a day's hatching and treatment. */
  private double before(double[] worth, int day) {
    double stayed = day == last ? 1 : worth[day + 1];
    double workers = day + WORKER > last ? hidden : fromWorker * worth[day + WORKER];
    double drones = day + DRONE > last ? hidden : fromDrone * worth[day + DRONE];
    double part = workerPart[day];
    double entered = part * workers + (1 - part) * drones;
    return stays * ((1 - enters[day]) * stayed + enters[day] * entered);
  }

  private Left worth(double[] worth, int first) {
    return new Left(own.worth(worth, first), inflow == 0 ? 0 : fromOutside.worth(worth, first));
  }

  /** Mites untreated from day to day: on bees, and gone under cappings. */
  private final class Course {

    private final double[] exposed;
    private final double[] toWorker;
    private final double[] toDrone;
    private final double comesIn;

    private Course(MiteState start, double comesIn, int[] given) {
      this.comesIn = comesIn;
      exposed = new double[last + 2];
      toWorker = new double[last + 1 + WORKER];
      toDrone = new double[last + 1 + DRONE];
      for (int i = 0; i < WORKER; i++) {
        toWorker[WORKER - 1 - i] = start.worker(i);
      }
      for (int i = 0; i < DRONE; i++) {
        toDrone[DRONE - 1 - i] = start.drone(i);
      }
      exposed[0] = start.exposed();
      int next = 0;
      for (int day = 0; day <= last; day++) {
        double hatched = toWorker[day] * fromWorker + toDrone[day] * fromDrone;
        double there = exposed[day] + hatched + comesIn;
        if (next < given.length && given[next] == day) {
          there *= 1 - kill;
          next++;
        }
        double staying = there * stays;
        double entering = staying * enters[day];
        toWorker[day + WORKER] = entering * workerPart[day];
        toDrone[day + DRONE] = entering - toWorker[day + WORKER];
        exposed[day + 1] = staying - entering;
      }
    }

    /** What it comes to if from a day on each mite on bees is worth so much. */
    private double worth(double[] worth, int first) {
      double sum = exposed[first] * (first > last ? 1 : worth[first]);
      for (int hatches = first; hatches < first + WORKER; hatches++) {
        sum += toWorker[hatches] * (hatches > last ? hidden : fromWorker * worth[hatches]);
      }
      for (int hatches = first; hatches < first + DRONE; hatches++) {
        sum += toDrone[hatches] * (hatches > last ? hidden : fromDrone * worth[hatches]);
      }
      if (comesIn > 0 && first <= last) {
        sum += comesIn * Arrays.stream(worth, first, last + 1).sum();
      }
      return sum;
    }
  }
}
