package tavrel.core;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A value that the job cannot work with. Carries the field's name, so that a form can show the
 * message where the keeper typed.
 */
public final class InvalidValue extends IllegalArgumentException {

  private static final long serialVersionUID = 1L;
  private static final Pattern NAME = Pattern.compile("\\{(\\w+)}");

  private static final String OUTSIDE = "is {value}; allowed is {min} to {max} {unit}";

  /** Signs of units, alike in every language. */
  private static final Set<String> SIGNS =
      Set.of(
          "",
          "%",
          "V",
          "W",
          "Ah",
          "mm",
          "s",
          "min",
          "h",
          "d",
          "m/s",
          "km",
          "km/h",
          "cm²",
          "L/s a cm²");

  /** Units that a reader may have others for: the value carries them. */
  private static final Set<String> OWN_UNIT = Set.of("g", "°C", "km", "m/s");

  private static final String PREFIX = "Unit.";

  private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

  private final String field;
  private final @Nullable String code;
  private final transient Map<String, Object> values;

  /**
   * Refuses a value because of something that was said elsewhere already.
   *
   * @param field name of the offending component, as in the record that refused it
   * @param says what is wrong and what is allowed, in plain words
   */
  public InvalidValue(String field, String says) {
    super(says);
    this.field = field;
    this.code = null;
    this.values = Map.of();
  }

  /**
   * Refuses a value: a code with its values, of which words are made for each reader.
   *
   * @param field name of the offending component, as in the record that refused it
   * @param code what is wrong; lasting, never renamed and never given to something else
   * @param pattern the same in English, with the name of each value in braces
   * @param values what the pattern names, in the order of its names
   */
  public InvalidValue(String field, String code, String pattern, Object... values) {
    this(field, code, filled(pattern, named(pattern, values)), named(pattern, values));
  }

  private InvalidValue(String field, String code, String says, Map<String, Object> values) {
    super(says);
    this.field = field;
    this.code = code;
    this.values = values;
  }

  private static Map<String, Object> named(String pattern, Object... values) {
    Map<String, Object> named = new LinkedHashMap<>();
    Matcher names = NAME.matcher(pattern);
    while (names.find()) {
      if (!named.containsKey(names.group(1))) {
        Object value = values[named.size()];
        named.put(
            names.group(1),
            value instanceof Number || value instanceof Fact || value instanceof Value
                ? value
                : String.valueOf(value));
      }
    }
    return Collections.unmodifiableMap(named);
  }

  private static String filled(String pattern, Map<String, Object> values) {
    return NAME.matcher(pattern)
        .replaceAll(name -> Matcher.quoteReplacement(plain(String.valueOf(name.group(1)), values)));
  }

  private static String plain(String name, Map<String, Object> values) {
    Object value = values.get(name);
    if (value instanceof Value.Grams weight) {
      return NumberText.plain(weight.grams()) + " g";
    }
    return value instanceof Double number ? NumberText.plain(number) : String.valueOf(value);
  }

  /** What is wrong, as a lasting code; null where it was said elsewhere already. */
  public @Nullable String code() {
    return code;
  }

  /**
   * What the code speaks of, by name: numbers and facts as they are, all else as text, days as
   * 2026-08-18.
   */
  public Map<String, Object> values() {
    return values;
  }

  /** What is wrong, as a fact: its code stands below {@code refusal} in the catalogue. */
  public Fact told() {
    if (code == null) {
      return Fact.legacy(String.valueOf(getMessage()));
    }
    Map<String, Value> told = new LinkedHashMap<>();
    values.forEach((name, value) -> told.put(name, told(value)));
    return new Fact("refusal." + code, told);
  }

  private static Value told(Object value) {
    if (value instanceof Fact fact) {
      return new Value.Said(fact);
    }
    if (value instanceof Value typed) {
      return typed;
    }
    if (value instanceof Number number) {
      return new Value.Figure(number.doubleValue());
    }
    String text = String.valueOf(value);
    try {
      return DAY.matcher(text).matches()
          ? new Value.Day(LocalDate.parse(text))
          : new Value.Text(text);
    } catch (DateTimeParseException typedSo) {
      return new Value.Text(text);
    }
  }

