package tavrel.server.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.NumberText;
import tavrel.core.Value;
import tavrel.core.Worded;
import tavrel.core.units.OwnUnits;

/**
 * Says facts and the server's own texts in the language and the units of one reader. Patterns are
 * those of the screens' catalogue: a name in braces is filled in, a bar parts the form for one from
 * that for several.
 */
public final class Wording {

  /** What an API answer in English says to a program. */
  public static final Wording PLAIN =
      new Wording(
          Language.ENGLISH,
          new OwnUnits(
              OwnUnits.Temperature.CELSIUS,
              OwnUnits.Wind.METRES_A_SECOND,
              OwnUnits.Road.KILOMETRES,
              OwnUnits.Mass.GRAMS,
              OwnUnits.MeasureOrder.WEIGHT_FIRST,
              OwnUnits.Volume.LITRES,
              OwnUnits.ClockStyle.HOURS_24,
              OwnUnits.DateOrder.DAY_MONTH,
              OwnUnits.DecimalSign.POINT,
              OwnUnits.WeekStart.MONDAY));

  private static final double KILOMETRES_A_MILE = 1.609344;
  private static final double FEET_A_METRE = 3.28084;
  private static final double LITRES_A_GALLON = 3.785411784;
  private static final double GRAMS_A_GRAIN = 0.06479891;
  private static final double GRAMS_AN_OUNCE = 28.349523125;
  private static final Pattern FILLED = Pattern.compile("\\{(?:'([^']*)'|(\\w+))}");

  private final Language language;
  private final OwnUnits units;
  private final Catalogue catalogue;
  private final DateTimeFormatter days;

  /** Words of a reader. */
  public Wording(Language language, OwnUnits units) {
    this(language, units, Catalogue.of(language));
  }

  private Wording(Language language, OwnUnits units, Catalogue catalogue) {
    this.language = language;
    this.units = units;
    this.catalogue = catalogue;
    boolean monthFirst =
        language == Language.ENGLISH && units.dates() == OwnUnits.DateOrder.MONTH_DAY;
    days = DateTimeFormatter.ofPattern(monthFirst ? "MMM d" : "d MMM", language.locale());
  }

  /** The same reader, out of another catalogue. */
  Wording outOf(Catalogue other) {
    return new Wording(language, units, other);
  }

  /** The language that is spoken. */
  public Language language() {
    return language;
  }

  /** Says a fact. */
  public String of(Fact fact) {
    if (fact.code().equals(Fact.LEGACY)
        && fact.values().get("text") instanceof Value.Text sentence) {
      return sentence.text();
    }
    boolean refuses = fact.code().startsWith("refusal.");
    String pattern = catalogue.text(refuses ? fact.code() : "fact." + fact.code());
    return pattern == null
        ? fact.code()
        : filled(pattern, name -> shown(fact.values().get(name)), null);
  }

  /** Says a fact where there is one. */
  public String orEmpty(@Nullable Fact fact) {
    return fact == null ? "" : of(fact);
  }

  /**
   * Says a text of a paper.
   *
   * @param key where it stands in the catalogue, below {@code paper}
   * @param values what it names, ready to be read
   */
  public String paper(String key, Map<String, String> values) {
    String pattern = catalogue.text("paper." + key);
    return pattern == null ? key : filled(pattern, values::get, null);
  }

  /** Says a text of a paper that names nothing. */
  public String paper(String key) {
    return paper(key, Map.of());
  }

  /** Says a word of the trade. */
  public String of(Worded word) {
    return shown(new Value.Word(word.word()));
  }

  /** Says a value. */
  public String of(Value value) {
    return shown(value);
  }

