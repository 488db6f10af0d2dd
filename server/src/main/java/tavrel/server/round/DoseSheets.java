package tavrel.server.round;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.OnRecord;
import tavrel.core.hive.Hive;
import tavrel.core.rule.RuleSheet;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Problem;
import tavrel.server.rulesheet.RuleSheets;

/** Dose sheets of an apiary as it stands today, with what the register knows of its hives. */
@Service
class DoseSheets {

  private final Apiaries apiaries;
  private final RuleSheets ruleSheets;
  private final RoundMapper mapper;
  private final Clock clock;

  DoseSheets(Apiaries apiaries, RuleSheets ruleSheets, RoundMapper mapper, Clock clock) {
    this.apiaries = apiaries;
    this.ruleSheets = ruleSheets;
    this.mapper = mapper;
    this.clock = clock;
  }

  /**
   * Computes today's sheet.
   *
   * @throws Problem 404 for an unknown apiary or sheet, 409 for an apiary without hives
   */
  DoseSheet today(UUID apiaryId, UUID ruleSheetId, DoseSettings settings) {
    Apiary apiary = apiaries.byId(apiaryId);
    RuleSheet sheet = ruleSheets.byId(ruleSheetId);
    List<Hive> hives = apiaries.hives(apiaryId);
    if (hives.isEmpty()) {
      throw Problem.conflict("No hive stands in " + apiary.name() + ". Bring in a roster first.");
    }
    LocalDate day = apiaries.today(apiary);
    return DoseSheet.of(hives, settings, sheet, past(apiaryId, day), day, celsius(apiary));
  }

  /** Air temperature measured there now, °C, or null. */
  @Nullable Double celsius(Apiary apiary) {
    return apiaries.measuredCelsius(apiary, clock.instant());
  }

  private Map<UUID, OnRecord> past(UUID apiaryId, LocalDate day) {
    return mapper
        .treatedBefore(apiaryId, day.withDayOfYear(1), day.withMonth(12).withDayOfMonth(31))
        .stream()
        .collect(
            Collectors.toMap(
                TreatedBefore::hiveId,
                before -> new OnRecord(before.lastDay(), before.thisYear(), null, null)));
  }
}
