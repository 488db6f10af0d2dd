package tavrel.server.seasonplan;

import static java.time.temporal.ChronoUnit.MINUTES;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.NumberText;
import tavrel.core.seasonplan.PlacedVisit;
import tavrel.core.seasonplan.PlanSummary;
import tavrel.core.seasonplan.PlanWeights;
import tavrel.core.seasonplan.PlanYard;
import tavrel.core.seasonplan.PlannedSeries;
import tavrel.core.seasonplan.RoadCrew;
import tavrel.core.seasonplan.Roads;
import tavrel.core.seasonplan.SeasonPlan;
import tavrel.core.seasonplan.SeasonProblem;
import tavrel.core.weather.Place;
import tavrel.core.weather.Window;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.Holds;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.outfit.Depot;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;
import tavrel.server.series.SeriesService;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;
import tavrel.server.weather.YardWeather;

/** The season plan: put together, looked at, changed by hand, agreed. */
@Service
public class SeasonPlanService {

  /**
   * Something that cannot be planned.
   *
   * @param apiaryId where
   * @param apiary its name
   * @param says why, and what to do
   */
  public record LeftOutYard(UUID apiaryId, String apiary, Fact says) {}

  /**
   * A problem with what had to be left out of it.
   *
   * @param problem what can be planned; null while there is no depot, crew or work
   * @param leftOut what cannot
   * @param missing what is to be entered first, or null
   */
  public record PlanInput(
      @Nullable SeasonProblem problem, List<LeftOutYard> leftOut, @Nullable Fact missing) {}

  private record ByHand(SeasonProblem problem, PlanSummary figures) {}

  private final SeriesToPlanMapper mapper;
  private final SeriesToPlanService seriesToPlanService;
  private final Crews crews;
  private final Apiaries apiaries;
  private final Holds holds;
  private final Hives allHives;
  private final YardWeather weather;
  private final SeriesService series;
  private final OwnParameters figures;
  private final OutfitDay outfitDay;
  private final Clock clock;
  private final KeptWhileUnchanged<String, Map<AgreedRound, String>> agreedCrews;
  private volatile @Nullable ByHand byHand;

  SeasonPlanService(
      SeriesToPlanMapper mapper,
      SeriesToPlanService seriesToPlanService,
      Crews crews,
      Apiaries apiaries,
      Holds holds,
      Hives allHives,
      YardWeather weather,
      SeriesService series,
      OwnParameters figures,
      OutfitDay outfitDay,
      Changes changes,
      Clock clock) {
    agreedCrews = new KeptWhileUnchanged<>(changes, all -> readAgreedCrews(), "seasonplan");
    this.mapper = mapper;
    this.seriesToPlanService = seriesToPlanService;
    this.crews = crews;
    this.apiaries = apiaries;
    this.holds = holds;
    this.allHives = allHives;
    this.weather = weather;
    this.series = series;
    this.figures = figures;
    this.outfitDay = outfitDay;
    this.clock = clock;
  }

  /** The days that are planned: as the keeper set them, never before today. */
  DaySpan span() {
    LocalDate today = today();
    DaySpan kept =
        mapper
            .span()
            .orElse(new DaySpan(today, today.plusDays(SeriesToPlanService.USUAL_DAYS - 1L)));
    LocalDate from = kept.from().isBefore(today) ? today : kept.from();
    return new DaySpan(
        from,
        kept.to().isBefore(from) ? from.plusDays(SeriesToPlanService.USUAL_DAYS - 1L) : kept.to());
  }

  /**
   * Sets the days that are planned.
   *
   * @throws InvalidValue if they are too many, or over already
   */
  @Transactional
  void keepSpan(LocalDate from, LocalDate to) {
    if (to.isBefore(from)) {
      throw new InvalidValue("to", "liesBeforeFirstDay2", "lies before the first day");
    }
    if (to.isBefore(today())) {
      throw new InvalidValue(
          "to", "overTakeDayFrom", "is over; take a day from {today} on", NumberText.day(today()));
    }
    DaySpan span = new DaySpan(from, to);
    InvalidValue.inRange("to", span.days(), 1, SeasonProblem.MOST_DAYS, "days in all");
    mapper.keepSpan(span);
  }

  /** Everything as the plan sees it now. */
  public PlanInput input() {
    return input(PlanWeights.of(figures.own()), seriesToPlanService.all(), crews.all());
  }

