package tavrel.server.round;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.brood.BroodState;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.OnRecord;
import tavrel.core.hive.Hive;
import tavrel.core.rule.RuleSheet;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.brood.Broods;
import tavrel.server.http.Problem;
import tavrel.server.rulesheet.RuleSheets;

/** Dose sheets of an apiary as it stands today, with what the register knows of its hives. */
@Service
class DoseSheets {

  private final Apiaries apiaries;
  private final RuleSheets ruleSheets;
  private final RoundMapper mapper;
  private final Broods broods;
  private final Clock clock;

  DoseSheets(
      Apiaries apiaries, RuleSheets ruleSheets, RoundMapper mapper, Broods broods, Clock clock) {
    this.apiaries = apiaries;
    this.ruleSheets = ruleSheets;
    this.mapper = mapper;
    this.broods = broods;
    this.clock = clock;
  }

  /**
   * Computes today's sheet.
   *
   * @param hiveIds the hives to treat, or null for all
   * @param seriesNumber which round of its series this is, or null
   * @throws Problem 404 for an unknown apiary or sheet, 409 for an apiary without such hives
   */
  DoseSheet today(
      UUID apiaryId,
      UUID ruleSheetId,
      DoseSettings settings,
      @Nullable List<UUID> hiveIds,
      @Nullable Integer seriesNumber) {
    Apiary apiary = apiaries.byId(apiaryId);
    RuleSheet sheet = ruleSheets.byId(ruleSheetId);
    List<Hive> all = apiaries.hives(apiaryId);
    if (all.isEmpty()) {
      throw Problem.conflict("No hive stands in " + apiary.name() + ". Bring in a roster first.");
    }
    List<Hive> hives =
        hiveIds == null ? all : all.stream().filter(hive -> hiveIds.contains(hive.id())).toList();
    if (hives.isEmpty()) {
      throw Problem.conflict("No hive is chosen in " + apiary.name() + ". Choose one at least.");
    }
    LocalDate day = apiaries.today(apiary);
    return DoseSheet.of(
        hives, settings, sheet, onRecord(apiary, hives, day, seriesNumber), day, celsius(apiary));
  }

  /** Air temperature measured there now, °C, or null. */
  @Nullable Double celsius(Apiary apiary) {
    return apiaries.measuredCelsius(apiary, clock.instant());
  }

  private Map<UUID, OnRecord> onRecord(
      Apiary apiary, List<Hive> hives, LocalDate day, @Nullable Integer seriesNumber) {
    Map<UUID, TreatedBefore> treated =
        mapper
            .treatedBefore(apiary.id(), day.withDayOfYear(1), day.withMonth(12).withDayOfMonth(31))
            .stream()
            .collect(Collectors.toMap(TreatedBefore::hiveId, before -> before));
    Map<UUID, BroodState> brood = broods.today(apiary);
    return hives.stream()
        .collect(
            Collectors.toMap(
                Hive::id,
                hive -> {
                  TreatedBefore before = treated.get(hive.id());
                  return new OnRecord(
                      before == null ? null : before.lastDay(),
                      before == null ? 0 : before.thisYear(),
                      seriesNumber,
                      brood.get(hive.id()));
                }));
  }
}
