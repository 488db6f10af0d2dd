package tavrel.core.dose;

import java.util.List;
import tavrel.core.measure.GramsOf;

/**
 * A preset of how much to give. Common practice, not a rule: the label decides.
 *
 * @param id short key
 * @param name what it is called on screen
 * @param amount what it gives
 * @param reason why its keepers hold to it
 */
public record DosePreset(String id, String name, Amount amount, String reason) {

  /** All presets that Tavrel offers, smallest first. */
  public static List<DosePreset> all() {
    return List.of(
        new DosePreset("one", "1 g a box", acid(1), "older labels"),
        new DosePreset("two", "2 g a box", acid(2), "the large step: one to two grams buys most"),
        new DosePreset("three", "3 g a box", acid(3), "a reserve for hives that leak a little"),
        new DosePreset("three-half", "3.5 g a box", acid(3.5), "the same, fuller"),
        new DosePreset("four", "4 g a box", acid(4), "newer labels, and entrances left unblocked"),
        new DosePreset(
            "fixed",
            "2.3 g of product a hive",
            new Amount(2.3, Per.HIVE, GramsOf.PRODUCT),
            "a fixed amount a hive, as several countries ask"));
  }

  private static Amount acid(double gramsPerBox) {
    return new Amount(gramsPerBox, Per.BOX, GramsOf.ACID_DIHYDRATE);
  }
}