  /** The same with other weights, work or crews, to ask what would be if. */
  PlanInput input(
      PlanWeights weights, List<SeriesToPlanService.Planned> planned, List<OutfitCrew> outfit) {
    DaySpan span = span();
    List<LeftOutYard> leftOut = new ArrayList<>();
    Map<UUID, Apiary> yards = new TreeMap<>();
    Map<UUID, Integer> hives = allHives.counts();
    for (SeriesToPlanService.Planned each : planned) {
      Apiary apiary = apiaries.byId(each.toPlan().apiaryId());
      Fact why =
          apiary.place() == null
              ? Fact.of("missing.place")
              : !hives.containsKey(apiary.id()) ? Fact.of("missing.hives") : null;
      if (why == null) {
        yards.put(apiary.id(), apiary);
      } else {
        leftOut.add(new LeftOutYard(apiary.id(), apiary.name(), why));
      }
    }
    Depot depot = crews.depot().orElse(null);
    Fact missing =
        depot == null
            ? Fact.of("missing.depot")
            : outfit.isEmpty()
                ? Fact.of("missing.crew")
                : yards.isEmpty() ? Fact.of("missing.work") : null;
    if (missing != null || depot == null) {
      return new PlanInput(null, List.copyOf(leftOut), missing);
    }
    List<PlannedSeries> work =
        planned.stream()
            .filter(each -> yards.containsKey(each.toPlan().apiaryId()))
            .map(each -> seriesToPlanService.planned(each, span))
            .toList();
    List<RoadCrew> onTheRoad = crews.onTheRoad(outfit, List.copyOf(yards.values()));
    List<SeriesToPlanMapper.KeptVisit> visits = mapper.visits();
    Roads roads = crews.roads();
    return new PlanInput(
        new SeasonProblem(
            span,
            Depot.ID,
            depot.place(),
            depot.zoneId(),
            onTheRoad,
            yards.values().stream()
                .sorted(Comparator.comparing(Apiary::name))
                .map(yard -> yard(yard, span, depot, roads))
                .toList(),
            work,
            roads,
            weights,
            visits.stream().map(SeasonPlanService::standing).toList(),
            visits.stream().map(SeasonPlanService::agreed).toList(),
            locked()),
        List.copyOf(leftOut),
        null);
  }

  /**
   * An apiary with its hours; of today's, those that a crew leaving the depot now still reaches.
   */
  private PlanYard yard(Apiary apiary, DaySpan span, Depot depot, Roads roads) {
    Place place = Objects.requireNonNull(apiary.place());
    Map<LocalDate, List<Window>> hours = new HashMap<>(weather.workable(apiary, span));
    Instant there =
        clock
            .instant()
            .plus(roads.way(Depot.ID, depot.place(), apiary.id(), place).minutes(), MINUTES);
    hours.computeIfPresent(
        apiaries.today(apiary),
        (today, windows) ->
            windows.stream().flatMap(window -> window.after(there).stream()).toList());
    return new PlanYard(
        apiary.id(),
        apiary.name(),
        place,
        hours,
        holds.now(apiary.id()).isPresent(),
        seriesToPlanService.daysOff(apiary.id(), span));
  }

  /** The plan as it stands. */
  SeasonPlan standing(SeasonProblem problem) {
    return SeasonPlan.of(problem, problem.standing());
  }

  /** The plan as it was agreed last. */
  SeasonPlan agreed(SeasonProblem problem) {
    return SeasonPlan.of(problem, problem.agreed());
  }

  /** What the plan by hand comes to; reckoned again only when something changed. */
  PlanSummary byHand(SeasonProblem problem) {
    SeasonProblem asked = problem.withStanding(List.of());
    ByHand known = byHand;
    if (known == null || !known.problem().equals(asked)) {
      known = new ByHand(asked, SeasonPlan.byHand(asked).figures());
      byHand = known;
    }
    return known.figures();
  }

  /** Keeps what a search found; pinned visits are where they were. */
  @Transactional
  public void keep(SeasonPlan plan) {
    for (PlacedVisit visit : plan.visits()) {
      mapper.put(visit.seriesId(), visit.number(), visit.crewId(), visit.day(), visit.pinned());
    }
  }

