package tavrel.server.run;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;
import tavrel.core.brood.BroodState;
import tavrel.core.burn.Tool;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.dose.OnRecord;
import tavrel.core.hive.Hive;
import tavrel.core.mite.CurveChoice;
import tavrel.core.pace.RunLength;
import tavrel.core.pace.RunSetUp;
import tavrel.core.pace.ToolAtWork;
import tavrel.core.pace.UsualWork;
import tavrel.core.ready.HiveReady;
import tavrel.core.ready.YardSheet;
import tavrel.core.ready.YardWork;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.pace.PaceService;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.register.TreatmentDays;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.weather.YardWeather;

/** Sheets of an apiary as it stands today, with what the register and the gear know of it. */
@Service
class DoseSheets {

  /**
   * Whom and what a sheet is for.
   *
   * @param ruleSheetId the sheet to judge it by
   * @param settings what the keeper decided
   * @param hiveIds the hives to treat, or null for all that stand there
   * @param seriesNumber which round of its series this is, or null
   * @param toolId the tool from the gear, or null where it is only a name
   */
  record DoseQuestion(
      UUID ruleSheetId,
      DoseSettings settings,
      @Nullable List<UUID> hiveIds,
      @Nullable Integer seriesNumber,
      @Nullable UUID toolId) {}

  /**
   * A round whose time is asked for.
   *
   * @param dose the round
   * @param toolIds tools that come along; the same twice where there are two of it
   * @param work who works, with how many cloths and caps
   */
  record PaceQuestion(DoseQuestion dose, List<UUID> toolIds, UsualWork work) {}

  private final Apiaries apiaries;
  private final Hives allHives;
  private final YardWeather weather;
  private final RuleSheets ruleSheets;
  private final TreatmentDays treatmentDays;
  private final BroodService broodService;
  private final ApiaryYears apiaryYears;
  private final GearService gearService;
  private final OwnParameters figures;
  private final PaceService paceService;
  private final Clock clock;

  DoseSheets(
      Apiaries apiaries,
      Hives allHives,
      YardWeather weather,
      RuleSheets ruleSheets,
      TreatmentDays treatmentDays,
      BroodService broodService,
      ApiaryYears apiaryYears,
      GearService gearService,
      OwnParameters figures,
      PaceService paceService,
      Clock clock) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.weather = weather;
    this.ruleSheets = ruleSheets;
    this.treatmentDays = treatmentDays;
    this.broodService = broodService;
    this.apiaryYears = apiaryYears;
    this.gearService = gearService;
    this.figures = figures;
    this.paceService = paceService;
    this.clock = clock;
  }

  /**
   * Computes today's sheets: doses, what each hive needs, and the kit.
   *
   * @throws Problem 404 for an unknown apiary, sheet or tool, 409 for an apiary without such hives
   * @throws InvalidValue if a load is larger than the tool takes
   */
  YardSheet today(UUID apiaryId, DoseQuestion question) {
    Apiary apiary = apiaries.byId(apiaryId);
    RuleSheet sheet = ruleSheets.byId(question.ruleSheetId());
    DoseSettings settings = question.settings();
    Tool tool = question.toolId() == null ? null : gearService.tool(question.toolId());
    if (tool != null && settings.capacity() > tool.capacity()) {
      throw new InvalidValue(
          "settings.capacity",
          "moreThanTakesG",
          "is more than {tool} takes, {capacity}",
          tool.name(),
          Value.Grams.reckoned(tool.capacity()));
    }
    LocalDate day = apiaries.today(apiary);
    List<Hive> hives = chosen(apiary, question.hiveIds());
    DoseSheet dose =
        DoseSheet.of(
            hives,
            settings,
            sheet,
            onRecord(apiary, hives, day, question.seriesNumber()),
            day,
            celsius(apiary));
    HiveReady.Gear gear =
        new HiveReady.Gear(
            tool,
            tool == null ? null : gearService.fit(tool),
            dose.sealMinutes(),
            figures.seal(),
            CurveChoice.FIELD.in(figures.own()));
    return YardSheet.of(
        dose,
        gear,
        tool == null ? null : gearService.packOf(tool).orElse(null),
        paceService.usual());
  }

  /**
   * How long today's round takes with these tools and this crew.
   *
   * @throws InvalidValue without a tool, or with one whose burn time nobody knows
   */
  RunLength runLength(UUID apiaryId, PaceQuestion question) {
    InvalidValue.inRange("toolIds", question.toolIds().size(), 1, RunSetUp.MOST_TOOLS, "tools");
    YardSheet yard = today(apiaryId, question.dose());
    List<Tool> tools = question.toolIds().stream().map(gearService::tool).toList();
    List<ToolAtWork> atWork =
        tools.stream()
            .map(tool -> paceService.atWork(tool, PaceService.sharing(tool, tools)))
            .toList();
    return RunLength.of(YardWork.of(yard.dose(), yard.hives(), atWork, question.work()));
  }

  private List<Hive> chosen(Apiary apiary, @Nullable List<UUID> hiveIds) {
    List<Hive> all = allHives.in(apiary.id());
    if (all.isEmpty()) {
      throw Problem.conflict(Fact.of("refused.noHiveStands").text("apiary", apiary.name()));
    }
    Set<UUID> wanted = hiveIds == null ? Set.of() : Set.copyOf(hiveIds);
    List<Hive> hives =
        hiveIds == null ? all : all.stream().filter(hive -> wanted.contains(hive.id())).toList();
    if (hives.isEmpty()) {
      throw Problem.conflict(Fact.of("refused.noHiveChosen").text("apiary", apiary.name()));
    }
    return hives;
  }

  /** Air temperature measured there now, °C, or null. */
  @Nullable Double celsius(Apiary apiary) {
    return weather.toldCelsius(apiary, clock.instant());
  }

  private Map<UUID, OnRecord> onRecord(
      Apiary apiary, List<Hive> hives, LocalDate day, @Nullable Integer seriesNumber) {
    Map<UUID, List<LocalDate>> treated = treatmentDays.withOxalicAcid(apiary.id());
    Map<UUID, BroodState> brood = broodService.today(apiary);
    LocalDate supersGoOn = apiaryYears.of(apiary).dates().supersGoOnAfter(day);
    return hives.stream()
        .collect(
            Collectors.toMap(
                Hive::id,
                hive ->
                    OnRecord.of(
                        treated.getOrDefault(hive.id(), List.of()),
                        day,
                        seriesNumber,
                        brood.get(hive.id()),
                        supersGoOn)));
  }
}
