package tavrel.server.round;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.dose.Amount;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.rule.RuleSheet;
import tavrel.core.rule.Verdict;
import tavrel.core.weather.HourlyWeather;
import tavrel.core.weather.StandingSide;
import tavrel.core.yardrun.PeopleCheck;
import tavrel.core.yardrun.RunBoard;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.rulesheet.RuleSheets;

/** Rounds: planned from a dose sheet, begun by a people check, worked through their log. */
@Service
public class Rounds {

  private final RoundMapper mapper;
  private final DoseSheets doses;
  private final RunLog log;
  private final Apiaries apiaries;
  private final RuleSheets ruleSheets;
  private final Clock clock;

  Rounds(
      RoundMapper mapper,
      DoseSheets doses,
      RunLog log,
      Apiaries apiaries,
      RuleSheets ruleSheets,
      Clock clock) {
    this.mapper = mapper;
    this.doses = doses;
    this.log = log;
    this.apiaries = apiaries;
    this.ruleSheets = ruleSheets;
    this.clock = clock;
  }

  /**
   * A round with all that its run needs on the spot.
   *
   * @param round as planned
   * @param apiary where
   * @param ruleSheet the sheet it was judged by
   * @param hives its dose sheet
   * @param peopleCheck the people check, or null while it is open
   * @param weather this hour's weather there, if known
   * @param windSide the side that the wind comes from in it
   * @param weatherMadeUp whether that weather is made up
   * @param weatherFrom where it comes from, in words
   */
  public record WholeRound(
      Round round,
      Apiary apiary,
      RuleSheet ruleSheet,
      List<RoundHive> hives,
      @Nullable KeptPeopleCheck peopleCheck,
      @Nullable HourlyWeather weather,
      @Nullable String windSide,
      boolean weatherMadeUp,
      String weatherFrom) {}

  /**
   * A round planned for a series.
   *
   * @param id the round
   * @param number which of the series
   * @param day its day
   * @param finished whether its last hive was done
   */
  public record InSeries(UUID id, int number, LocalDate day, boolean finished) {}

  /** Rounds planned for a series and not thrown away, in the order they were planned. */
  public List<InSeries> inSeries(UUID seriesId) {
    return mapper.inSeries(seriesId);
  }

  /** Days on which each hive of an apiary was treated, ascending. */
  public Map<UUID, List<LocalDate>> treatedDays(UUID apiaryId) {
    return mapper.treatedDays(apiaryId).stream()
        .collect(
            Collectors.groupingBy(
                TreatedDay::hiveId, Collectors.mapping(TreatedDay::day, Collectors.toList())));
  }

  /** Rounds that are planned or under way. */
  public List<Round> open() {
    return mapper.open();
  }

  /** The latest day on which a hive of an apiary was treated. */
  public Optional<LocalDate> lastDayIn(UUID apiaryId) {
    return mapper.lastDayIn(apiaryId);
  }

  /** The board of a round now. */
  public RunBoard board(UUID roundId) {
    return log.board(roundId);
  }

  /** Name of each hive in a round. */
  public Map<UUID, String> hiveNames(UUID roundId) {
    return mapper.hives(roundId).stream()
        .collect(Collectors.toMap(RoundHive::hiveId, RoundHive::hiveName));
  }

  WholeRound byId(UUID id) {
    Round round = mapper.byId(id).orElseThrow(() -> Problem.missing("This round"));
    Apiary apiary = apiaries.byId(round.apiaryId());
    HourlyWeather weather = apiaries.weatherAt(apiary, clock.instant());
    return new WholeRound(
        round,
        apiary,
        ruleSheets.byId(round.ruleSheetId()),
        mapper.hives(id),
        mapper.peopleCheck(id).orElse(null),
        weather,
        weather == null ? null : StandingSide.of(weather.windFrom()),
        apiaries.weatherMadeUp(),
        apiaries.weatherSays());
  }