  /**
   * Puts a round somewhere by hand.
   *
   * @throws InvalidValue if the crew is unknown or the day is not planned
   */
  @Transactional
  void put(PlacedVisit visit) {
    if (visit.crewId() != null && crews.byId(visit.crewId()) == null) {
      throw new InvalidValue("crewId", "noCrewThisOutfit", "is no crew of this outfit");
    }
    if (visit.day() != null && !span().contains(visit.day())) {
      throw new InvalidValue("day", "doesNotLieDays", "does not lie in the days that are planned");
    }
    boolean known =
        seriesToPlanService.all().stream()
            .anyMatch(
                each ->
                    each.toPlan().id().equals(visit.seriesId())
                        && visit.number() >= each.next()
                        && visit.number() <= each.toPlan().rounds());
    if (!known) {
      throw Problem.missing(Missing.ROUND);
    }
    mapper.put(visit.seriesId(), visit.number(), visit.crewId(), visit.day(), visit.pinned());
  }

  /** Locks a day: only pinned visits stay on it. */
  @Transactional
  void lock(LocalDate day, String reason) {
    if (!span().contains(day)) {
      throw new InvalidValue("day", "doesNotLieDays", "does not lie in the days that are planned");
    }
    mapper.lock(day, InvalidValue.text("reason", reason, 200));
  }

  /** Opens it again. */
  @Transactional
  void unlock(LocalDate day) {
    mapper.unlock(day);
  }

  Map<LocalDate, String> locked() {
    Map<LocalDate, String> locked = new HashMap<>();
    mapper.locked().forEach(each -> locked.put(each.day(), each.reason()));
    return locked;
  }

  /** Every round back to where it was agreed. */
  @Transactional
  void backToAgreed() {
    mapper.backToAgreed();
  }

  /**
   * Agrees the plan: its days become those of the series that Today, Dose and Run follow.
   *
   * @param offLabelReason why, for series that have no reason of their own; otherwise null
   * @throws InvalidValue if days are not on the label of a series without a reason, naming it
   */
  @Transactional
  public void agree(@Nullable String offLabelReason, Account who) {
    Map<UUID, Map<Integer, LocalDate>> days =
        mapper.visits().stream()
            .filter(visit -> visit.day() != null)
            .collect(
                Collectors.groupingBy(
                    SeriesToPlanMapper.KeptVisit::seriesId,
                    Collectors.toMap(
                        SeriesToPlanMapper.KeptVisit::number,
                        visit -> Objects.requireNonNull(visit.day()))));
    for (SeriesToPlanService.Planned each : seriesToPlanService.all()) {
      Map<Integer, LocalDate> placed = days.get(each.toPlan().id());
      if (placed != null) {
        SeriesToPlan toPlan = each.toPlan();
        try {
          series.agree(
              new SeriesService.Agreed(
                  toPlan.id(),
                  toPlan.apiaryId(),
                  toPlan.name(),
                  toPlan.ruleSheetId(),
                  toPlan.gramsPerBox(),
                  toPlan.tool(),
                  toPlan.offLabelReason() == null ? offLabelReason : toPlan.offLabelReason(),
                  toPlan.rounds(),
                  toPlan.wantedGap(),
                  placed),
              who);
        } catch (InvalidValue refused) {
          throw new InvalidValue(
              refused.field(),
              "ofSeries",
              "{apiary}, {series}: {why}",
              apiaries.byId(toPlan.apiaryId()).name(),
              toPlan.name(),
              refused.told());
        }
      }
    }
    mapper.agreeAll();
  }

  /** Whom an agreed round of a series was given to, or null. */
  public @Nullable String agreedCrew(UUID seriesId, int number) {
    return agreedCrews.of("").get(new AgreedRound(seriesId, number));
  }

  private record AgreedRound(UUID seriesId, int number) {}

  private Map<AgreedRound, String> readAgreedCrews() {
    Map<AgreedRound, String> names = new HashMap<>();
    for (SeriesToPlanMapper.KeptVisit visit : mapper.visits()) {
      UUID crewId = visit.agreedCrewId();
      OutfitCrew crew = crewId == null ? null : crews.byId(crewId);
      if (crew != null) {
        names.put(new AgreedRound(visit.seriesId(), visit.number()), crew.name());
      }
    }
    return names;
  }

  private LocalDate today() {
    return outfitDay.today();
  }

  private static PlacedVisit standing(SeriesToPlanMapper.KeptVisit visit) {
    return new PlacedVisit(
        visit.seriesId(), visit.number(), visit.crewId(), visit.day(), visit.pinned());
  }

  private static PlacedVisit agreed(SeriesToPlanMapper.KeptVisit visit) {
    return new PlacedVisit(
        visit.seriesId(), visit.number(), visit.agreedCrewId(), visit.agreedDay(), false);
  }
}
