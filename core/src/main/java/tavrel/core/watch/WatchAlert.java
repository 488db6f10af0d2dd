package tavrel.core.watch;

/** What is wrong with a burn, and what to do. */
public enum WatchAlert {
  /** Acid was let go before the bowl was hot. */
  TOO_EARLY(
      "Acid let go before the bowl was hot",
      "It melts and spits instead of turning to vapour. Leave the tool in, stand back upwind, and wait"
          + " until it is hot and its load has had its time."),
  /** The operator marked a release, and no dip followed. */
  NO_CHARGE(
      "No dip 20 s after the release",
      "The cap may be stuck or empty, or the way out clogged. Power off, mask on, nozzle left in the"
          + " shut hive until it is below 50 °C; then empty it in the open, upwind. The hive stays"
          + " shut, and its load counts as given until it is weighed back."),
  /** It does not get hot. */
  NEVER_READY(
      "Not hot after twice the usual time",
      "The power may be weak or the plug loose: try a full pack, then the cable, then the heater."),
  /** It is not back near its set temperature. */
  NO_RECOVERY(
      "Not back at heat 90 s after the acid went in",
      "Too much acid, a clogged way out, or weak power. Leave the hive shut, take the current off,"
          + " and clear the way once it is cold."),
  /** The bowl fell far below its set temperature. */
  WEAK_OR_OVERLOADED(
      "More than 50 °C below its set temperature",
      "Weak power, or far too much acid. Leave the nozzle in the shut hive, stand back upwind, and"
          + " give it time; check the power and weigh the next load."),
  /** The bowl fell as by a load, and no burn was marked. */
  UNMARKED_FALL(
      "The bowl fell as if acid had gone in, and no burn was marked",
      "Was acid released? Say so at the hive, or that it was not: a pack, a plug or the wind may have"
          + " done it. Until then nothing is logged."),
  /** The pack is at its cutoff. */
  SWAP_PACK("Pack at its cutoff", "Swap the pack before the next load."),
  /** The bowl is far too hot: the acid breaks down. */
  TOO_HOT(
      "Far above its set temperature",
      "Stop: take the current off. Acid that is too hot breaks down to other fumes.");

  private final String says;
  private final String toDo;

  WatchAlert(String says, String toDo) {
    this.says = says;
    this.toDo = toDo;
  }

  /** What is seen. */
  public String says() {
    return says;
  }

  /** What to do about it. */
  public String toDo() {
    return toDo;
  }
}