  /** Today's dose sheet, kept nowhere. */
  DoseSheet doseSheet(
      UUID apiaryId,
      UUID ruleSheetId,
      DoseSettings settings,
      @Nullable List<UUID> hiveIds,
      @Nullable Integer seriesNumber) {
    return doses.today(apiaryId, ruleSheetId, settings, hiveIds, seriesNumber);
  }

  /**
   * Plans a round from today's dose sheet. The same id again changes nothing, so that a second
   * press or a lost answer does no harm.
   *
   * @throws InvalidValue if the measure is too coarse, or an off-label dose has no reason
   * @throws Problem 409 if the apiary has a round open
   */
  @Transactional
  public Round plan(UUID id, NewRound wanted, Account who) {
    Optional<Round> kept = mapper.byId(id);
    if (kept.isPresent()) {
      if (!kept.get().apiaryId().equals(wanted.apiaryId())) {
        throw Problem.conflict("Another apiary's round has this id already.");
      }
      return kept.get();
    }
    Apiary apiary = apiaries.byId(wanted.apiaryId());
    if (!mapper.openIn(apiary.id()).isEmpty()) {
      throw Problem.conflict(
          apiary.name()
              + " has a round open. Finish it, or throw its plan away, before planning another.");
    }
    DoseSheet sheet =
        doses.today(
            apiary.id(),
            wanted.ruleSheetId(),
            wanted.settings(),
            wanted.hiveIds(),
            wanted.seriesNumber());
    if (!sheet.unmeasurable().isEmpty()) {
      throw new InvalidValue(
          "settings.measure",
          "is too coarse for "
              + String.join(", ", sheet.unmeasurable())
              + "; weigh it, or use a smaller scoop");
    }
    boolean offLabel = sheet.verdict() == Verdict.NOT_ON_LABEL;
    if (offLabel && wanted.offLabelReason() == null) {
      throw new InvalidValue(
          "offLabelReason",
          "is missing; a dose that is not on the label needs one, and stays marked in the register");
    }
    Round round = round(id, wanted, sheet, apiary, offLabel, who);
    mapper.add(round);
    sheet.hives().forEach(dose -> mapper.addHive(id, RoundHive.of(dose)));
    return round;
  }

  /**
   * Throws a plan away that nothing was logged in.
   *
   * @throws Problem 409 if something was
   */
  @Transactional
  public void discard(UUID id) {
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing("This round"));
    if (!mapper.events(id).isEmpty()) {
      throw Problem.conflict(
          "This round has begun. Skip the hives that are left, with a reason, to end it.");
    }
    if (round.discardedAt() == null) {
      mapper.discard(id, clock.instant());
    }
  }

  /** Keeps who confirmed the people check, and when; a second confirmation changes nothing. */
  @Transactional
  public WholeRound confirmPeople(UUID id, PeopleCheck check, Account who) {
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing("This round"));
    if (round.discardedAt() != null) {
      throw Problem.conflict("This round was thrown away.");
    }
    if (mapper.peopleCheck(id).isEmpty()) {
      String side = apiaries.weatherMadeUp() ? null : byId(id).windSide();
      String points =
          check.confirmed().stream().map(Enum::name).sorted().collect(Collectors.joining(","));
      mapper.addPeopleCheck(
          id, points, new KeptPeopleCheck(side, who.name(), clock.instant()), who.id());
    }
    return byId(id);
  }

  /** Keeps events of a run, see {@link RunLog#keep}. */
  public RunBoard keep(UUID id, Collection<NewEvent> events, Account who) {
    return log.keep(id, List.copyOf(events), who);
  }

  private Round round(
      UUID id, NewRound wanted, DoseSheet sheet, Apiary apiary, boolean offLabel, Account who) {
    DoseSettings settings = wanted.settings();
    Amount amount = settings.amount();
    Measure measure = settings.measure();
    Strength strength = settings.strength();
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
        wanted.tool(),
        wanted.product(),
        wanted.lot(),
        offLabel ? wanted.offLabelReason() : null,
        doses.celsius(apiary),
        who.name(),
        clock.instant(),
        null,
        null,
        wanted.seriesId(),
        wanted.seriesNumber());
  }
}
