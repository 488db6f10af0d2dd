package tavrel.core.pace;

/**
 * A time before which no play-through that reaches every hive can end, cheaply: no tool, hand or
 * cloth works faster than one thing after the other. What cannot beat the best so far need not be
 * played.
 */
final class Bound {

  private Bound() {}

  /**
   * The bound, in seconds from the arrival.
   *
   * @param cloths used at the most
   */
  static long of(RunSetUp setUp, int cloths) {
    PaceTimes times = setUp.times();
    long burners = 0;
    long others = 0;
    long tools = 0;
    long shut = 0;
    for (HiveWork hive : setUp.hives()) {
      long hands = Long.MAX_VALUE;
      long burning = Long.MAX_VALUE;
      for (ToolAtWork tool : setUp.tools()) {
        hands = Math.min(hands, hands(tool, hive, times));
        burning = Math.min(burning, (long) tool.loads(hive) * tool.burn(hive));
      }
      burners += hands;
      tools += burning;
      others += (hive.cloth() ? times.opening() : 0) + hive.prepSeconds();
      shut += hive.cloth() ? burning + times.seal() + times.opening() : 0;
    }
    long work =
        Math.max(
            Math.max(burners / setUp.crew().burners(), (burners + others) / setUp.crew().size()),
            Math.max(tools / setUp.tools().size(), shut / cloths));
    return times.setUp() + work + times.clearAway();
  }

  /** Seconds that somebody who burns has both hands full at a hive. */
  private static long hands(ToolAtWork tool, HiveWork hive, PaceTimes times) {
    int loads = tool.loads(hive);
    if (tool.isPan()) {
      return (long) loads
          * (times.loadCold() + times.walkAndShut() + times.disconnect() + times.withdraw());
    }
    long burning = times.staysWithBowl() ? (long) loads * tool.burn(hive) : 0;
    return times.walkAndShut() + burning + times.withdraw();
  }
}
