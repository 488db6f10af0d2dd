package tavrel.server.weather;

import tavrel.core.weather.HourReason;

/** Words for weather in which nobody works, for a refusal. */
public final class DangerWords {

  private DangerWords() {}

  /** Without figures, so that they hold in anybody's units. */
  public static String of(HourReason danger) {
    return switch (danger.code()) {
      case STORM -> "storm: nobody works in that";
      case TOO_HOT -> "too hot: nobody works in a mask in that, and a shut colony overheats";
      case THUNDER_OR_ICE -> "thunder or ice: nobody works in that";
      default -> throw new IllegalArgumentException(danger.code() + " is no danger");
    };
  }
}
