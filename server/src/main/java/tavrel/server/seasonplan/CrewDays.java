package tavrel.server.seasonplan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.burn.Tool;
import tavrel.core.burn.ToolFamily;
import tavrel.core.dose.BoxFactor;
import tavrel.core.dose.MediumBoxes;
import tavrel.core.ready.Cautions;
import tavrel.core.ready.DayKit;
import tavrel.core.ready.KitItem;
import tavrel.core.seasonplan.DayRoute;
import tavrel.core.seasonplan.SeasonPlan;
import tavrel.core.seasonplan.SeasonProblem;
import tavrel.core.weather.YardDay;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.gear.GearService;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.outfit.Depot;
import tavrel.server.weather.YardWeather;

/** A crew's agreed days: the route, and what it needs on it. */
@Service
class CrewDays {

  /**
   * One apiary of a day.
   *
   * @param seriesId the series
   * @param apiary where
   * @param series its name
   * @param number which of its rounds
   * @param rounds how many it has
   * @param hives that stand there
   * @param acid dihydrate by the boxes that stand there, g; the dose sheet of the day decides
   * @param km way to it from the stop before, km
   * @param arrives there
   * @param begins work
   * @param ends work
   * @param toConfirm whether no source tells of its hours yet: they are usual for the date
   */
  record DayStop(
      UUID seriesId,
      Apiary apiary,
      String series,
      int number,
      int rounds,
      int hives,
      double acid,
      double km,
      Instant arrives,
      Instant begins,
      Instant ends,
      boolean toConfirm) {}

  /**
   * A crew's day.
   *
   * @param crew who
   * @param day when
   * @param depot where it starts and ends
   * @param leaves the depot
   * @param back at the depot
   * @param km way in all, km
   * @param drivingMinutes time on the road, min
   * @param stops in order
   * @param hives in all
   * @param acid dihydrate in all, g
   * @param kit what to pack
   * @param cautions the usual ones
   * @param hoursSay where the hours come from, in words
   */
  record CrewDay(
      OutfitCrew crew,
      LocalDate day,
      Depot depot,
      Instant leaves,
      Instant back,
      double km,
      int drivingMinutes,
      List<DayStop> stops,
      int hives,
      double acid,
      List<KitItem> kit,
      List<Fact> cautions,
      List<Fact> hoursSay) {}

  private final SeasonPlanService plans;
  private final SeriesToPlanService seriesToPlanService;
  private final Crews crews;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final YardWeather weather;
  private final GearService gearService;

  CrewDays(
      SeasonPlanService plans,
      SeriesToPlanService seriesToPlanService,
      Crews crews,
      Apiaries apiaries,
      Hives allHives,
      YardWeather weather,
      GearService gearService) {
    this.plans = plans;
    this.seriesToPlanService = seriesToPlanService;
    this.crews = crews;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.weather = weather;
    this.gearService = gearService;
  }

  /**
   * All agreed days of a crew, soonest first.
   *
   * @throws Problem 404 for an unknown crew
   */
  List<CrewDay> of(UUID crewId) {
    OutfitCrew crew = crews.byId(crewId);
    Depot depot = crews.depot().orElse(null);
    if (crew == null) {
      throw Problem.missing(Missing.CREW);
    }
    SeasonProblem problem = plans.input().problem();
    if (problem == null || depot == null) {
      return List.of();
    }
    Map<UUID, SeriesToPlan> work =
        seriesToPlanService.all().stream()
            .map(SeriesToPlanService.Planned::toPlan)
            .collect(Collectors.toMap(SeriesToPlan::id, Function.identity()));
    SeasonPlan agreed = plans.agreed(problem);
    return agreed.routes().stream()
        .filter(route -> route.crewId().equals(crewId))
        .sorted(Comparator.comparing(DayRoute::day))
        .map(route -> day(crew, depot, route, work))
        .toList();
  }

  /**
   * One of them.
   *
   * @throws Problem 404 where nothing is agreed for that day
   */
  CrewDay on(UUID crewId, LocalDate day) {
    return of(crewId).stream()
        .filter(each -> each.day().equals(day))
        .findFirst()
        .orElseThrow(() -> Problem.missing(Missing.CREW_DAY));
  }

  private CrewDay day(OutfitCrew crew, Depot depot, DayRoute route, Map<UUID, SeriesToPlan> work) {
    List<DayStop> stops = new ArrayList<>();
    List<List<DayKit.DayHive>> hives = new ArrayList<>();
    for (DayRoute.RouteStop stop : route.stops()) {
      SeriesToPlan toPlan = work.get(stop.seriesId());
      if (toPlan == null) {
        continue;
      }
      List<DayKit.DayHive> here =
          allHives.in(stop.yardId()).stream()
              .map(
                  hive ->
                      new DayKit.DayHive(
                          hive,
                          toPlan.gramsPerBox() * BoxFactor.sum(hive.boxes(), MediumBoxes.BY_COMB)))
              .toList();
      hives.add(here);
      stops.add(
          new DayStop(
              toPlan.id(),
              apiaries.byId(stop.yardId()),
              toPlan.name(),
              stop.number(),
              toPlan.rounds(),
              here.size(),
              here.stream().mapToDouble(DayKit.DayHive::acid).sum(),
              stop.km(),
              stop.arrives(),
              stop.begins(),
              stop.ends(),
              stop.expectedMinutes() > 0));
    }
    List<Tool> tools = crew.toolIds().stream().map(gearService::tool).toList();
    return new CrewDay(
        crew,
        route.day(),
        depot,
        route.leaves(),
        route.back(),
        route.km(),
        route.drivingMinutes(),
        List.copyOf(stops),
        stops.stream().mapToInt(DayStop::hives).sum(),
        stops.stream().mapToDouble(DayStop::acid).sum(),
        DayKit.of(hives, tools, crew.cloths()),
        cautions(tools),
        hoursSay(route.day(), stops));
  }

  private List<Fact> hoursSay(LocalDate day, List<DayStop> stops) {
    if (stops.stream().anyMatch(DayStop::toConfirm)) {
      return List.of(Fact.of("weather.usualHours"));
    }
    return stops.stream()
        .map(stop -> weather.day(stop.apiary(), day))
        .filter(Objects::nonNull)
        .map(YardDay::source)
        .distinct()
        .toList();
  }

  /** The usual ones for every family of tool that comes along; for both where none is named. */
  private static List<Fact> cautions(List<Tool> tools) {
    Stream<ToolFamily> families =
        tools.isEmpty() ? Arrays.stream(ToolFamily.values()) : tools.stream().map(Tool::family);
    return families.distinct().flatMap(family -> Cautions.of(family).stream()).distinct().toList();
  }
}
