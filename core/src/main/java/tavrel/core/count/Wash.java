package tavrel.core.count;

import java.time.LocalDate;
import tavrel.core.InvalidValue;

/**
 * Mites got off a sample of bees.
 *
 * @param day when
 * @param kind how
 * @param mites how many came off, 0 or more and no more than bees
 * @param bees how many bees were in the sample, 1 to 1,000
 */
public record Wash(LocalDate day, WashKind kind, int mites, int bees) {

  /** More bees than this in one sample is taken for a slip of typing. */
  public static final int MOST_BEES = 1_000;

  /**
   * @throws InvalidValue if such a sample cannot be
   */
  public Wash {
    if (bees < 1) {
      throw new InvalidValue(
          "bees", "sampleHasAtLeast", "is {bees}; a sample has at least 1 bee, usually 300", bees);
    }
    if (bees > MOST_BEES) {
      throw new InvalidValue(
          "bees",
          "sampleHasAtMost",
          "is {bees}; a sample has at most 1,000. Enter a larger one as two counts",
          bees);
    }
    if (mites < 0) {
      throw new InvalidValue("mites", "cannotBelow", "is {mites}; it cannot be below 0", mites);
    }
    if (mites > bees) {
      throw new InvalidValue(
          "mites",
          "mitesOnBeesMore",
          "{mites} mites on {bees} bees: more mites than bees; are they swapped?",
          mites,
          bees);
    }
  }
}
