package tavrel.core.pace;

import tavrel.core.InvalidValue;

/**
 * How long the hands take, and what is done first.
 *
 * @param setUp from the arrival until the first hive may be begun, s
 * @param clearAway after the last hive is open, s
 * @param walkAndShut walking on to the next hive, nozzle or pan in and shut, s
 * @param loadCold loading a cold pan, s
 * @param disconnect disconnecting a pan, s
 * @param withdraw nozzle or pan out, port plugged or entrance shut again, s
 * @param opening walking back and opening one hive, s
 * @param fillCap filling one cap, s
 * @param seal from withdrawal until a hive may be opened, s; never shorter
 * @param openFirstAfter a hive so far over its time is opened before the next burn, s
 * @param staysWithBowl whether the one who burns stays while a bowl burns
 */
public record PaceTimes(
    int setUp,
    int clearAway,
    int walkAndShut,
    int loadCold,
    int disconnect,
    int withdraw,
    int opening,
    int fillCap,
    int seal,
    int openFirstAfter,
    boolean staysWithBowl) {

  /** Round figures: a quarter of an hour before and after, ten minutes shut. */
  public static final PaceTimes USUAL =
      new PaceTimes(900, 900, 20, 15, 5, 10, 15, 12, 600, 180, true);

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public PaceTimes {
    ranged("setUp", setUp, 0, 7_200);
    ranged("clearAway", clearAway, 0, 7_200);
    ranged("walkAndShut", walkAndShut, 0, 900);
    ranged("loadCold", loadCold, 0, 900);
    ranged("disconnect", disconnect, 0, 300);
    ranged("withdraw", withdraw, 0, 900);
    ranged("opening", opening, 0, 900);
    ranged("fillCap", fillCap, 0, 300);
    ranged("seal", seal, 60, 3_600);
    ranged("openFirstAfter", openFirstAfter, 0, 3_600);
  }

  /** The same with another seal period, s. */
  public PaceTimes withSeal(int seconds) {
    return new PaceTimes(
        setUp,
        clearAway,
        walkAndShut,
        loadCold,
        disconnect,
        withdraw,
        opening,
        fillCap,
        seconds,
        openFirstAfter,
        staysWithBowl);
  }

  private static void ranged(String field, int value, int least, int most) {
    InvalidValue.inRange(field, value, least, most, "s");
  }
}
