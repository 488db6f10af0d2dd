package tavrel.server.run;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.Amount;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.ready.YardSheet;
import tavrel.core.rulesheet.Verdict;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.gear.GearService;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Rounds planned from a dose sheet, and plans thrown away. */
@Service
public class RoundPlanning {

  private final RoundMapper mapper;
  private final DoseSheets doses;
  private final LineUps lineUps;
  private final Apiaries apiaries;
  private final GearService gear;
  private final Clock clock;

  RoundPlanning(
      RoundMapper mapper,
      DoseSheets doses,
      LineUps lineUps,
      Apiaries apiaries,
      GearService gear,
      Clock clock) {
    this.mapper = mapper;
    this.doses = doses;
    this.lineUps = lineUps;
    this.apiaries = apiaries;
    this.gear = gear;
    this.clock = clock;
  }

  /**
   * Plans a round from today's dose sheet. The same id again changes nothing, so that a second
   * press or a lost answer does no harm.
   *
   * @throws InvalidValue if the tool must not come near a hive, the measure is too coarse, or an
   *     off-label dose has no reason
   * @throws Problem 409 if the apiary has a round open
   */
  @Transactional
  public Round plan(UUID id, NewRound wanted, Account who) {
    Optional<Round> kept = mapper.byId(id);
    if (kept.isPresent()) {
      if (!kept.get().apiaryId().equals(wanted.apiaryId())) {
        throw Problem.conflict(Fact.of("refused.roundIdTaken"));
      }
      return kept.get();
    }
    Apiary apiary = apiaries.byId(wanted.apiaryId());
    if (!mapper.openIn(apiary.id()).isEmpty()) {
      throw Problem.conflict(Fact.of("refused.roundOpen").text("apiary", apiary.name()));
    }
    YardSheet yard =
        doses.today(
            apiary.id(),
            new DoseSheets.DoseQuestion(
                wanted.ruleSheetId(),
                wanted.settings(),
                wanted.hiveIds(),
                wanted.seriesNumber(),
                wanted.toolId()));
    DoseSheet sheet = yard.dose();
    refuseUnfit(yard);
    if (!sheet.unmeasurable().isEmpty()) {
      throw new InvalidValue(
          "settings.measure",
          "tooCoarseForWeigh",
          "is too coarse for {unmeasurable}; weigh it, or use a smaller scoop",
          String.join(", ", sheet.unmeasurable()));
    }
    boolean offLabel = sheet.verdict() == Verdict.NOT_ON_LABEL;
    if (offLabel && wanted.offLabelReason() == null) {
      throw new InvalidValue(
          "offLabelReason",
          "missingDoseNotOn",
          "is missing; a dose that is not on the label needs one, and stays marked in the register");
    }
    Round round = round(id, wanted, sheet, apiary, offLabel, who);
    mapper.add(round);
    for (int line = 0; line < sheet.hives().size(); line++) {
      mapper.addHive(id, RoundHive.of(sheet.hives().get(line), yard.hives().get(line)));
    }
    for (int number = 0; number < yard.kit().size(); number++) {
      mapper.addKit(id, number, yard.kit().get(number));
    }
    lineUps.usual(round, who);
    return round;
  }

  /**
   * Throws a plan away that nothing was logged in.
   *
   * @throws Problem 409 if something was
   */
  @Transactional
  public void discard(UUID id) {
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing(Missing.ROUND));
    if (!mapper.events(id).isEmpty()) {
      throw Problem.conflict(Fact.of("refused.roundHasBegun"));
    }
    if (round.discardedAt() == null) {
      mapper.discard(id, clock.instant());
    }
  }

  private static void refuseUnfit(YardSheet yard) {
    List<Fact> unfit = new ArrayList<>();
    for (int line = 0; line < yard.hives().size(); line++) {
      Fact why = yard.hives().get(line).unfit();
      if (why != null) {
        unfit.add(
            Fact.of("unfit.hive")
                .text("hive", yard.dose().hives().get(line).hive().name())
                .fact("why", why));
      }
    }
    if (!unfit.isEmpty()) {
      throw new InvalidValue(
          "toolId",
          "cannotUsedForLeave",
          "cannot be used for {unfit}; leave them out, or take a heated bowl",
          Fact.of("unfit.hives").facts("hives", unfit));
    }
  }

  private Round round(
      UUID id, NewRound wanted, DoseSheet sheet, Apiary apiary, boolean offLabel, Account who) {
    DoseSettings settings = wanted.settings();
    Amount amount = settings.amount();
    Measure measure = settings.measure();
    Strength strength = settings.strength();
    Tool tool = wanted.toolId() == null ? null : gear.tool(wanted.toolId());
    return new Round(
        id,
        apiary.id(),
        sheet.day(),
        wanted.ruleSheetId(),
        amount.grams(),
        amount.per(),
        amount.of(),
        settings.mediums(),
        strength.assay(),
        measure.spoon(),
        measure.step(),
        settings.capacity(),
        settings.supersPlan(),
        sheet.sealMinutes(),
        tool == null ? wanted.tool() : tool.name(),
        wanted.product(),
        wanted.lot(),
        offLabel ? wanted.offLabelReason() : null,
        doses.celsius(apiary),
        who.name(),
        clock.instant(),
        null,
        null,
        wanted.seriesId(),
        wanted.seriesNumber(),
        wanted.toolId(),
        tool == null ? ToolFamily.HEATED_BOWL : tool.family(),
        tool == null ? 0 : tool.coolSeconds(),
        tool == null ? 0 : tool.reloadSeconds(),
        settings.loosening());
  }
}
