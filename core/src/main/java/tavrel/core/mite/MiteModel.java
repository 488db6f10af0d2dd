package tavrel.core.mite;

import java.util.List;
import tavrel.core.Fact;

/**
 * The mites of one colony from day to day: those that emerge join those on bees, a treatment kills
 * a share of those on bees, some are lost, and the rest enter cells that are capped that day.
 * Structure after Martin (1998), Ecological Modelling 109, and Fries, Camazine & Sneyd (1994), Bee
 * World 75.
 *
 * <p>A model estimate. It leaves out several mites in one cell after a brood break, mites killed in
 * open cells just before capping, any effect after the first day, bees lost to mites, and drift
 * unless an inflow is set.
 */
public final class MiteModel {

  /** What the model leaves out, to be said wherever it is shown. */
  public static final List<Fact> LEFT_OUT =
      List.of(
          Fact.of("model.crowding"),
          Fact.of("model.openCells"),
          Fact.of("model.afterFirstDay"),
          Fact.of("model.beesLost"),
          Fact.of("model.inflow"));

  private final MiteParameters figures;
  private final Bees bees;
  private final CellFlow flow;
  private final double[] enters;
  private final double[] workerPart;

  /**
   * Prepares a model of a colony whose number of bees is held.
   *
   * @param figures the model's figures
   * @param bees adult bees, above 0
   * @param flow cells capped on each day that will be run
   * @throws InvalidValue if there are no bees
   */
  public MiteModel(MiteParameters figures, double bees, CellFlow flow) {
    this(figures, Bees.held(bees, flow.days()), flow);
  }

  /**
   * Prepares a model.
   *
   * @param figures the model's figures
   * @param bees adult bees by day, as long as the flow
   * @param flow cells capped on each day that will be run
   */
  public MiteModel(MiteParameters figures, Bees bees, CellFlow flow) {
    this.figures = figures;
    this.bees = bees;
    this.flow = flow;
    int days = flow.days();
    enters = new double[days];
    workerPart = new double[days];
    for (int i = 0; i < days; i++) {
      double toWorkers = figures.workerInvasion() * flow.workers[i];
      double toDrones = figures.droneInvasion() * flow.drones[i];
      double pull = toWorkers + toDrones;
      boolean asBefore =
          i > 0
              && flow.workers[i] == flow.workers[i - 1]
              && flow.drones[i] == flow.drones[i - 1]
              && bees.on(i) == bees.on(i - 1);
      enters[i] =
          asBefore ? enters[i - 1] : 1 - Math.exp(-pull / (bees.on(i) * figures.beeGrams()));
      workerPart[i] = pull == 0 ? 0 : toWorkers / pull;
    }
  }

  /** Adult bees by day. */
  public Bees bees() {
    return bees;
  }

  MiteParameters figures() {
    return figures;
  }

  CellFlow flow() {
    return flow;
  }

  /** Share of the mites on bees that enters cells, by day. */
  double[] enters() {
    return enters.clone();
  }

  /** Share of those that enters worker cells, by day. */
  double[] workerPart() {
    return workerPart.clone();
  }

  /** Number of days it can run. */
  public int days() {
    return enters.length;
  }

  /**
   * Runs the model and keeps each day.
   *
   * @param start the evening before the first day
   * @param kill share of the exposed mites killed, by day; days beyond its end have no treatment
   * @param from first day to run
   * @param days how many to run
   */
  public MiteRun run(MiteState start, double[] kill, int from, int days) {
    MiteRun run = new MiteRun(days);
    Day day = new Day(start);
    for (int i = 0; i < days; i++) {
      day.pass(from + i, killOn(kill, from + i));
      run.keep(i, day.exposed, day.inWorker, day.inDrone);
      run.keepFlows(i, day.killed, day.born, day.lost);
    }
    return run.endedAt(day.state());
  }

  /**
   * Runs the model and tells the number of mites in all on two of its days.
   *
   * @param into where to put them: [0] at the end of {@code first}, [1] at the end of {@code last},
   *     [2] those exposed then
   */
  public void left(MiteState start, double[] kill, int first, int last, double[] into) {
    Day day = new Day(start);
    for (int i = 0; i <= Math.max(first, last); i++) {
      day.pass(i, killOn(kill, i));
      if (i == first) {
        into[0] = day.total();
      }
      if (i == last) {
        into[1] = day.total();
        into[2] = day.exposed;
      }
    }
  }

  private static double killOn(double[] kill, int day) {
    return day < kill.length ? kill[day] : 0;
  }

  /** One day after the other. The cohorts stand still and a hand moves round over them. */
  private final class Day {

    private double exposed;
    private double inWorker;
    private double inDrone;
    private double killed;
    private double born;
    private double lost;
    private int workerHand;
    private int droneHand;
    private final double[] worker = new double[MiteState.WORKER_DAYS];
    private final double[] drone = new double[MiteState.DRONE_DAYS];
    private final double stays = Math.exp(-figures.naturalLoss());
    private final double fromWorker = figures.foundressSurvival() + figures.workerDaughters();
    private final double fromDrone = figures.foundressSurvival() + figures.droneDaughters();

    private Day(MiteState start) {
      exposed = start.exposed();
      inWorker = start.inWorker();
      inDrone = start.inDrone();
      for (int i = 0; i < worker.length; i++) {
        worker[i] = start.worker(worker.length - 1 - i);
      }
      for (int i = 0; i < drone.length; i++) {
        drone[i] = start.drone(drone.length - 1 - i);
      }
    }

    private void pass(int day, double kill) {
      lost = 0;
      if (flow.clears(day)) {
        takeOut();
      }
      emerge();
      killed = exposed * kill;
      exposed -= killed;
      double staying = exposed * stays;
      lost += exposed - staying;
      double entering = staying * enters[day];
      double toWorkers = entering * workerPart[day];
      double toDrones = entering - toWorkers;
      exposed = staying - entering;
      worker[workerHand] = toWorkers;
      drone[droneHand] = toDrones;
      inWorker += toWorkers;
      inDrone += toDrones;
      workerHand = workerHand + 1 == worker.length ? 0 : workerHand + 1;
      droneHand = droneHand + 1 == drone.length ? 0 : droneHand + 1;
    }

    private void emerge() {
      double workers = worker[workerHand];
      double drones = drone[droneHand];
      double out = workers * fromWorker + drones * fromDrone + figures.inflow();
      born = out - workers - drones;
      exposed += out;
      inWorker -= workers;
      inDrone -= drones;
    }

    private void takeOut() {
      lost = inWorker + inDrone;
      java.util.Arrays.fill(worker, 0);
      java.util.Arrays.fill(drone, 0);
      inWorker = 0;
      inDrone = 0;
    }

    private double total() {
      return exposed + inWorker + inDrone;
    }

    private MiteState state() {
      double[] w = new double[worker.length];
      double[] d = new double[drone.length];
      for (int i = 0; i < w.length; i++) {
        w[i] = worker[(workerHand + w.length - 1 - i) % w.length];
      }
      for (int i = 0; i < d.length; i++) {
        d[i] = drone[(droneHand + d.length - 1 - i) % d.length];
      }
      return new MiteState(exposed, w, d);
    }
  }
}
