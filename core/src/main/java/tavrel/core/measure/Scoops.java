package tavrel.core.measure;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/**
 * What level scoops of one spoon really hold, weighed one by one.
 *
 * @param spoon the spoon
 * @param weighings how many
 * @param mean grams of product in a scoop
 * @param spread sample standard deviation, g
 * @param spreadPercent the same in percent of the mean
 * @param usualGrams what the spoon should hold at the usual density, g
 * @param warnings what is pointed out
 */
public record Scoops(
    Spoon spoon,
    int weighings,
    double mean,
    double spread,
    double spreadPercent,
    double usualGrams,
    List<Fact> warnings) {

  /** Fewest weighings that tell a mean. */
  public static final int FEWEST = 5;

  /** Most weighings that are reckoned with. */
  public static final int MOST = 50;

  private static final double WIDE_SPREAD = 10;
  private static final double OFF_NOMINAL = 0.15;

  /**
   * Works out a scoop from its weighings.
   *
   * @param grams of product in each level scoop, g
   * @throws InvalidValue if there are too few, or one cannot be
   */
  public static Scoops of(Spoon spoon, List<Double> grams) {
    InvalidValue.inRange("grams", grams.size(), FEWEST, MOST, "weighings; ten are good");
    for (int i = 0; i < grams.size(); i++) {
      InvalidValue.inRange("grams[" + i + "]", grams.get(i), 0.05, 30, "g in a scoop");
    }
    double mean = grams.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    double squares = grams.stream().mapToDouble(each -> (each - mean) * (each - mean)).sum();
    double spread = Math.sqrt(squares / (grams.size() - 1));
    double percent = 100 * spread / mean;
    return new Scoops(
        spoon,
        grams.size(),
        mean,
        spread,
        percent,
        spoon.usualGrams(),
        warnings(spoon, mean, percent));
  }

  /** The measure that dose sheets reckon with from now on. */
  public Measure measure() {
    return new Measure(spoon, mean);
  }

  private static List<Fact> warnings(Spoon spoon, double mean, double percent) {
    List<Fact> warnings = new ArrayList<>();
    SlipCheck slip = SlipCheck.of(spoon.usualGrams(), mean);
    if (slip == SlipCheck.TABLESPOON_FOR_TEASPOON) {
      warnings.add(Fact.of("scoops.teaspoonForTablespoon"));
    } else if (slip == SlipCheck.TEASPOON_FOR_TABLESPOON) {
      warnings.add(Fact.of("scoops.tablespoonForTeaspoon"));
    } else if (Math.abs(mean / spoon.usualGrams() - 1) > OFF_NOMINAL) {
      warnings.add(
          (mean > spoon.usualGrams() ? Fact.of("scoops.overUsual") : Fact.of("scoops.underUsual"))
              .share("off", Math.abs(mean / spoon.usualGrams() - 1)));
    }
    if (percent > WIDE_SPREAD) {
      warnings.add(Fact.of("scoops.differ").share("spread", percent / 100));
    }
    return List.copyOf(warnings);
  }
}
