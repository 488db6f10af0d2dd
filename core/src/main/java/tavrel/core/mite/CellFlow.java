package tavrel.core.mite;

import java.time.LocalDate;
import java.util.Arrays;
import tavrel.core.brood.BroodClock;

/**
 * Cells capped each day, worker and drone, over days in a row; and on which of them capped frames
 * are taken out.
 */
public final class CellFlow {

  final double[] workers;
  final double[] drones;
  private final int clearedOn;

  private CellFlow(double[] workers, double[] drones, int clearedOn) {
    this.workers = workers;
    this.drones = drones;
    this.clearedOn = clearedOn;
  }

  /**
   * The same number every day.
   *
   * @param workers worker cells capped a day
   * @param drones drone cells capped a day
   * @param days how many days
   */
  public static CellFlow steady(double workers, double drones, int days) {
    double[] w = new double[days];
    double[] d = new double[days];
    Arrays.fill(w, workers);
    Arrays.fill(d, drones);
    return new CellFlow(w, d, -1);
  }

  /** Day by day; both as long. */
  static CellFlow byDay(double[] workers, double[] drones) {
    return new CellFlow(workers.clone(), drones.clone(), -1);
  }

  /**
   * As a brood clock has it: cells are capped on days whose brood was laid, none on others; fewer
   * from midsummer on, as laying falls towards winter.
   *
   * @param from first day
   * @param days how many days
   * @param workers worker cells capped on a day that caps, at an ordinary time of laying
   * @param drones drone cells capped on a day that caps, at an ordinary time of laying
   */
  public static CellFlow of(
      BroodClock clock, LocalDate from, int days, double workers, double drones) {
    double[] w = new double[days];
    double[] d = new double[days];
    for (int i = 0; i < days; i++) {
      LocalDate day = from.plusDays(i);
      double share = clock.cappedShareOn(day);
      w[i] = clock.capsWorkersOn(day) ? share * workers : 0;
      d[i] = clock.capsDronesOn(day) ? share * drones : 0;
    }
    return new CellFlow(w, d, -1);
  }

  /** The same flow, but that on one day all capped frames are taken out before all else. */
  public CellFlow clearedOn(int day) {
    return new CellFlow(workers, drones, day);
  }

  /** Number of days. */
  public int days() {
    return workers.length;
  }

  /** The days from one on, as a flow of their own. */
  CellFlow from(int day) {
    return new CellFlow(
        Arrays.copyOfRange(workers, day, workers.length),
        Arrays.copyOfRange(drones, day, drones.length),
        clearedOn < 0 ? -1 : clearedOn - day);
  }

  /** Day on which capped frames are taken out, or -1. */
  int clearedOn() {
    return clearedOn;
  }

  boolean clears(int day) {
    return day == clearedOn;
  }
}