  /**
   * What is wrong, in English.
   *
   * @param words says a fact that is spoken of
   */
  public String says(Function<Fact, String> words) {
    String says = String.valueOf(getMessage());
    for (Object value : values.values()) {
      if (value instanceof Fact fact) {
        says = says.replace(String.valueOf(fact), words.apply(fact));
      }
    }
    return says;
  }

  /** Name of the offending component. */
  public String field() {
    return field;
  }

  /**
   * Returns {@code value} if it lies in the closed range, or refuses it.
   *
   * @param unit unit of all three figures, for the message
   * @throws InvalidValue if {@code value} is not a number or lies outside
   */
  public static double inRange(String field, double value, double min, double max, String unit) {
    if (!(value >= min && value <= max)) {
      throw outside(field, value, min, max, unit);
    }
    return value;
  }

  /**
   * Weights, temperatures, ways and wind are told in the unit of who reads, what follows them in
   * his words.
   */
  private static InvalidValue outside(
      String field, double value, double min, double max, String unit) {
    String says = filled(OUTSIDE, Map.of("value", value, "min", min, "max", max, "unit", unit));
    String follows = OWN_UNIT.contains(unit) ? "" : unit.replaceFirst("^g ", "");
    Map<String, Object> values = new LinkedHashMap<>();
    values.put("value", measured(value, unit));
    values.put("min", measured(min, unit));
    values.put("max", measured(max, unit));
    values.put("unit", SIGNS.contains(follows) ? follows : new Value.Word(word(follows)));
    return new InvalidValue(
        field, "outsideRange", says.strip(), Collections.unmodifiableMap(values));
  }

  private static Object measured(double value, String unit) {
    return switch (unit) {
      case "°C" -> new Value.Celsius(value);
      case "km" -> new Value.Road(value);
      case "m/s" -> new Value.Wind(value);
      case "g" -> new Value.Grams(value, null);
      default -> unit.startsWith("g ") ? new Value.Grams(value, null) : value;
    };
  }

  /** Code of what follows a figure, {@code Unit.aBox}. */
  private static String word(String follows) {
    StringBuilder word = new StringBuilder(PREFIX);
    boolean begins = false;
    for (int i = 0; i < follows.length(); i++) {
      char each = follows.charAt(i);
      boolean letter = Character.isLetterOrDigit(each);
      if (letter) {
        word.append(begins ? Character.toUpperCase(each) : each);
      }
      begins = !letter && word.length() > PREFIX.length() && (begins || each != '\'');
    }
    return word.toString();
  }

  /**
   * Returns {@code text} without outer blanks, or refuses it. Several lines are fine; characters
   * that no keyboard writes are not: they break files and hide what stands there.
   *
   * @throws InvalidValue if nothing is left, or more than {@code longest} characters, or one that
   *     cannot be seen
   */
  public static String text(String field, String text, int longest) {
    String stripped = text.strip();
    if (stripped.isEmpty()) {
      throw new InvalidValue(
          field, "emptyText", "is empty; 1 to {longest} characters are needed", longest);
    }
    if (stripped.length() > longest) {
      throw new InvalidValue(
          field,
          "textTooLong",
          "has {length} characters; at most {longest} fit",
          stripped.length(),
          longest);
    }
    if (stripped.chars().anyMatch(InvalidValue::isHidden)) {
      throw new InvalidValue(
          field, "hiddenCharacter", "has a character that cannot be seen; type it anew");
    }
    return stripped;
  }

  /** Control characters but for line ends and tabs, and marks that turn the direction of text. */
  private static boolean isHidden(int character) {
    boolean layout = character == '\n' || character == '\r' || character == '\t';
    boolean turns =
        (character >= 0x202A && character <= 0x202E)
            || (character >= 0x2066 && character <= 0x2069);
    return turns || (Character.isISOControl(character) && !layout);
  }
}
