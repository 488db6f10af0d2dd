package tavrel.core.watch;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Tells from a heated bowl's temperature what it is doing: hot enough, acid in, recovering, load
 * gone. It works on the median of the last three samples, at any spacing up to two seconds.
 * Temperature alone does not tell the end on every bowl: it also takes most of the time that the
 * load takes by the tool's own test burns, counted from the operator's mark. Loads under two grams
 * may dip too little to be seen: there mark and fitted time decide. Not for two threads at once.
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

  /** With a burn marked, a slow fall will do. */
  private static final double MARKED_BELOW_LATEST = 3;

  private static final double MARKED_BELOW_SET = 6.5;

  private static final double RECOVERING_ABOVE = 3;
  static final double DONE_BELOW_SET = 10;
  private static final double DONE_AFTER = 12;
  private static final double NO_CHARGE_AFTER = 20;
  private static final double NO_RECOVERY_AFTER = 90;
  private static final double PREHEAT_TIMES = 2;
  private static final double TOO_HOT_ABOVE = 25;
  private static final double FAR_BELOW = 50;
  private static final int LOW_IN_A_ROW = 3;

  /** Share of the fitted time that must have passed since the mark. */
  static final double LEAST_OF_FITTED = 0.9;

  /** A longer gap between samples hides what happened in it, s. */
  private static final double GAP = 3;

  /** A mark that comes so much after the fall is still of it: hands are slow, s. */
  private static final double LATE_MARK = 20;

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
  private double leastSeconds;
  private boolean markOpen;
  private boolean wasHot;
  private double fellAt = Double.NaN;
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
    if (samples == 0) {
      began = sample.seconds();
    } else if (sample.seconds() - now > GAP) {
      startOver();
    }
    now = sample.seconds();
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
   * @param grams of the load, g of acid
   * @param fitted how long such a load takes to go by the tool's test burns, without margin, s;
   *     null where no test burn covers it: then the end is told by the temperature alone
   */
  public void released(double seconds, double grams, @Nullable Double fitted) {
    markedAt = seconds;
    markedGrams = grams;
    leastSeconds = fitted == null ? 0 : LEAST_OF_FITTED * fitted;
    markOpen = true;
    alerts.remove(WatchAlert.NO_CHARGE);
    alerts.remove(WatchAlert.WEAK_OR_OVERLOADED);
    boolean asked = alerts.remove(WatchAlert.UNMARKED_FALL);
    if (asked && seconds - fellAt <= LATE_MARK) {
      charge(fellAt);
    } else if (state == WatchState.PREHEATING && !wasHot) {
      alerts.add(WatchAlert.TOO_EARLY);
    }
  }

  /** Somebody answered what an unmarked fall was, or the question is no longer asked. */
  public void answered() {
    alerts.remove(WatchAlert.UNMARKED_FALL);
    fellAt = Double.NaN;
  }

  /** Power was away, or nobody saw what happened: only heating up tells what the bowl does. */
  private void startOver() {
    if (!state.isBurning() && !isMarked()) {
      state = WatchState.PREHEATING;
      nearSince = Double.NaN;
      highest.clear();
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
      case PREHEATING -> {
        becomeReady();
        if (wasHot && isMarked()) {
          becomeCharged();
        }
      }
      case READY -> becomeCharged();
      case CHARGED, RECOVERING -> burn();
      case DONE -> {
        becomeReady();
        if (isMarked()) {
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
      wasHot = true;
      alerts.remove(WatchAlert.TOO_EARLY);
      alerts.remove(WatchAlert.NEVER_READY);
    }
  }

  private void becomeCharged() {
    boolean below =
        smooth <= tool.setCelsius() - (isMarked() ? MARKED_BELOW_SET : CHARGED_BELOW_SET);
    if (isMarked()) {
      if (below && smooth <= highest.value() - MARKED_BELOW_LATEST) {
        charge(now);
      }
      return;
    }
    if (!below || smooth > highest.value() - CHARGED_BELOW_LATEST) {
      return;
    }
    // Nobody said that acid went in. It may have; it may as well be a pack, a plug or the wind.
    fellAt = now;
    state = WatchState.PREHEATING;
    nearSince = Double.NaN;
    alerts.add(WatchAlert.UNMARKED_FALL);
  }

  /** A mark of long ago, of a load that never fell, explains nothing that happens now. */
  private boolean isMarked() {
    return markOpen && now - markedAt <= NO_RECOVERY_AFTER;
  }

  private void charge(double at) {
    state = WatchState.CHARGED;
    chargedAt = at;
    lowest = smooth;
    nearSince = Double.NaN;
    markOpen = false;
    fellAt = Double.NaN;
    alerts.remove(WatchAlert.NO_CHARGE);
  }

  private void burn() {
    lowest = Math.min(lowest, smooth);
    if (smooth < lowest + RECOVERING_ABOVE) {
      state = WatchState.CHARGED;
      return;
    }
    state = WatchState.RECOVERING;
    if (smooth >= tool.setCelsius() - DONE_BELOW_SET
        && now - chargedAt >= DONE_AFTER
        && now - markedAt >= leastSeconds) {
      state = WatchState.DONE;
      doneAt = now;
      alerts.remove(WatchAlert.TOO_EARLY);
      alerts.remove(WatchAlert.NO_RECOVERY);
      alerts.remove(WatchAlert.WEAK_OR_OVERLOADED);
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
    boolean answered = !markOpen && chargedAt >= markedAt - LATE_MARK;
    if (markedGrams >= SEEN_FROM
        && now - markedAt > NO_CHARGE_AFTER
        && !answered
        && !state.isBurning()) {
      alerts.add(WatchAlert.NO_CHARGE);
    }
    if (state.isBurning() && now - chargedAt > NO_RECOVERY_AFTER) {
      alerts.add(WatchAlert.NO_RECOVERY);
    }
    if (state.isBurning() && smooth < tool.setCelsius() - FAR_BELOW) {
      alerts.add(WatchAlert.WEAK_OR_OVERLOADED);
    }
    if (smooth > tool.setCelsius() + TOO_HOT_ABOVE) {
      alerts.add(WatchAlert.TOO_HOT);
    } else {
      alerts.remove(WatchAlert.TOO_HOT);
    }
  }

  /** A pack was changed: its voltage starts afresh, and the bowl has to show that it is hot. */
  public void packSwapped() {
    lowVolts = 0;
    alerts.remove(WatchAlert.SWAP_PACK);
    startOver();
  }
}