  /** A number with so many decimals. */
  public String fixed(double number, int decimals) {
    return signed(
        BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP).toPlainString());
  }

  /** A calendar day, day and month. */
  public String day(LocalDate date) {
    return days.format(date);
  }

  private String shown(@Nullable Value value) {
    if (value == null) {
      return "";
    }
    if (value instanceof Value.Grams it) {
      return weight(it.grams(), it.decimals());
    }
    if (value instanceof Value.Celsius it) {
      return units.temperature() == OwnUnits.Temperature.CELSIUS
          ? tenths(it.celsius()) + " °C"
          : tenths(it.celsius() * 9 / 5 + 32) + " °F";
    }
    if (value instanceof Value.Day it) {
      return day(it.day());
    }
    if (value instanceof Value.Count it) {
      return counted(it.n(), it.of());
    }
    if (value instanceof Value.Share it) {
      return percent(it.share());
    }
    if (value instanceof Value.Minutes it) {
      return it.minutes() + " min";
    }
    if (value instanceof Value.Seconds it) {
      return NumberText.clock(Duration.ofSeconds(it.seconds()));
    }
    return shownRarely(value);
  }

  private String shownRarely(Value value) {
    if (value instanceof Value.Road it) {
      return units.road() == OwnUnits.Road.KILOMETRES
          ? Math.round(it.km()) + " km"
          : Math.round(it.km() / KILOMETRES_A_MILE) + " mi";
    }
    if (value instanceof Value.Metres it) {
      return units.road() == OwnUnits.Road.KILOMETRES
          ? plain(it.metres()) + " m"
          : Math.round(it.metres() * FEET_A_METRE) + " ft";
    }
    if (value instanceof Value.Litres it) {
      return units.volume() == OwnUnits.Volume.LITRES
          ? plain(it.litres()) + " L"
          : plain(Math.round(10 * it.litres() / LITRES_A_GALLON) / 10.0) + " gal";
    }
    if (value instanceof Value.Scoops it) {
      String scoops = counted(it.scoops(), "scoop");
      String weight = weight(it.holding(), 1);
      return units.measures() == OwnUnits.MeasureOrder.SCOOPS_FIRST
          ? scoops + " (" + weight + ")"
          : weight + " (" + scoops + ")";
    }
    if (value instanceof Value.Wind it) {
      return switch (units.wind()) {
        case METRES_A_SECOND -> fixed(it.wind(), 1) + " m/s";
        case KILOMETRES_AN_HOUR -> fixed(it.wind() * 3.6, 1) + " km/h";
        case MILES_AN_HOUR -> fixed(it.wind() * 3.6 / KILOMETRES_A_MILE, 1) + " mph";
      };
    }
    if (value instanceof Value.Figure it) {
      return it.figure() >= 1_000 ? whole(it.figure()) : plain(it.figure());
    }
    if (value instanceof Value.Text it) {
      return it.text();
    }
    if (value instanceof Value.Word it) {
      String word = catalogue.text("fact.word." + it.word());
      return word == null ? it.word() : word;
    }
    if (value instanceof Value.Said it) {
      return of(it.fact());
    }
    if (value instanceof Value.Sum it) {
      return it.sum().stream().map(this::shown).collect(Collectors.joining(" + "));
    }
    return ((Value.All) value).all().stream().map(this::shown).collect(Collectors.joining("; "));
  }

  /** A weight in the unit of who reads, as fine as it is told in grams. */
  public String weight(double grams, @Nullable Integer decimals) {
    return switch (units.mass()) {
      case GRAMS -> inGrams(grams, decimals) + " g";
      case GRAINS -> fixed(grams / GRAMS_A_GRAIN, decimals == null ? 1 : decimals) + " gr";
      case OUNCES -> fixed(grams / GRAMS_AN_OUNCE, decimals == null ? 3 : decimals + 2) + " oz";
    };
  }

  private String inGrams(double grams, @Nullable Integer decimals) {
    if (decimals == null) {
      return plain(grams);
    }
    return decimals == 0 ? whole(grams) : fixed(grams, decimals);
  }

  private String counted(long n, String of) {
    String pattern = catalogue.text("counted." + of);
    return pattern == null ? n + " " + of : filled(pattern, name -> whole((double) n), n);
  }

  private String percent(double share) {
    double percent = 100 * share;
    return (Math.abs(percent) < 10 ? tenths(percent) : String.valueOf(Math.round(percent))) + " %";
  }

  private String tenths(double number) {
    return plain(Math.round(number * 10) / 10.0);
  }

  private String plain(double number) {
    return signed(NumberText.plain(number));
  }

  private String whole(double number) {
    boolean comma = units.decimals() == OwnUnits.DecimalSign.COMMA;
    String text = String.format(Locale.ROOT, "%,d", Math.round(number));
    return comma ? text.replace(',', '\u202f') : text;
  }

  private String signed(String number) {
    return units.decimals() == OwnUnits.DecimalSign.COMMA ? number.replace('.', ',') : number;
  }

  /**
   * Fills a pattern.
   *
   * @param n picks the form, or null where there is one form only
   */
  private static String filled(
      String pattern, Function<String, @Nullable String> value, @Nullable Long n) {
    String[] forms = n == null ? new String[] {pattern} : pattern.split(" \\| ", -1);
    String form = n != null && n == 1 ? forms[0] : forms[forms.length - 1];
    return FILLED
        .matcher(form)
        .replaceAll(
            part ->
                Matcher.quoteReplacement(
                    part.group(1) != null
                        ? part.group(1)
                        : String.valueOf(value.apply(part.group(2)))));
  }
}
