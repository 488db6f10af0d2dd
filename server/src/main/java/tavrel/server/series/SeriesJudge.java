package tavrel.server.series;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.rulesheet.Judgement;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.register.TreatmentDays;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.spacing.SpacingService;

/** Holds days of series against their rule sheet: the hive that stands worst decides. */
@Component
public class SeriesJudge {

  private final BroodService broodService;
  private final TreatmentDays treatmentDays;
  private final RuleSheets ruleSheets;
  private final ApiaryYears apiaryYears;

  SeriesJudge(
      BroodService broodService,
      TreatmentDays treatmentDays,
      RuleSheets ruleSheets,
      ApiaryYears apiaryYears) {
    this.broodService = broodService;
    this.treatmentDays = treatmentDays;
    this.ruleSheets = ruleSheets;
    this.apiaryYears = apiaryYears;
  }

  /**
   * What is known of some hives, read once, so that many days can be held against it.
   *
   * @param also days of rounds of other series to come, by hive: two series share a label's year
   */
  HivesHeld of(
      Apiary apiary,
      List<UUID> hives,
      @Nullable UUID ruleSheetId,
      Map<UUID, List<LocalDate>> also) {
    Map<UUID, BroodClock> clocks = broodService.clocksOf(apiary);
    Map<UUID, List<LocalDate>> treated = treatmentDays.withOxalicAcid(apiary.id());
    RuleSheet sheet = ruleSheetId == null ? null : ruleSheets.byId(ruleSheetId);
    SeasonDates dates = apiaryYears.of(apiary).dates();
    return days -> {
      Judgement worst = null;
      for (UUID hive : hives) {
        List<LocalDate> before =
            treated.getOrDefault(hive, List.of()).stream()
                .filter(day -> !days.contains(day))
                .toList();
        BroodClock brood = clocks.get(hive);
        if (brood != null) {
          Judgement one =
              SpacingService.judge(
                  sheet, dates, brood, before, days, also.getOrDefault(hive, List.of()));
          if (one != null && (worst == null || one.verdict().compareTo(worst.verdict()) > 0)) {
            worst = one;
          }
        }
      }
      return worst;
    };
  }

  /** Hives held against a sheet. */
  @FunctionalInterface
  public interface HivesHeld {

    /** The worst judgement of all of them; null without a rule sheet. */
    @Nullable Judgement on(List<LocalDate> days);

    /**
     * The same, refused without a reason where it is not on the label.
     *
     * @throws InvalidValue naming the line of the sheet that says so
     */
    default @Nullable Judgement on(List<LocalDate> days, @Nullable String offLabelReason) {
      Judgement judgement = on(days);
      if (isOff(judgement) && (offLabelReason == null || offLabelReason.isBlank())) {
        throw new InvalidValue(
            "offLabelReason",
            "reasonMissingTheseDays",
            "a reason is missing; these days are not on your rule sheet ({judgement}), and the reason stays marked with them",
            Objects.requireNonNull(Judgement.decidedBy(judgement)));
      }
      return judgement;
    }
  }

  /** Whether a sheet forbids it. */
  public static boolean isOff(@Nullable Judgement judgement) {
    return judgement != null && judgement.verdict() == Verdict.NOT_ON_LABEL;
  }
}
