package tavrel.core.measure;

/** Catches the spoon of the wrong size: a tablespoon holds three (in Australia four) teaspoons. */
public enum SlipCheck {
  NONE,
  /** The spoon holds about three times what was entered. */
  TABLESPOON_FOR_TEASPOON,
  /** The spoon holds about a third of what was entered. */
  TEASPOON_FOR_TABLESPOON;

  /**
   * Compares what the chosen spoon should hold with what the keeper says it holds.
   *
   * @param spoonGrams grams by the spoon's volume
   * @param enteredGrams grams entered by the keeper, above 0
   */
  public static SlipCheck of(double spoonGrams, double enteredGrams) {
    double ratio = spoonGrams / enteredGrams;
    if (ratio >= 2.5 && ratio <= 4.5) {
      return TABLESPOON_FOR_TEASPOON;
    }
    return ratio >= 0.22 && ratio <= 0.4 ? TEASPOON_FOR_TABLESPOON : NONE;
  }
}
