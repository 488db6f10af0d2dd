package tavrel.core.watch;

import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * A made-up heated bowl that stands in for a real one: heat goes in by a thermostat, out to the air
 * and into acid that turns to vapour, C·dT/dt = P·u − h·(T − Ta) − L·ṁ, with ṁ = k·m^⅔·e^((T −
 * 230)/25). k and the 25 K are our own fit to its two dips: two grams to about 211 °C and back in
 * 20 s, four to about 197 °C and back in 45 s. The same seed gives the same stream. Not for two
 * threads at once.
 */
public final class SimulatedBowl {

  /** What can be wrong with it. */
  public enum Fault {
    NONE,
    STUCK_CAP,
    CLOG,
    WEAK_PACK,
    OVERLOAD
  }

  /**
   * How it is built, and how well it is read.
   *
   * @param setCelsius its thermostat's set temperature, °C
   * @param band half the width of the thermostat's hysteresis, K
   * @param airCelsius of the air, °C
   * @param noise of its thermometer, at most, K
   * @param dropped share of samples that are lost, 0 to 1
   * @param onPack whether it runs on a pack
   * @param watts of its heater, W
   * @param block the heated block that the bowl sits on, or null where bowl, heater and thermometer
   *     are one lump
   */
  public record Make(
      double setCelsius,
      double band,
      double airCelsius,
      double noise,
      double dropped,
      boolean onPack,
      double watts,
      @Nullable Block block) {

    /** One lump, heated by 275 W. */
    public Make(
        double setCelsius,
        double band,
        double airCelsius,
        double noise,
        double dropped,
        boolean onPack) {
      this(setCelsius, band, airCelsius, noise, dropped, onPack, WATTS, null);
    }

    /** A bowl on a pack, read well, on a cool morning. */
    public static final Make USUAL = new Make(230, 2, 8, 0.5, 0, true);
  }

  /**
   * A heated block with the bowl on it: what the thermometer tells is partly the block's warmth, so
   * that it is back near its set temperature while acid is left.
   *
   * @param coupling from block to bowl, W/K
   * @param sensed share of the block in what the thermometer tells, 0 to 1
   */
  public record Block(double coupling, double sensed) {}

  /** Volts under which its pack must not be drawn. */
  public static final double CUTOFF_VOLTS = 15;

  private static final double HEAT_CAPACITY = 104;

  /** Of the whole, this much is the bowl's where a block is apart from it, J/K. */
  private static final double BOWL_CAPACITY = 40;

  private static final double LOSS = 0.4;
  private static final double WATTS = 275;
  private static final double HEAT_OF_VAPOUR = 2_500;
  private static final double RATE = 0.25;
  private static final double RATE_AT = 230;
  private static final double RATE_RISES = 25;
  private static final double CLOGGED = 0.05;
  private static final double STEP = 0.02;
  private static final double FULL_VOLTS = 20.4;
  private static final double EMPTY_VOLTS = 17;
  private static final double RESISTANCE = 0.08;
  private static final double WEAK_RESISTANCE = 0.6;
  private static final double PACK_WATT_HOURS = 150;

  private final Make make;
  private final SplittableRandom random;
  private double seconds;
  private double celsius;
  private double blockCelsius;
  private boolean heating = true;
  private double loaded;
  private double acid;
  private double charge = 1;
  private double clog = 1;
  private double resistance = RESISTANCE;
  private double goneAt = Double.NaN;

  /**
   * @param make how it is built
   * @param seed of its noise
   */
  public SimulatedBowl(Make make, long seed) {
    this.make = make;
    this.random = new SplittableRandom(seed);
    this.celsius = make.airCelsius();
    this.blockCelsius = make.airCelsius();
  }

  /**
   * Lets a load go into the bowl.
   *
   * @param grams of acid dihydrate
   * @param fault what goes wrong with it
   */
  public void release(double grams, Fault fault) {
    clog = fault == Fault.CLOG ? CLOGGED : 1;
    if (fault == Fault.WEAK_PACK) {
      resistance = WEAK_RESISTANCE;
    }
    if (fault == Fault.STUCK_CAP) {
      return;
    }
    acid += fault == Fault.OVERLOAD ? 3 * grams : grams;
    loaded = acid;
    goneAt = Double.NaN;
  }

  /** A full pack in place of the one that is in. */
  public void swapPack() {
    charge = 1;
    resistance = RESISTANCE;
  }

  /**
   * Goes on for a while.
   *
   * @param by seconds
   * @return what its thermometer and its pack tell then, or null where the sample is lost
   */
  public @Nullable Sample after(double by) {
    double until = seconds + by;
    while (seconds < until - 1e-9) {
      step(Math.min(STEP, until - seconds));
    }
    double read = sensed() + make.noise() * (2 * random.nextDouble() - 1);
    Double volts = make.onPack() ? volts() + 0.02 * (2 * random.nextDouble() - 1) : null;
    return random.nextDouble() < make.dropped() ? null : new Sample(seconds, read, volts);
  }

  private void step(double dt) {
    double sensed = sensed();
    if (sensed <= make.setCelsius() - make.band()) {
      heating = true;
    } else if (sensed >= make.setCelsius() + make.band()) {
      heating = false;
    }
    double watts = heating ? power() : 0;
    double leaving =
        Math.min(
            acid / dt,
            clog * RATE * Math.cbrt(acid * acid) * Math.exp((celsius - RATE_AT) / RATE_RISES));
    warm(dt, watts, HEAT_OF_VAPOUR * leaving);
    acid -= leaving * dt;
    charge = Math.max(0, charge - watts * dt / 3_600 / PACK_WATT_HOURS);
    seconds += dt;
    if (loaded > 0 && Double.isNaN(goneAt) && acid <= 0.05 * loaded) {
      goneAt = seconds;
    }
  }

  private void warm(double dt, double watts, double drawn) {
    Block block = make.block();
    if (block == null) {
      celsius += dt * (watts - LOSS * (celsius - make.airCelsius()) - drawn) / HEAT_CAPACITY;
      return;
    }
    double across = block.coupling() * (blockCelsius - celsius);
    blockCelsius +=
        dt
            * (watts - LOSS * (blockCelsius - make.airCelsius()) - across)
            / (HEAT_CAPACITY - BOWL_CAPACITY);
    celsius += dt * (across - drawn) / BOWL_CAPACITY;
  }

  /** What a thermometer without noise tells, °C. */
  private double sensed() {
    Block block = make.block();
    return block == null ? celsius : block.sensed() * blockCelsius + (1 - block.sensed()) * celsius;
  }

  /** The heater is a resistor that takes its watts at a full pack's voltage. */
  private double power() {
    if (!make.onPack()) {
      return make.watts();
    }
    double share = volts() / FULL_VOLTS;
    return make.watts() * share * share;
  }

  private double open() {
    return EMPTY_VOLTS + (FULL_VOLTS - EMPTY_VOLTS) * charge;
  }

  private double volts() {
    double heater = FULL_VOLTS * FULL_VOLTS / make.watts();
    return heating ? open() * heater / (heater + resistance) : open();
  }

  /** Since it was switched on, s. */
  public double seconds() {
    return seconds;
  }

  /** True temperature of the bowl, °C. */
  public double celsius() {
    return celsius;
  }

  /** Acid left in it, g. */
  public double acid() {
    return acid;
  }

  /** When 95 % of the latest load had gone, s, or NaN. */
  public double goneAt() {
    return goneAt;
  }
}
