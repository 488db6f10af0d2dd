package tavrel.core.dose;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.NumberText;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;
import tavrel.core.measure.GramsOf;
import tavrel.core.rulesheet.Finding;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.Proposal;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;

/**
 * One hive's line on the dose sheet. Grams are of acid dihydrate unless named product.
 *
 * @param hive the hive as it stands
 * @param boxFactor boxes that it counts for
 * @param target grams wanted before rounding
 * @param loads what is measured
 * @param eachLoad one load in the words of the measure, as "2.1 g" or "2 scoops"
 * @param supersPlan what will be done with its supers
 * @param totalAcid grams after rounding: what is judged and logged
 * @param totalProduct grams of product after rounding
 * @param error totalAcid less target, grams
 * @param errorPercent the same in percent of the target
 * @param judgement what the rule sheet says of it
 * @param exception why it gets another amount than the round, or null
 * @param why the computation in words, step by step
 */
public record HiveDose(
    Hive hive,
    double boxFactor,
    double target,
    Loads loads,
    String eachLoad,
    SupersPlan supersPlan,
    double totalAcid,
    double totalProduct,
    double error,
    double errorPercent,
    Judgement judgement,
    @Nullable String exception,
    List<String> why) {

  /**
   * Computes the dose of one hive and holds it against the sheet.
   *
   * @param past what is on record of this hive
   * @param day day of the round
   * @param celsius air temperature expected, or null
   */
  public static HiveDose of(
      Hive hive,
      DoseSettings settings,
      RuleSheet sheet,
      OnRecord past,
      LocalDate day,
      @Nullable Double celsius) {
    HiveException exception = settings.exceptionFor(hive.id());
    Amount amount = exception == null ? settings.amount() : exception.amount();
    SupersPlan supersPlan = settings.supersOf(hive);
    double factor = BoxFactor.sum(hive.boxes(), settings.mediums());
    double labelBoxes = BoxFactor.labelSum(hive.boxes(), settings.mediums());
    double grams = amount.per() == Per.BOX ? amount.grams() * factor : amount.grams();
    double target = amount.of().toAcid(grams, settings.strength());
    Loads loads = loads(target, sheet.mostAcid(labelBoxes, settings.strength()), settings);
    double error = loads.totalAcid() - target;
    Judgement ofSheet =
        sheet.judge(
            new Proposal(
                loads.totalAcid(),
                loads.totalProduct(),
                labelBoxes,
                hive.supers(),
                supersPlan,
                settings.sealMinutes(),
                day,
                past.last(),
                past.thisYear(),
                celsius,
                past.roundOfSeries(),
                past.brood(),
                hive.fittings().shutting() == Shutting.LEFT_OPEN,
                past.supersGoOn()));
    Judgement judgement = measured(ofSheet, 100 * error / target);
    return new HiveDose(
        hive,
        factor,
        target,
        loads,
        loads.words(settings.measure()),
        supersPlan,
        loads.totalAcid(),
        loads.totalProduct(),
        error,
        100 * error / target,
        judgement,
        exception == null ? null : exception.reason(),
        why(hive, settings, exception, factor, target, loads, error));
  }

  /** What is given is so far off what was asked for that it is worth a word, %. */
  private static final double FAR_OFF = 10;

  private static Judgement measured(Judgement judgement, double errorPercent) {
    if (Math.abs(errorPercent) <= FAR_OFF + 1e-9) {
      return judgement;
    }
    List<Finding> all = new ArrayList<>(judgement.findings());
    all.add(
        new Finding(
            Verdict.CAUTION,
            "the measure",
            null,
            "so coarse that the hive gets "
                + Math.round(Math.abs(errorPercent))
                + (errorPercent < 0 ? " % less" : " % more")
                + " than you asked for"));
    return Judgement.of(all);
  }

  private static Loads loads(double target, double mostAcid, DoseSettings settings) {
    return settings.loosening() == null
        ? Loads.of(target, mostAcid, settings.capacity(), settings.strength(), settings.measure())
        : Loads.loosened(
            target,
            settings.loosening(),
            mostAcid,
            settings.capacity(),
            settings.strength(),
            settings.measure());
  }

  private static List<String> why(
      Hive hive,
      DoseSettings settings,
      @Nullable HiveException exception,
      double factor,
      double target,
      Loads loads,
      double error) {
    List<String> why = new ArrayList<>();
    Amount amount = exception == null ? settings.amount() : exception.amount();
    if (exception != null) {
      why.add("Exception for this hive: " + exception.reason());
    }
    String given = NumberText.plain(amount.grams()) + " g " + amount.of().words();
    if (amount.per() == Per.BOX) {
      why.add(
          "Boxes: "
              + BoxNotation.write(hive.boxes())
              + " counts "
              + counted(hive.boxes(), settings.mediums()));
      why.add(
          "Grams: "
              + given
              + " a box × "
              + NumberText.grams(factor)
              + " = "
              + NumberText.grams(target)
              + " g acid dihydrate");
    } else {
      why.add("Grams: " + given + " a hive, whatever its boxes");
    }
    if (amount.of() != GramsOf.ACID_DIHYDRATE) {
      why.add("As acid: " + NumberText.grams(target) + " g acid dihydrate");
    }
    double product = settings.strength().productFor(target);
    why.add(
        "Product: ÷ strength "
            + NumberText.plain(100 * settings.strength().assay())
            + " % = "
            + NumberText.grams(product)
            + " g");
    why.add(splits(settings, loads, product));
    why.add(
        loads.measurable()
            ? "Measured: "
                + settings.measure().stepWords()
                + ", so "
                + loads.words(settings.measure())
                + " a load, "
                + NumberText.grams(loads.totalAcid())
                + " g acid in all, "
                + missed(error)
            : "Measured: one "
                + settings.measure().stepWords()
                + " is already too much; use a finer measure");
    return List.copyOf(why);
  }

  private static String missed(double error) {
    return Math.abs(error) < 0.005
        ? "to the point"
        : NumberText.grams(Math.abs(error)) + " g " + (error < 0 ? "under" : "over");
  }

  private static String splits(DoseSettings settings, Loads loads, double product) {
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

  private static String counted(List<BroodBox> boxes, MediumBoxes mediums) {
    List<String> factors =
        boxes.stream().map(box -> NumberText.plain(BoxFactor.of(box, mediums))).toList();
    String sum = NumberText.grams(BoxFactor.sum(boxes, mediums));
    return factors.size() == 1 ? sum : String.join(" + ", factors) + " = " + sum;
  }
}
