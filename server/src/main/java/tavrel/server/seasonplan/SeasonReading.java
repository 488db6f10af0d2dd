package tavrel.server.seasonplan;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.YearStretch;
import tavrel.core.seasonplan.PlanYard;
import tavrel.core.seasonplan.SeasonPlan;
import tavrel.core.seasonplan.SeasonProblem;
import tavrel.core.weather.HourGrade;
import tavrel.core.weather.Window;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.Hives;
import tavrel.server.weather.YardWeather;

/** The season plan as it is shown. */
@Service
class SeasonReading {

  private static final int MOST_SOURCES = 4;

  private final SeasonPlanService plans;
  private final SeriesToPlanService seriesToPlanService;
  private final Crews crews;
  private final SeasonSearches searches;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final YardWeather weather;
  private final ApiaryYears apiaryYears;
  private final SeriesToPlanMapper mapper;
  private final Clock clock;

  SeasonReading(
      SeasonPlanService plans,
      SeriesToPlanService seriesToPlanService,
      Crews crews,
      SeasonSearches searches,
      Apiaries apiaries,
      Hives allHives,
      YardWeather weather,
      ApiaryYears apiaryYears,
      SeriesToPlanMapper mapper,
      Clock clock) {
    this.plans = plans;
    this.seriesToPlanService = seriesToPlanService;
    this.crews = crews;
    this.searches = searches;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.weather = weather;
    this.apiaryYears = apiaryYears;
    this.mapper = mapper;
    this.clock = clock;
  }

  /** A change by hand: the search ends first, and answers to what-if are of the past. */
  SeasonView changed(Runnable change) {
    searches.stop();
    change.run();
    searches.forgetAnswers();
    return view();
  }

  /** The plan, all that it stands on and what is known of it. */
  SeasonView view() {
    SeasonPlanService.PlanInput whole = plans.input();
    SeasonProblem problem = whole.problem();
    List<SeriesToPlanMapper.KeptVisit> visits = mapper.visits();
    SeasonPlan plan = problem == null ? null : plans.standing(problem);
    return new SeasonView(
        clock.instant(),
        crews.depot().orElse(null),
        crews.all(),
        plans.span(),
        courseViews(),
        problem == null
            ? List.of()
            : problem.yards().stream().map(yard -> row(yard, problem.span())).toList(),
        whole.leftOut(),
        whole.missing(),
        plan,
        problem == null ? null : plans.byHand(problem),
        visits.stream().flatMap(visit -> agreed(visit).stream()).toList(),
        plan != null && differs(plan, visits),
        plans.locked(),
        searches.state(),
        searches.answers(),
        problem == null ? List.of() : hoursFrom(problem),
        problem != null && isMadeUp(problem));
  }

  /** Whether the forecast of any apiary is made up. */
  private boolean isMadeUp(SeasonProblem problem) {
    return problem.yards().stream()
        .map(yard -> apiaries.byId(yard.id()))
        .map(apiary -> weather.day(apiary, apiaries.today(apiary)))
        .anyMatch(day -> day != null && day.madeUp());
  }

  private List<Fact> hoursFrom(SeasonProblem problem) {
    return problem.yards().stream()
        .flatMap(yard -> weather.toldBy(apiaries.byId(yard.id())).stream())
        .distinct()
        .limit(MOST_SOURCES)
        .toList();
  }

  private List<SeasonView.SeriesView> courseViews() {
    Map<UUID, Integer> hives = allHives.counts();
    Map<UUID, String> names =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Apiary::name));
    return seriesToPlanService.all().stream()
        .map(
            each ->
                new SeasonView.SeriesView(
                    each.toPlan(),
                    names.getOrDefault(each.toPlan().apiaryId(), ""),
                    hives.getOrDefault(each.toPlan().apiaryId(), 0),
                    each.series() != null,
                    each.next()))
        .sorted(
            Comparator.comparing(SeasonView.SeriesView::apiary)
                .thenComparing(each -> each.series().startOn()))
        .toList();
  }

  private SeasonView.YardRow row(PlanYard yard, DaySpan span) {
    Apiary apiary = apiaries.byId(yard.id());
    List<SeasonView.YardCell> days = new ArrayList<>();
    for (LocalDate day = span.from(); !day.isAfter(span.to()); day = day.plusDays(1)) {
      List<Window> windows = yard.hours().getOrDefault(day, List.of());
      days.add(
          new SeasonView.YardCell(
              windows.stream()
                  .flatMap(window -> window.parts().stream())
                  .map(Window.Part::grade)
                  .filter(Objects::nonNull)
                  .min(Comparator.<HourGrade>naturalOrder())
                  .orElse(null),
              windows.stream()
                  .mapToInt(w -> (int) Duration.between(w.from(), w.to()).toMinutes())
                  .sum(),
              windows.stream().anyMatch(Window::hasExpected),
              yard.closed().get(day)));
    }
    return new SeasonView.YardRow(
        yard.id(),
        yard.name(),
        apiary.zone(),
        List.copyOf(days),
        YearStretch.of(apiaryYears.of(apiary).dates(), apiaryYears.bands(yard.id()), span));
  }

  private static List<SeasonView.AgreedVisit> agreed(SeriesToPlanMapper.KeptVisit visit) {
    return visit.agreedCrewId() == null || visit.agreedDay() == null
        ? List.of()
        : List.of(
            new SeasonView.AgreedVisit(
                visit.seriesId(), visit.number(), visit.agreedCrewId(), visit.agreedDay()));
  }

  private static boolean differs(SeasonPlan plan, List<SeriesToPlanMapper.KeptVisit> kept) {
    Map<String, SeriesToPlanMapper.KeptVisit> known =
        kept.stream()
            .collect(Collectors.toMap(each -> each.seriesId() + "/" + each.number(), each -> each));
    return plan.visits().stream()
        .anyMatch(
            visit -> {
              SeriesToPlanMapper.KeptVisit was = known.get(visit.seriesId() + "/" + visit.number());
              return was == null
                  || !Objects.equals(was.agreedDay(), visit.day())
                  || !Objects.equals(was.agreedCrewId(), visit.crewId());
            });
  }
}
