package tavrel.core.watch;

/** What is wrong with a burn, and what to do (handbook 2.3). */
public enum WatchAlert {
  /** Acid was let go before the bowl was hot. */
  TOO_EARLY(
      "Acid let go before the bowl was hot",
      "It melts and spits instead of turning to vapour. Leave the tool in and stand back until it is"
          + " hot; then look into the bowl."),
  /** The operator marked a release, and no dip followed. */
  NO_CHARGE(
      "No dip 20 s after the release",
      "The cap may be stuck or empty, or the way out clogged. Do not lift the tool over your face; turn the cap again, and"
          + " look at the bowl once it has cooled."),
  /** It does not get hot. */
  NEVER_READY(
      "Not hot after twice the usual time",
      "The power may be weak or the plug loose: try a full pack, then the cable, then the heater."),
  /** It is not back near its set temperature. */
  NO_RECOVERY(
      "Not back at heat 90 s after the acid went in",
      "Too much acid, a clogged way out, or weak power. Leave the hive shut, take the current off,"
          + " and clear the way once it is cold."),
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
