package tavrel.core.dose;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Hive;
import tavrel.core.measure.GramsOf;

/** How a hive's dose came about, in words, step by step: boxes, grams, product, loads, measure. */
final class DoseSteps {

  private DoseSteps() {}

  /**
   * The steps in the order in which they are reckoned.
   *
   * @param target grams of acid dihydrate wanted before rounding
   */
  static List<String> words(
      Hive hive,
      DoseSettings settings,
      @Nullable HiveException exception,
      double target,
      Loads loads) {
    List<String> steps = new ArrayList<>();
    if (exception != null) {
      steps.add("Exception for this hive: " + exception.reason());
    }
    Amount amount = exception == null ? settings.amount() : exception.amount();
    steps.addAll(grams(hive, amount, settings.mediums(), target));
    double product = settings.strength().productFor(target);
    steps.add(
        "Product: ÷ strength "
            + NumberText.plain(100 * settings.strength().assay())
            + " % = "
            + NumberText.grams(product)
            + " g");
    steps.add(loads(settings, loads, product));
    steps.add(measured(settings, loads, target));
    return List.copyOf(steps);
  }

  private static List<String> grams(Hive hive, Amount amount, MediumBoxes mediums, double target) {
    List<String> steps = new ArrayList<>();
    String given = NumberText.plain(amount.grams()) + " g " + amount.of().words();
    if (amount.per() == Per.BOX) {
      String factor = NumberText.grams(BoxFactor.sum(hive.boxes(), mediums));
      steps.add(
          "Boxes: "
              + BoxNotation.write(hive.boxes())
              + " counts "
              + boxes(hive.boxes(), mediums, factor));
      steps.add(
          "Grams: "
              + given
              + " a box × "
              + factor
              + " = "
              + NumberText.grams(target)
              + " g acid dihydrate");
    } else {
      steps.add("Grams: " + given + " a hive, whatever its boxes");
    }
    if (amount.of() != GramsOf.ACID_DIHYDRATE) {
      steps.add("As acid: " + NumberText.grams(target) + " g acid dihydrate");
    }
    return steps;
  }

  private static String boxes(List<BroodBox> boxes, MediumBoxes mediums, String sum) {
    List<String> factors =
        boxes.stream().map(box -> NumberText.plain(BoxFactor.of(box, mediums))).toList();
    return factors.size() == 1 ? sum : String.join(" + ", factors) + " = " + sum;
  }

  private static String loads(DoseSettings settings, Loads loads, double product) {
    String capacity = "Loads: the tool takes " + NumberText.plain(settings.capacity()) + " g, so ";
    Loads.FirstLoad first = loads.first();
    if (first != null) {
      int then = loads.count() - 1;
      return capacity
          + "a first of "
          + NumberText.grams(first.product())
          + " g to loosen the cluster, the rest a few minutes later in "
          + then
          + (then == 1 ? " load" : " equal loads")
          + " of "
          + NumberText.grams((product - first.product()) / then)
          + " g: the same total";
    }
    Loads.LargerLoads larger = loads.larger();
    return capacity
        + loads.count()
        + (loads.count() == 1
            ? " load of "
            : larger == null ? " equal loads of " : " loads that differ by one step, of about ")
        + NumberText.grams(product / loads.count())
        + " g";
  }

  private static String measured(DoseSettings settings, Loads loads, double target) {
    String step = settings.measure().stepWords();
    return loads.measurable()
        ? "Measured: "
            + step
            + ", so "
            + loads.words(settings.measure())
            + " a load, "
            + NumberText.grams(loads.totalAcid())
            + " g acid in all, "
            + missed(loads.totalAcid() - target)
        : "Measured: one " + step + " is already too much; use a finer measure";
  }

  private static String missed(double error) {
    return Math.abs(error) < 0.005
        ? "to the point"
        : NumberText.grams(Math.abs(error)) + " g " + (error < 0 ? "under" : "over");
  }
}
