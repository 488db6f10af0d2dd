package tavrel.core.measure;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;

/**
 * What the keeper measures product with: a scale, or level scoops.
 *
 * @param spoon the spoon, or null for a scale
 * @param step smallest step in grams of product: 0.1 for a scale, one scoop's grams for a spoon
 */
public record Measure(@Nullable Spoon spoon, double step) {

  /** A scale that reads tenths of a gram. */
  public static final Measure SCALE = new Measure(null, 0.1);

  /**
   * @throws InvalidValue if one step is not between 0.05 and 25 g
   */
  public Measure {
    InvalidValue.inRange("measure.step", step, 0.05, 25, "g of product in a scoop");
  }

  /** A level spoon at the usual density. */
  public static Measure level(Spoon spoon) {
    return new Measure(spoon, spoon.usualGrams());
  }

  /**
   * How {@code units} steps are told to the one who measures: as grams, or as scoops with what they
   * hold.
   */
  public Value told(int units) {
    return spoon == null
        ? Value.Grams.weighed(units * step)
        : new Value.Scoops(units, units * step);
  }

  /** What one step is, for the "why" of a figure. */
  public Fact oneStep() {
    return spoon == null
        ? Fact.of("measure.scale").gramsSet("step", step)
        : Fact.of("measure.spoon").word("spoon", spoon).gramsSet("step", step);
  }

  /** Whether the spoon and its entered grams look like a mix-up of tablespoon and teaspoon. */
  public SlipCheck slip() {
    return spoon == null ? SlipCheck.NONE : SlipCheck.of(spoon.usualGrams(), step);
  }
}
