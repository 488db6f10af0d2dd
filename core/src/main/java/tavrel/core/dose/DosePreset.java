package tavrel.core.dose;

import java.util.List;
import tavrel.core.measure.GramsOf;

/**
 * A preset of how much to give. Common practice, not a rule: the label decides.
 *
 * @param id short key, by which the screens name it
 * @param amount what it gives
 */
public record DosePreset(String id, Amount amount) {

  /** All presets that Tavrel offers, smallest first. */
  public static List<DosePreset> all() {
    return List.of(
        new DosePreset("one", acid(1)),
        new DosePreset("two", acid(2)),
        new DosePreset("three", acid(3)),
        new DosePreset("three-half", acid(3.5)),
        new DosePreset("four", acid(4)),
        new DosePreset("fixed", new Amount(2.3, Per.HIVE, GramsOf.PRODUCT)));
  }

  private static Amount acid(double gramsPerBox) {
    return new Amount(gramsPerBox, Per.BOX, GramsOf.ACID_DIHYDRATE);
  }
}
