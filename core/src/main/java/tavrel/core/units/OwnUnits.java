package tavrel.core.units;

/**
 * A person's own units. They change how a value is shown and read, never what is kept.
 *
 * @param temperature of air and tools
 * @param wind its speed
 * @param road how far one drives
 * @param clock hours of the day
 * @param dates which comes first, day or month
 * @param decimals what parts whole from tenths
 */
public record OwnUnits(
    Temperature temperature,
    Wind wind,
    Road road,
    ClockStyle clock,
    DateOrder dates,
    DecimalSign decimals) {

  /** Scales of temperature. */
  public enum Temperature {
    CELSIUS,
    FAHRENHEIT
  }

  /** Units of wind. */
  public enum Wind {
    METRES_A_SECOND,
    KILOMETRES_AN_HOUR,
    MILES_AN_HOUR
  }

  /** Units of roads. */
  public enum Road {
    KILOMETRES,
    MILES
  }

  /** 14:05 or 2:05 pm. */
  public enum ClockStyle {
    HOURS_24,
    HOURS_12
  }

  /** 2.1 or 2,1. */
  public enum DecimalSign {
    POINT,
    COMMA
  }

  /** 18 Aug or Aug 18. */
  public enum DateOrder {
    DAY_MONTH,
    MONTH_DAY
  }
}
