package tavrel.server.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
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
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.Amount;
import tavrel.core.dose.DoseSettings;
import tavrel.core.dose.DoseSheet;
import tavrel.core.measure.Measure;
import tavrel.core.measure.Strength;
import tavrel.core.pace.RunLength;
import tavrel.core.ready.Cautions;
import tavrel.core.ready.YardSheet;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;
import tavrel.core.run.CrewLog;
import tavrel.core.run.Part;
import tavrel.core.run.PeopleCheck;
import tavrel.core.run.PlannedHive;
import tavrel.core.run.ReadyPoint;
import tavrel.core.run.RunBoard;
import tavrel.core.run.RunReview;
import tavrel.core.run.RunTool;
import tavrel.core.weather.HourRule;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.gear.GearService;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.weather.WeatherThere;
import tavrel.server.weather.YardWeather;

/** Rounds: planned from a dose sheet, begun by a people check, worked through their log. */
@Service
public class Rounds {

  /** Events that come so long after they happened are told in the review, s. */
  private static final int LATE_SECONDS = 60;

  /** Hours of weather that a review shows. */
  private static final int MOST_HOURS = 24;

  private final RoundMapper mapper;
  private final DoseSheets doses;
  private final RunLog log;
  private final LineUps lineUps;
  private final Apiaries apiaries;
  private final YardWeather weather;
  private final RuleSheets ruleSheets;
  private final GearService gearService;
  private final Clock clock;

  Rounds(
      RoundMapper mapper,
      DoseSheets doses,
      RunLog log,
      LineUps lineUps,
      Apiaries apiaries,
      YardWeather weather,
      RuleSheets ruleSheets,
      GearService gearService,
      Clock clock) {
    this.mapper = mapper;
    this.doses = doses;
    this.log = log;
    this.lineUps = lineUps;
    this.apiaries = apiaries;
    this.weather = weather;
    this.ruleSheets = ruleSheets;
    this.gearService = gearService;
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
   * @param there weather there now, if known
   * @param cautions the usual cautions for its tool
   * @param people what to confirm before burning
   * @param readiness what there is to make ready ahead
   * @param toReady which of it matters, hive by hive
   */
  public record WholeRound(
      Round round,
      Apiary apiary,
      RuleSheet ruleSheet,
      List<RoundHive> hives,
      @Nullable ConfirmedPeopleCheck peopleCheck,
      @Nullable WeatherThere there,
      List<String> cautions,
      List<AskedPoint> people,
      List<AskedReadiness> readiness,
      List<HiveToReady> toReady) {}

  /**
   * One point of the people check.
   *
   * @param point the point
   * @param words as it is asked
   */
  public record AskedPoint(PeopleCheck.Point point, String words) {}

  /**
   * One point of making a hive ready.
   *
   * @param point the point
   * @param words as it is asked
   */
  public record AskedReadiness(ReadyPoint point, String words) {}

  /**
   * What to make ready at a hive ahead of its burn.
   *
   * @param hiveId the hive
   * @param points the points that matter there, in the order of doing
   */
  public record HiveToReady(UUID hiveId, List<ReadyPoint> points) {}

  /**
   * A run looked back on.
   *
   * @param round as planned
   * @param apiary where
   * @param names name of each hive in it
   * @param tools its tools, by number
   * @param review what was done, or null where nothing has happened yet
   * @param weather every hour of it
   * @param cameLate events that reached us long after they happened
   */
  record Looked(
      Round round,
      Apiary apiary,
      Map<UUID, String> names,
      List<LineUps.LinedTool> tools,
      @Nullable RunReview review,
      List<WeatherThere> weather,
      List<CameLate> cameLate) {}

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

  /** Rounds that are planned or under way. */
  public List<Round> open() {
    return mapper.open();
  }

  /** The board of a round now, as who plays this part should see it. */
  public RunBoard board(UUID roundId, Part part) {
    return log.board(roundId, part);
  }

  /** Who and what works in a run. */
  LineUps.LineUp lineUp(UUID id) {
    return lineUps.of(round(id));
  }

  /** Sets who and what works in a run, see {@link LineUps#set}. */
  @Transactional
  public void lineUp(UUID id, NewLineUp wanted, Account who) {
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing("This round"));
    if (round.discardedAt() != null || round.finishedAt() != null) {
      throw Problem.conflict("This round is over.");
    }
    lineUps.set(round, wanted, who);
  }

