package tavrel.core.dose;

import tavrel.core.InvalidValue;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.rule.SupersPlan;

/**
 * What the keeper decides once for a round.
 *
 * @param amount grams a box or a hive
 * @param mediums how medium boxes count
 * @param strength of the product
 * @param measure scale or scoop
 * @param capacity grams of product that the tool takes in one load
 * @param supersPlan what is done with supers
 * @param sealMinutes minutes shut after the tool is out, as the keeper wants it
 */
public record DoseSettings(
    Amount amount,
    MediumBoxes mediums,
    Strength strength,
    Measure measure,
    double capacity,
    SupersPlan supersPlan,
    int sealMinutes) {

  /**
   * @throws InvalidValue if the capacity or the seal period cannot be
   */
  public DoseSettings {
    InvalidValue.inRange("capacity", capacity, 0.5, 50, "g of product a load");
    InvalidValue.inRange("sealMinutes", sealMinutes, 1, 60, "minutes");
  }
}
