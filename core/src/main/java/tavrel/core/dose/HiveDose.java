package tavrel.core.dose;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.hive.Hive;
import tavrel.core.hive.Shutting;
import tavrel.core.hive.SupersPlan;
import tavrel.core.rulesheet.Finding;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.LabelPoint;
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
 * @param eachLoad one load as it is measured, by weight or in scoops
 * @param supersPlan what will be done with its supers
 * @param totalAcid grams after rounding: what is judged and logged
 * @param totalProduct grams of product after rounding
 * @param error totalAcid less target, grams
 * @param errorPercent the same in percent of the target
 * @param judgement what the rule sheet says of it
 * @param exception why it gets another amount than the round, or null
 * @param why the computation, step by step
 */
public record HiveDose(
    Hive hive,
    double boxFactor,
    double target,
    Loads loads,
    Fact eachLoad,
    SupersPlan supersPlan,
    double totalAcid,
    double totalProduct,
    double error,
    double errorPercent,
    Judgement judgement,
    @Nullable String exception,
    List<Fact> why) {

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
        loads.told(settings.measure()),
        supersPlan,
        loads.totalAcid(),
        loads.totalProduct(),
        error,
        100 * error / target,
        judgement,
        exception == null ? null : exception.reason(),
        DoseSteps.of(hive, settings, exception, target, loads));
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
            LabelPoint.THE_MEASURE,
            null,
            (errorPercent < 0 ? Fact.of("dose.measureGivesLess") : Fact.of("dose.measureGivesMore"))
                .share("share", Math.abs(errorPercent) / 100)));
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
}