  /** What was reckoned or measured for a run has changed, and is kept. */
  public void changed(UUID id) {
    log.forget(id);
  }

  /** A tool of a run: what the run knows of it, and its key in the gear, if it is there. */
  public record ToolThere(RunTool tool, @Nullable UUID toolId) {}

  /**
   * The tool of a run with this number.
   *
   * @throws Problem 404 where the run has none
   */
  public ToolThere tool(UUID roundId, int number) {
    Round round = round(roundId);
    RunTool tool =
        lineUps.tools(round).stream()
            .filter(each -> each.number() == number)
            .findFirst()
            .orElseThrow(() -> Problem.missing("This tool of the run"));
    return new ToolThere(tool, lineUps.toolId(round, number));
  }

  /** Looks back on a run. */
  Looked lookBack(UUID id) {
    Round round = round(id);
    Apiary apiary = apiaries.byId(round.apiaryId());
    RunReview review = log.review(round);
    List<WeatherThere> told = new ArrayList<>();
    if (review != null) {
      Instant hour = review.from().truncatedTo(ChronoUnit.HOURS);
      while (!hour.isAfter(review.to()) && told.size() < MOST_HOURS) {
        WeatherThere there = weather.weatherAt(apiary, hour);
        if (there != null) {
          told.add(there);
        }
        hour = hour.plus(1, ChronoUnit.HOURS);
      }
    }
    return new Looked(
        round,
        apiary,
        hiveNames(id),
        lineUps.of(round).tools(),
        review,
        List.copyOf(told),
        mapper.cameLate(id, LATE_SECONDS));
  }

  /** Acid that the dose sheet has for one load of a hive, g; 0 for a hive that is not in it. */
  public double acidIn(UUID roundId, UUID hiveId, int load) {
    PlannedHive hive = log.planned(roundId, hiveId);
    return hive == null ? 0 : hive.acidIn(List.of(load));
  }

  /** The same in g of product, by which test burns go. */
  public double productIn(UUID roundId, UUID hiveId, int load) {
    PlannedHive hive = log.planned(roundId, hiveId);
    return hive == null ? 0 : hive.productIn(List.of(load));
  }

