package tavrel.core.rulesheet;

import tavrel.core.Worded;

/** What a line of a label is about. */
public enum LabelPoint implements Worded {
  GRAMS_OF,
  GRAMS,
  GRAMS_A_BOX,
  GRAMS_A_HIVE,
  ROUNDS_A_SERIES,
  ROUNDS_A_YEAR,
  DAYS_BETWEEN,
  CAPPED_BROOD,
  SUPERS,
  HONEY_WAIT,
  MINUTES_SHUT,
  LEAST_CELSIUS,
  MOST_CELSIUS,
  AIR_TEMPERATURE,
  THE_PRODUCT,
  THE_SHEET,
  THE_MEASURE,
  NOTE
}
