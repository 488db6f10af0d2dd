package tavrel.core.units;

/**
 * A person's own units. They change how a value is shown and read, never what is kept.
 *
 * @param temperature of air and tools
 * @param wind its speed
 * @param road how far one drives
 * @param mass of acid and product
 * @param measures whether scoops or their weight are told first
 * @param volume of liquids
 * @param clock hours of the day
 * @param dates which comes first, day or month
 * @param decimals what parts whole from tenths
 * @param weekStart day on which a week begins
 */
public record OwnUnits(
    Temperature temperature,
    Wind wind,
    Road road,
    Mass mass,
    MeasureOrder measures,
    Volume volume,
    ClockStyle clock,
    DateOrder dates,
    DecimalSign decimals,
    WeekStart weekStart) {

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

  /** Units of weight. */
  public enum Mass {
    GRAMS,
    GRAINS,
    OUNCES
  }

  /** "2.1 g (2 scoops)" or "2 scoops (2.1 g)". */
  public enum MeasureOrder {
    WEIGHT_FIRST,
    SCOOPS_FIRST
  }

  /** Units of liquids. */
  public enum Volume {
    LITRES,
    US_GALLONS
  }

  /** Days on which a week may begin. */
  public enum WeekStart {
    MONDAY,
    SATURDAY,
    SUNDAY
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