  /**
   * The round with this id.
   *
   * @throws Problem 404
   */
  public Round round(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing("This round"));
  }

  /** Name of each hive in a round. */
  public Map<UUID, String> hiveNames(UUID roundId) {
    return mapper.hives(roundId).stream()
        .collect(Collectors.toMap(RoundHive::hiveId, RoundHive::hiveName));
  }

  WholeRound byId(UUID id) {
    Round round = mapper.byId(id).orElseThrow(() -> Problem.missing("This round"));
    Apiary apiary = apiaries.byId(round.apiaryId());
    List<RoundHive> hives = mapper.hives(id);
    return new WholeRound(
        round,
        apiary,
        ruleSheets.byId(round.ruleSheetId()),
        hives,
        log.peopleCheck(id),
        weather.weatherAt(apiary, clock.instant()),
        Cautions.of(round.toolFamily()),
        Arrays.stream(PeopleCheck.Point.values())
            .map(point -> new AskedPoint(point, point.words()))
            .toList(),
        Arrays.stream(ReadyPoint.values())
            .map(point -> new AskedReadiness(point, point.words()))
            .toList(),
        hives.stream()
            .map(hive -> new HiveToReady(hive.hiveId(), ReadyPoint.of(hive.floor(), hive.supers())))
            .toList());
  }

  /** Today's sheets, kept nowhere. */
  YardSheet yardSheet(UUID apiaryId, DoseSheets.DoseQuestion question) {
    return doses.today(apiaryId, question);
  }

  /** How long today's round takes. */
  RunLength runLength(UUID apiaryId, DoseSheets.PaceQuestion question) {
    return doses.runLength(apiaryId, question);
  }

  /** The kit of a round, with its ticks. */
  List<KitLine> kit(UUID id) {
    return mapper.kit(id);
  }

  /**
   * Ticks a thing as packed, or takes the tick back.
   *
   * @throws Problem 404 if the round has no such thing
   */
  @Transactional
  public List<KitLine> tick(UUID id, String item, boolean packed, Account who) {
    if (mapper.tick(id, item, packed ? who.name() : null, packed ? clock.instant() : null) == 0) {
      throw Problem.missing("This line of the kit list");
    }
    return mapper.kit(id);
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
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing("This round"));
    if (!mapper.events(id).isEmpty()) {
      throw Problem.conflict(
          "This round has begun. Skip the hives that are left, with a reason, to end it.");
    }
    if (round.discardedAt() == null) {
      mapper.discard(id, clock.instant());
    }
  }

  /**
   * Keeps who confirmed the people check, and when. A second confirmation changes nothing, unless
   * the rest was put off in between.
   *
   * @param at when
   * @throws InvalidValue if that lies in the future or before the round was planned, or the hour is
   *     unsafe and nobody says why they go on; what comes late from a device is kept all the same
   */
  @Transactional
  public void confirmPeople(UUID id, PeopleCheck check, Instant at, Account who) {
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing("This round"));
    if (round.discardedAt() != null) {
      throw Problem.conflict("This round was thrown away.");
    }
    RunLog.inTime(at, round, clock.instant());
    CrewLog.Halt putOff = CrewLog.of(mapper.events(id)).putOff();
    Optional<ConfirmedPeopleCheck> before = mapper.peopleCheck(id);
    if (before.isPresent() && (putOff == null || !putOff.at().isAfter(before.get().at()))) {
      return;
    }
    Apiary apiary = apiaries.byId(round.apiaryId());
    WeatherThere there = weather.weatherAt(apiary, at);
    String side = there == null || there.madeUp() ? null : there.windSide();
    refuseUnsafe(check, there, at);
    String points =
        check.confirmed().stream().map(Enum::name).sorted().collect(Collectors.joining(","));
    mapper.addPeopleCheck(
        id,
        points,
        new ConfirmedPeopleCheck(
            side, who.name(), at, weather.toldCelsius(apiary, at), check.unsafeReason()),
        who.id());
  }

  private void refuseUnsafe(PeopleCheck check, @Nullable WeatherThere there, Instant at) {
    boolean late = at.isBefore(clock.instant().minusSeconds(LATE_SECONDS));
    if (there == null || there.madeUp() || late || check.unsafeReason() != null) {
      return;
    }
    List<String> dangers = HourRule.dangers(there.weather());
    if (!dangers.isEmpty()) {
      throw new InvalidValue(
          "unsafeReason",
          "is missing: "
              + String.join("; ", dangers)
              + " ("
              + there.says()
              + "). Stay away, or say why not");
    }
  }

  /** Keeps events of a run, see {@link RunLog#keep}. */
  public RunBoard keep(UUID id, Collection<NewEvent> events, Account who) {
    return log.keep(id, List.copyOf(events), who, Part.FIRST, null);
  }

  /** Keeps events of a run as a device sent them, see {@link RunLog#keep}. */
  RunBoard keep(
      UUID id,
      Collection<NewEvent> events,
      Account who,
      Part part,
      @Nullable Duration deviceAhead) {
    return log.keep(id, List.copyOf(events), who, part, deviceAhead);
  }

  private static void refuseUnfit(YardSheet yard) {
    List<String> unfit = new ArrayList<>();
    for (int line = 0; line < yard.hives().size(); line++) {
      String why = yard.hives().get(line).unfit();
      if (why != null) {
        unfit.add(yard.dose().hives().get(line).hive().name() + " (" + why + ")");
      }
    }
    if (!unfit.isEmpty()) {
      throw new InvalidValue(
          "toolId",
          "cannot be used for "
              + String.join(", ", unfit)
              + "; leave them out, or take a heated bowl");
    }
  }

  private Round round(
      UUID id, NewRound wanted, DoseSheet sheet, Apiary apiary, boolean offLabel, Account who) {
    DoseSettings settings = wanted.settings();
    Amount amount = settings.amount();
    Measure measure = settings.measure();
    Strength strength = settings.strength();
    Tool tool = wanted.toolId() == null ? null : gearService.tool(wanted.toolId());
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
