package tavrel.core.register;

import java.util.Arrays;
import java.util.stream.Collectors;
import tavrel.core.InvalidValue;
import tavrel.core.NumberText;
import tavrel.core.Worded;
import tavrel.core.hive.SupersPlan;

/**
 * What of a register entry can be put right. The hive and the day cannot: an entry at the wrong
 * place is struck out by {@link #STANDS} and written anew.
 */
public enum EntryField implements Worded {
  GRAMS,
  AMOUNT,
  PRODUCT,
  LOT,
  PEOPLE,
  SUPERS,
  REMARKS,
  STANDS;

  /** The value of {@link #STANDS} of an entry that holds. */
  public static final String YES = "yes";

  /** The value of {@link #STANDS} of an entry that was struck out. */
  public static final String NO = "no";

  private static final double MOST_GRAMS = 60;
  private static final int LONGEST = 500;

  /**
   * A value as it is kept, from one that was typed.
   *
   * @throws InvalidValue if this field cannot hold it
   */
  public String checked(String typed) {
    String value = typed.strip();
    return switch (this) {
      case GRAMS -> NumberText.plain(grams(value));
      case AMOUNT, LOT, PRODUCT, REMARKS -> fitting(value);
      case PEOPLE -> InvalidValue.text("becomes", value, LONGEST);
      case SUPERS -> supers(value);
      case STANDS -> {
        if (!value.equals(YES) && !value.equals(NO)) {
          throw new InvalidValue(
              "becomes", "neitherNor", "is neither {value} nor {value2}", YES, NO);
        }
        yield value;
      }
    };
  }

  private static double grams(String value) {
    try {
      return InvalidValue.inRange(
          "becomes", Double.parseDouble(value.replace(',', '.')), 0, MOST_GRAMS, "g");
    } catch (NumberFormatException notANumber) {
      throw new InvalidValue(
          "becomes", "notNumberGramsSuch", "is not a number of grams, such as 4.5");
    }
  }

  private String fitting(String value) {
    int longest =
        switch (this) {
          case AMOUNT, PRODUCT -> 80;
          case LOT -> 60;
          default -> LONGEST;
        };
    if (value.length() > longest) {
      throw new InvalidValue(
          "becomes", "hasMoreThanCharacters", "has more than {longest} characters", longest);
    }
    return value;
  }

  private static String supers(String value) {
    return Arrays.stream(SupersPlan.values())
        .map(SupersPlan::name)
        .filter(value::equals)
        .findAny()
        .orElseThrow(
            () ->
                new InvalidValue(
                    "becomes",
                    "none",
                    "is none of {joining}",
                    Arrays.stream(SupersPlan.values())
                        .map(SupersPlan::name)
                        .collect(Collectors.joining(", "))));
  }
}
