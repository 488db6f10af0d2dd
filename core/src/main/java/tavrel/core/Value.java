package tavrel.core;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a {@link Fact} speaks of: a quantity with its unit, a day, a name, a word, another fact. */
public sealed interface Value {

  /**
   * Grams of whatever the fact says.
   *
   * @param decimals how many to show; null for as many as were typed, three at the most
   */
  record Grams(double grams, @Nullable Integer decimals) implements Value {

    /** As a good scale reads, to a hundredth. */
    public static Grams reckoned(double grams) {
      return new Grams(grams, 2);
    }

    /** As a pocket scale reads, to a tenth. */
    public static Grams weighed(double grams) {
      return new Grams(grams, 1);
    }

    /** As somebody set them. */
    public static Grams set(double grams) {
      return new Grams(grams, null);
    }
  }

  /**
   * Level scoops.
   *
   * @param scoops how many
   * @param holding what they hold together, g
   */
  record Scoops(int scoops, double holding) implements Value {}

  /** A temperature, °C. */
  record Celsius(double celsius) implements Value {}

  /** A calendar day. */
  record Day(LocalDate day) implements Value {}

  /**
   * So many of a thing.
   *
   * @param n how many
   * @param of noun in the singular, as the catalogue of words has it: {@code day}, {@code round}
   */
  record Count(long n, String of) implements Value {}

  /** A part of a whole, 1 being the whole. */
  record Share(double share) implements Value {}

  /** Whole minutes. */
  record Minutes(long minutes) implements Value {}

  /** Whole seconds, to be read as on a clock. */
  record Seconds(long seconds) implements Value {}

  /** A road, km. */
  record Road(double km) implements Value {}

  /** A length within an apiary, m. */
  record Metres(double metres) implements Value {}

  /** A volume, L. */
  record Litres(double litres) implements Value {}

  /** A wind, m/s. */
  record Wind(double wind) implements Value {}

  /** A figure without a unit, or one whose unit the fact names. */
  record Figure(double figure) implements Value {}

  /** What somebody typed: a name, a reason, a note. */
  record Text(String text) implements Value {}

  /** One of a few words of the trade, as {@code GramsOf.PRODUCT}. */
  record Word(String word) implements Value {}

  /** Another fact. */
  record Said(Fact fact) implements Value {}

  /** Several that are added up. */
  record Sum(List<Value> sum) implements Value {

    /** Copies. */
    public Sum {
      sum = List.copyOf(sum);
    }
  }

  /** Several, told one after the other. */
  record All(List<Value> all) implements Value {

    /** Copies. */
    public All {
      all = List.copyOf(all);
    }
  }
}
