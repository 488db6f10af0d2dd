package tavrel.core.watch;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Tells from a heated bowl's temperature what it is doing: hot enough, acid in, recovering, load
 * gone (handbook 2.3). It works on the median of the last three samples, at any spacing up to two
 * seconds. Loads under two grams may dip too little to be seen: there the operator's mark and the
 * fitted time decide. Not for two threads at once.
 */
public final class BurnWatcher {

  /**
   * Loads from here on dip deep enough to be seen, g of acid: two grams of product as it is sold.
   */
  public static final double SEEN_FROM = 1.9;

  private static final double READY_WITHIN = 6;
  private static final double READY_FOR = 5;
  private static final double CHARGED_BELOW_SET = 8;
  private static final double CHARGED_BELOW_LATEST = 7;
  private static final double LATEST = 10;
  private static final double RECOVERING_ABOVE = 3;
  private static final double DONE_BELOW_SET = 10;
  private static final double DONE_AFTER = 12;
  private static final double NO_CHARGE_AFTER = 20;
  private static final double NO_RECOVERY_AFTER = 90;
  private static final double PREHEAT_TIMES = 2;
  private static final double TOO_HOT_ABOVE = 25;
  private static final int LOW_IN_A_ROW = 3;

  private final WatchedTool tool;
  private final double[] lastThree = new double[3];
  private final LatestMaximum highest = new LatestMaximum(LATEST);
  private final Set<WatchAlert> alerts = EnumSet.noneOf(WatchAlert.class);
  private WatchState state = WatchState.PREHEATING;
  private int samples;
  private double began = Double.NaN;
  private double now;
  private double smooth;
  private double nearSince = Double.NaN;
  private double chargedAt = Double.NaN;
  private double lowest;
  private double doneAt = Double.NaN;
  private double markedAt = Double.NaN;
  private double markedGrams;
  private int lowVolts;

  /** A watcher of one tool, from its switching on. */
  public BurnWatcher(WatchedTool tool) {
    this.tool = tool;
  }

  /**
   * Takes the next sample. One that is not later than the last is left aside.
   *
   * @return the state after it
   */
  public WatchState take(Sample sample) {
    if (samples > 0 && sample.seconds() <= now) {
      return state;
    }
    now = sample.seconds();
    if (samples == 0) {
      began = now;
    }
    lastThree[samples % 3] = sample.celsius();
    samples++;
    smooth = samples < 3 ? sample.celsius() : median();
    highest.add(now, smooth);
    step();
    watchVolts(sample.volts());
    alert();
    return state;
  }

  /**
   * The operator lets a load go, or the tool's own lamp or beep says so.
   *
   * @param seconds when, on the stream's clock
   * @param grams of the load
   */
  public void released(double seconds, double grams) {
    markedAt = seconds;
    markedGrams = grams;
    alerts.remove(WatchAlert.NO_CHARGE);
    if (state == WatchState.PREHEATING) {
      alerts.add(WatchAlert.TOO_EARLY);
    }
  }

  /** What the bowl is doing. */
  public WatchState state() {
    return state;
  }

  /** What is wrong now. */
  public List<WatchAlert> alerts() {
    return new ArrayList<>(alerts);
  }

  /** Median of the last three samples, °C. */
  public double celsius() {
    return smooth;
  }

  /** When the acid of the latest load was seen to go in, s on the stream's clock, or NaN. */
  public double chargedAt() {
    return chargedAt;
  }

  /** When the latest load was seen to be gone, s on the stream's clock, or NaN. */
  public double doneAt() {
    return doneAt;
  }

  /** Lowest temperature since the latest load went in, °C. */
  public double lowest() {
    return lowest;
  }

  private double median() {
    double a = lastThree[0];
    double b = lastThree[1];
    double c = lastThree[2];
    return Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
  }

  private void step() {
    switch (state) {
      case PREHEATING -> becomeReady();
      case READY -> becomeCharged();
      case CHARGED, RECOVERING -> burn();
      case DONE -> {
        becomeReady();
        if (markedAt > doneAt) {
          becomeCharged();
        }
      }
    }
  }

  private void becomeReady() {
    if (Math.abs(smooth - tool.setCelsius()) > READY_WITHIN) {
      nearSince = Double.NaN;
    } else if (Double.isNaN(nearSince)) {
      nearSince = now;
    } else if (now - nearSince >= READY_FOR) {
      state = WatchState.READY;
      alerts.remove(WatchAlert.TOO_EARLY);
      alerts.remove(WatchAlert.NEVER_READY);
    }
  }

  private void becomeCharged() {
    if (smooth <= tool.setCelsius() - CHARGED_BELOW_SET
        && smooth <= highest.value() - CHARGED_BELOW_LATEST) {
      state = WatchState.CHARGED;
      chargedAt = now;
      lowest = smooth;
      nearSince = Double.NaN;
      alerts.remove(WatchAlert.NO_CHARGE);
    }
  }

  private void burn() {
    lowest = Math.min(lowest, smooth);
    if (smooth < lowest + RECOVERING_ABOVE) {
      state = WatchState.CHARGED;
      return;
    }
    state = WatchState.RECOVERING;
    if (smooth >= tool.setCelsius() - DONE_BELOW_SET && now - chargedAt >= DONE_AFTER) {
      state = WatchState.DONE;
      doneAt = now;
      alerts.remove(WatchAlert.TOO_EARLY);
      alerts.remove(WatchAlert.NO_RECOVERY);
    }
  }

  private void watchVolts(@Nullable Double volts) {
    if (volts == null || tool.cutoffVolts() == null) {
      return;
    }
    lowVolts = volts <= tool.cutoffVolts() ? lowVolts + 1 : 0;
    if (lowVolts >= LOW_IN_A_ROW) {
      alerts.add(WatchAlert.SWAP_PACK);
    }
  }

  private void alert() {
    if (state == WatchState.PREHEATING && now - began > PREHEAT_TIMES * tool.preheatSeconds()) {
      alerts.add(WatchAlert.NEVER_READY);
    }
    boolean answered = chargedAt >= markedAt - LATEST;
    if (markedGrams >= SEEN_FROM
        && now - markedAt > NO_CHARGE_AFTER
        && !answered
        && !state.isBurning()) {
      alerts.add(WatchAlert.NO_CHARGE);
    }
    if (state.isBurning() && now - chargedAt > NO_RECOVERY_AFTER) {
      alerts.add(WatchAlert.NO_RECOVERY);
    }
    if (smooth > tool.setCelsius() + TOO_HOT_ABOVE) {
      alerts.add(WatchAlert.TOO_HOT);
    } else {
      alerts.remove(WatchAlert.TOO_HOT);
    }
  }

  /** A pack was changed: its voltage starts afresh. */
  public void packSwapped() {
    lowVolts = 0;
    alerts.remove(WatchAlert.SWAP_PACK);
  }
}
