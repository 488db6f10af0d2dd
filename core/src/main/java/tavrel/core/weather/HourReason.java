package tavrel.core.weather;

import org.jspecify.annotations.Nullable;

/**
 * What speaks against an hour: a fact with its figures. Whoever shows it finds the words, in the
 * units of who reads.
 *
 * @param code what it is
 * @param found what was found, in the code's unit, or null where it has none
 * @param limit what it is held against, in the same unit, or null
 * @param sheet the rule sheet that says so, or null
 */
public record HourReason(
    Code code, @Nullable Double found, @Nullable Double limit, @Nullable String sheet) {

  /** Kinds of reasons; none is ever renamed, since other programs read them. */
  public enum Code {
    /** Colder than the rule sheet allows; both °C. */
    BELOW_LABEL,
    /** Warmer than the rule sheet allows; both °C. */
    ABOVE_LABEL,
    /** A wind in which nobody works; both m/s. */
    STORM,
    /** Too hot for people in masks and for a shut colony; both °C. */
    TOO_HOT,
    /** Thunder or ice. */
    THUNDER_OR_ICE,
    /** Outside the warmth that the keeper chose; °C. */
    OUTSIDE_WARMTH,
    /** Bees are out; first light and dusk will do. */
    BROAD_DAY,
    /** Vapour reaches less than in the day's best hour; the share of it. */
    REACH,
    /** Too still or too windy; m/s. */
    WIND,
    /** Rain; mm in the hour. */
    RAIN,
    /** Nobody tells of the weather there at all. */
    UNKNOWN,
    /** Whoever tells of it does not look so far ahead yet. */
    BEYOND,
    /** Whoever tells of it told nothing of this hour, though of others. */
    GAP
  }

  static HourReason of(Code code) {
    return new HourReason(code, null, null, null);
  }

  static HourReason of(Code code, double found) {
    return new HourReason(code, found, null, null);
  }

  static HourReason of(Code code, double found, double limit) {
    return new HourReason(code, found, limit, null);
  }
}
