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
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.pace.RunLength;
import tavrel.core.ready.Cautions;
import tavrel.core.ready.YardSheet;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.run.Part;
import tavrel.core.run.PeopleCheck;
import tavrel.core.run.PlannedHive;
import tavrel.core.run.ReadyPoint;
import tavrel.core.run.RunBoard;
import tavrel.core.run.RunReview;
import tavrel.core.run.RunTool;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.Rescue;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.weather.WeatherThere;
import tavrel.server.weather.YardWeather;

/** Rounds as they stand, and their runs. */
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
  private final Clock clock;

  Rounds(
      RoundMapper mapper,
      DoseSheets doses,
      RunLog log,
      LineUps lineUps,
      Apiaries apiaries,
      YardWeather weather,
      RuleSheets ruleSheets,
      Clock clock) {
    this.mapper = mapper;
    this.doses = doses;
    this.log = log;
    this.lineUps = lineUps;
    this.apiaries = apiaries;
    this.weather = weather;
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
   * @param there weather there now, if known
   * @param cautions the usual cautions for its tool
   * @param people what to confirm before burning
   * @param readiness what there is to make ready ahead
   * @param toReady which of it matters, hive by hive
   * @param rescue what is at hand where somebody is hurt there
   */
  public record WholeRound(
      Round round,
      Apiary apiary,
      RuleSheet ruleSheet,
      List<RoundHive> hives,
      @Nullable ConfirmedPeopleCheck peopleCheck,
      @Nullable WeatherThere there,
      List<Fact> cautions,
      List<AskedPoint> people,
      List<AskedReadiness> readiness,
      List<HiveToReady> toReady,
      Rescue rescue) {}

  /**
   * One point of the people check.
   *
   * @param point the point
   */
  public record AskedPoint(PeopleCheck.Point point) {}

  /**
   * One point of making a hive ready.
   *
   * @param point the point
   */
  public record AskedReadiness(ReadyPoint point) {}

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

  /** Days of rounds planned and not finished, by hive, where a hive was not treated in them yet. */
  public Map<UUID, List<LocalDate>> plannedDays() {
    return mapper.plannedDays().stream()
        .collect(
            Collectors.groupingBy(
                RoundMapper.PlannedDay::hiveId,
                Collectors.mapping(RoundMapper.PlannedDay::day, Collectors.toList())));
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
    Round round = mapper.lock(id).orElseThrow(() -> Problem.missing(Missing.ROUND));
    if (round.discardedAt() != null || round.finishedAt() != null) {
      throw Problem.conflict(Fact.of("refused.roundIsOver"));
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
            .orElseThrow(() -> Problem.missing(Missing.TOOL_OF_RUN));
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
    return mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.ROUND));
  }

  /** Name of each hive in a round. */
  public Map<UUID, String> hiveNames(UUID roundId) {
    return mapper.hives(roundId).stream()
        .collect(Collectors.toMap(RoundHive::hiveId, RoundHive::hiveName));
  }

  WholeRound byId(UUID id) {
    Round round = mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.ROUND));
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
        Arrays.stream(PeopleCheck.Point.values()).map(AskedPoint::new).toList(),
        Arrays.stream(ReadyPoint.values()).map(AskedReadiness::new).toList(),
        hives.stream()
            .map(hive -> new HiveToReady(hive.hiveId(), ReadyPoint.of(hive.floor(), hive.supers())))
            .toList(),
        apiaries.rescue(apiary.id()));
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
      throw Problem.missing(Missing.KIT_LINE);
    }
    return mapper.kit(id);
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
}
