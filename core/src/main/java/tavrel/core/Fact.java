package tavrel.core;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something that was found, advised or counted: a code with its values. It has no words; they are
 * made where it is read, in the language and the units of whoever reads. What is kept in the
 * database is the fact, so that an old register can be read in another language.
 *
 * @param code what it is, a room and a name, as {@code label.gramsOver}; lasting, never renamed and
 *     never given to something else
 * @param values what the code speaks of, by name
 */
public record Fact(String code, Map<String, Value> values) {

  /** Code of what was kept as a sentence before facts were kept. */
  public static final String LEGACY = "legacy";

  /** Copies, in the same order. */
  public Fact {
    values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
  }

  /** A fact without values so far. */
  public static Fact of(String code) {
    return new Fact(code, Map.of());
  }

  /** A sentence as it was kept before facts were. */
  public static Fact legacy(String sentence) {
    return Fact.of(LEGACY).text("text", sentence);
  }

  /** Adds a value. */
  public Fact with(String name, Value value) {
    Map<String, Value> more = new LinkedHashMap<>(values);
    more.put(name, value);
    return new Fact(code, more);
  }

  /** Adds grams that were reckoned: to a hundredth, as a good scale reads. */
  public Fact grams(String name, double grams) {
    return with(name, Value.Grams.reckoned(grams));
  }

  /** Adds grams as somebody set them. */
  public Fact gramsSet(String name, double grams) {
    return with(name, Value.Grams.set(grams));
  }

  /** Adds a temperature, °C. */
  public Fact celsius(String name, double celsius) {
    return with(name, new Value.Celsius(celsius));
  }

  /** Adds a calendar day. */
  public Fact day(String name, LocalDate day) {
    return with(name, new Value.Day(day));
  }

  /**
   * Adds so many of a thing.
   *
   * @param of noun in the singular, as the catalogue of words has it
   */
  public Fact count(String name, long n, String of) {
    return with(name, new Value.Count(n, of));
  }

  /** Adds a part of a whole, 1 being the whole. */
  public Fact share(String name, double share) {
    return with(name, new Value.Share(share));
  }

  /** Adds whole minutes. */
  public Fact minutes(String name, long minutes) {
    return with(name, new Value.Minutes(minutes));
  }

  /** Adds seconds, to be read as on a clock. */
  public Fact seconds(String name, long seconds) {
    return with(name, new Value.Seconds(seconds));
  }

  /** Adds a figure without a unit, or one whose unit the code names. */
  public Fact figure(String name, double figure) {
    return with(name, new Value.Figure(figure));
  }

  /** With a whole number. */
  public Fact figure(String name, long figure) {
    return figure(name, (double) figure);
  }

  /** Adds what somebody typed: a name, a reason. */
  public Fact text(String name, String text) {
    return with(name, new Value.Text(text));
  }

  /** Adds a word of the trade. */
  public Fact word(String name, Worded word) {
    return with(name, new Value.Word(word.word()));
  }

  /** Adds another fact. */
  public Fact fact(String name, Fact fact) {
    return with(name, new Value.Said(fact));
  }

  /** Adds several facts, told one after the other. */
  public Fact facts(String name, Collection<Fact> facts) {
    return with(name, new Value.All(facts.stream().<Value>map(Value.Said::new).toList()));
  }

  /** Adds several values, told one after the other. */
  public Fact all(String name, List<? extends Value> values) {
    return with(name, new Value.All(List.copyOf(values)));
  }
}
