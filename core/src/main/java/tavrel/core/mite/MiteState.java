package tavrel.core.mite;

/** Where a colony's mites are at the end of a day. Immutable. */
public final class MiteState {

  /** Days that worker brood is capped. */
  public static final int WORKER_DAYS = 12;

  /** Days that drone brood is capped. */
  public static final int DRONE_DAYS = 14;

  private final double exposed;
  private final double[] worker;
  private final double[] drone;

  /** Cohorts are given newest first: those capped today come first. */
  MiteState(double exposed, double[] worker, double[] drone) {
    this.exposed = exposed;
    this.worker = worker.clone();
    this.drone = drone.clone();
  }

  /** All of them on bees. */
  public static MiteState onBees(double mites) {
    return new MiteState(mites, new double[WORKER_DAYS], new double[DRONE_DAYS]);
  }

  /** Mites on bees. */
  public double exposed() {
    return exposed;
  }

  /** Mites under worker cappings. */
  public double inWorker() {
    return sum(worker);
  }

  /** Mites under drone cappings. */
  public double inDrone() {
    return sum(drone);
  }

  /** All mites. */
  public double total() {
    return exposed + inWorker() + inDrone();
  }

  /** The same division with another number of mites. */
  public MiteState times(double factor) {
    double[] w = worker.clone();
    double[] d = drone.clone();
    for (int i = 0; i < w.length; i++) {
      w[i] *= factor;
    }
    for (int i = 0; i < d.length; i++) {
      d[i] *= factor;
    }
    return new MiteState(exposed * factor, w, d);
  }

  double worker(int daysCapped) {
    return worker[daysCapped];
  }

  double drone(int daysCapped) {
    return drone[daysCapped];
  }

  private static double sum(double[] cohorts) {
    double sum = 0;
    for (double cohort : cohorts) {
      sum += cohort;
    }
    return sum;
  }
}
