package tavrel.core.mite;

import java.util.List;
import java.util.stream.DoubleStream;

/** A run of the model, day by day. Read only once it is made. */
public final class MiteRun {

  private final double[] exposed;
  private final double[] inWorker;
  private final double[] inDrone;
  private final double[] killed;
  private final double[] born;
  private final double[] lost;
  private MiteState end = MiteState.onBees(0);

  MiteRun(int days) {
    exposed = new double[days];
    inWorker = new double[days];
    inDrone = new double[days];
    killed = new double[days];
    born = new double[days];
    lost = new double[days];
  }

  void keep(int day, double onBees, double underWorker, double underDrone) {
    exposed[day] = onBees;
    inWorker[day] = underWorker;
    inDrone[day] = underDrone;
  }

  void keepFlows(int day, double killedThen, double bornThen, double lostThen) {
    killed[day] = killedThen;
    born[day] = bornThen;
    lost[day] = lostThen;
  }

  MiteRun endedAt(MiteState state) {
    end = state;
    return this;
  }

  /** Number of days. */
  public int days() {
    return exposed.length;
  }

  /** Mites on bees at the end of a day. */
  public double exposed(int day) {
    return exposed[day];
  }

  /** Mites under worker cappings at the end of a day. */
  public double inWorker(int day) {
    return inWorker[day];
  }

  /** Mites under drone cappings at the end of a day. */
  public double inDrone(int day) {
    return inDrone[day];
  }

  /** All mites at the end of a day. */
  public double total(int day) {
    return exposed[day] + inWorker[day] + inDrone[day];
  }

  /** Mites killed by treatment on a day. */
  public double killed(int day) {
    return killed[day];
  }

  /** Daughters grown, less mothers lost in the cell, and mites come in from outside, on a day. */
  public double born(int day) {
    return born[day];
  }

  /** Mites that died by themselves, or left with frames taken out, on a day. */
  public double lost(int day) {
    return lost[day];
  }

  /** Where the mites are after the last day. */
  public MiteState end() {
    return end;
  }

  /** Mites on bees by day. */
  public List<Double> exposed() {
    return DoubleStream.of(exposed).boxed().toList();
  }

  /** Mites under cappings by day. */
  public List<Double> capped() {
    return java.util.stream.IntStream.range(0, days())
        .mapToObj(day -> inWorker[day] + inDrone[day])
        .toList();
  }
}
