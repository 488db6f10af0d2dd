package tavrel.core.dose;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.Value;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Hive;
import tavrel.core.measure.GramsOf;

/** How a hive's dose came about, step by step: boxes, grams, product, loads, measure. */
final class DoseSteps {

  /** Less than this beside the target is to the point, g. */
  private static final double POINT = 0.005;

  private DoseSteps() {}

  /**
   * The steps in the order in which they are reckoned.
   *
   * @param target grams of acid dihydrate wanted before rounding
   */
  static List<Fact> of(
      Hive hive,
      DoseSettings settings,
      @Nullable HiveException exception,
      double target,
      Loads loads) {
    List<Fact> steps = new ArrayList<>();
    if (exception != null) {
      steps.add(Fact.of("dose.exception").text("reason", exception.reason()));
    }
    Amount amount = exception == null ? settings.amount() : exception.amount();
    steps.addAll(grams(hive, amount, settings.mediums(), target));
    double product = settings.strength().productFor(target);
    steps.add(
        Fact.of("dose.product")
            .figure("strength", 100 * settings.strength().assay())
            .grams("product", product));
    steps.add(loads(loads, product).gramsSet("capacity", settings.capacity()));
    steps.add(measured(settings, loads, target));
    return List.copyOf(steps);
  }

  private static List<Fact> grams(Hive hive, Amount amount, MediumBoxes mediums, double target) {
    List<Fact> steps = new ArrayList<>();
    if (amount.per() == Per.BOX) {
      double factor = hundredth(BoxFactor.sum(hive.boxes(), mediums));
      steps.add(boxes(hive.boxes(), mediums, factor));
      steps.add(
          Fact.of("dose.gramsABox")
              .gramsSet("given", amount.grams())
              .word("of", amount.of())
              .figure("factor", factor)
              .grams("target", target));
    } else {
      steps.add(
          Fact.of("dose.gramsAHive").gramsSet("given", amount.grams()).word("of", amount.of()));
    }
    if (amount.of() != GramsOf.ACID_DIHYDRATE) {
      steps.add(Fact.of("dose.asAcid").grams("target", target));
    }
    return steps;
  }

  private static Fact boxes(List<BroodBox> boxes, MediumBoxes mediums, double sum) {
    List<Value> factors =
        boxes.stream()
            .<Value>map(box -> new Value.Figure(hundredth(BoxFactor.of(box, mediums))))
            .toList();
    Fact told =
        factors.size() == 1
            ? Fact.of("dose.boxes")
            : Fact.of("dose.boxesAdded").with("factors", new Value.Sum(factors));
    return told.with("boxes", BoxNotation.told(boxes)).figure("sum", sum);
  }

  private static Fact loads(Loads loads, double product) {
    Loads.FirstLoad first = loads.first();
    if (first != null) {
      int then = loads.count() - 1;
      return Fact.of("dose.loosening")
          .grams("first", first.product())
          .count("then", then, "load")
          .grams("each", (product - first.product()) / then);
    }
    Fact told =
        loads.count() == 1
            ? Fact.of("dose.oneLoad")
            : loads.larger() == null ? Fact.of("dose.equalLoads") : Fact.of("dose.unequalLoads");
    return told.count("loads", loads.count(), "load").grams("each", product / loads.count());
  }

  private static Fact measured(DoseSettings settings, Loads loads, double target) {
    Fact step = settings.measure().oneStep();
    if (!loads.measurable()) {
      return Fact.of("dose.tooCoarse").fact("step", step);
    }
    double error = loads.totalAcid() - target;
    Fact told =
        Math.abs(error) < POINT
            ? Fact.of("dose.measuredToThePoint")
            : (error < 0 ? Fact.of("dose.measuredUnder") : Fact.of("dose.measuredOver"))
                .grams("error", Math.abs(error));
    return told.fact("step", step)
        .fact("each", loads.told(settings.measure()))
        .grams("total", loads.totalAcid());
  }

  private static double hundredth(double factor) {
    return Math.round(100 * factor) / 100.0;
  }
}
