package tavrel.server.people;

import java.text.DecimalFormatSymbols;
import java.time.temporal.WeekFields;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Service;
import tavrel.core.units.OwnUnits;
import tavrel.core.units.OwnUnits.ClockStyle;
import tavrel.core.units.OwnUnits.DateOrder;
import tavrel.core.units.OwnUnits.DecimalSign;
import tavrel.core.units.OwnUnits.Mass;
import tavrel.core.units.OwnUnits.MeasureOrder;
import tavrel.core.units.OwnUnits.Road;
import tavrel.core.units.OwnUnits.Temperature;
import tavrel.core.units.OwnUnits.Volume;
import tavrel.core.units.OwnUnits.WeekStart;
import tavrel.core.units.OwnUnits.Wind;
import tavrel.server.words.Language;
import tavrel.server.words.Wording;

/** In whose words a paper or a file is written: those of the person who asks for it. */
@Service
public class OwnWords {

  private static final Set<String> FAHRENHEIT =
      Set.of("US", "BS", "BZ", "KY", "PW", "FM", "MH", "LR");
  private static final Set<String> MILES = Set.of("US", "GB", "LR");

  private final PersonLanguage languages;
  private final PersonUnits units;

  OwnWords(PersonLanguage languages, PersonUnits units) {
    this.languages = languages;
    this.units = units;
  }

  /**
   * The words of a person.
   *
   * @param device what the device asks for; it decides what the person has not chosen
   */
  public Wording of(Account who, Locale device) {
    return new Wording(
        languages.of(who.id()).orElseGet(() -> Language.nearest(device)),
        units.of(who.id()).orElseGet(() -> unitsOf(device)));
  }

  /** The words of somebody who has not signed in, by what his device asks for. */
  public static Wording usualIn(Locale device) {
    return new Wording(Language.nearest(device), unitsOf(device));
  }

  private static WeekStart weekStart(Locale device) {
    return switch (WeekFields.of(device).getFirstDayOfWeek()) {
      case SUNDAY -> WeekStart.SUNDAY;
      case SATURDAY -> WeekStart.SATURDAY;
      default -> WeekStart.MONDAY;
    };
  }

  /** What a region usually goes by. */
  private static OwnUnits unitsOf(Locale device) {
    String region = device.getCountry();
    boolean miles = MILES.contains(region);
    boolean us = region.equals("US");
    return new OwnUnits(
        FAHRENHEIT.contains(region) ? Temperature.FAHRENHEIT : Temperature.CELSIUS,
        miles ? Wind.MILES_AN_HOUR : Wind.METRES_A_SECOND,
        miles ? Road.MILES : Road.KILOMETRES,
        Mass.GRAMS,
        MeasureOrder.WEIGHT_FIRST,
        us ? Volume.US_GALLONS : Volume.LITRES,
        us ? ClockStyle.HOURS_12 : ClockStyle.HOURS_24,
        us ? DateOrder.MONTH_DAY : DateOrder.DAY_MONTH,
        DecimalFormatSymbols.getInstance(device).getDecimalSeparator() == ','
            ? DecimalSign.COMMA
            : DecimalSign.POINT,
        weekStart(device));
  }
}
