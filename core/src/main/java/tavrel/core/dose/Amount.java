package tavrel.core.dose;

import tavrel.core.InvalidValue;
import tavrel.core.measure.GramsOf;

/**
 * How much to give: grams of something, a box or a hive.
 *
 * @param grams above 0; at most 10 a box, 20 a hive
 * @param per box or hive
 * @param of what the grams are of
 */
public record Amount(double grams, Per per, GramsOf of) {

  /**
   * @throws InvalidValue if the grams are outside every preset
   */
  public Amount {
    InvalidValue.inRange(
        "amount.grams",
        grams,
        0.1,
        per == Per.BOX ? 10 : 20,
        per == Per.BOX ? "g a box" : "g a hive");
  }
}
