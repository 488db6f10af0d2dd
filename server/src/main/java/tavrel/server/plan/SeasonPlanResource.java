package tavrel.server.plan;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.core.plan.PlacedVisit;
import tavrel.core.plan.PlanWeights;
import tavrel.core.plan.PlanYard;
import tavrel.core.plan.Roads;
import tavrel.core.plan.SeasonPlan;
import tavrel.core.plan.SeasonProblem;
import tavrel.core.season.YearStretch;
import tavrel.core.weather.HourGrade;
import tavrel.core.weather.Window;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.figure.OwnFigures;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.season.Seasons;

/** The season plan. */
@RestController
@RequestMapping("/api/season-plan")
class SeasonPlanResource {

  private static final int LONGEST_SEARCH = 1_800;
  private static final int MEND_SECONDS = 4;

  /**
   * The days to plan.
   *
   * @param from first
   * @param to last
   */
  record NewSpan(LocalDate from, LocalDate to) {}

  /**
   * How long to search.
   *
   * @param seconds at most
   */
  record SearchFor(int seconds) {}

  /**
   * Where a round goes.
   *
   * @param crewId who, or null to take it out of its day
   * @param day when, or null with the crew
   * @param pinned whether the search leaves it there
   */
  record NewPlace(@Nullable UUID crewId, @Nullable LocalDate day, boolean pinned) {}

  /**
   * Why a day is locked.
   *
   * @param reason in words
   */
  record LockReason(String reason) {}

  /**
   * What would be if.
   *
   * @param what is asked
   * @param seconds to search for, at most
   */
  record WhatIfQuestion(WhatIf what, int seconds) {}

  private final SeasonDesk desk;
  private final Courses courses;
  private final Crews crews;
  private final SeasonSearches searches;
  private final Apiaries apiaries;
  private final Seasons seasons;
  private final OwnFigures figures;
  private final CourseMapper mapper;
  private final Clock clock;
  private final List<SeasonView.WhatIfAnswer> whatIfs = new CopyOnWriteArrayList<>();

  SeasonPlanResource(
      SeasonDesk desk,
      Courses courses,
      Crews crews,
      SeasonSearches searches,
      Apiaries apiaries,
      Seasons seasons,
      OwnFigures figures,
      CourseMapper mapper,
      Clock clock) {
    this.desk = desk;
    this.courses = courses;
    this.crews = crews;
    this.searches = searches;
    this.apiaries = apiaries;
    this.seasons = seasons;
    this.figures = figures;
    this.mapper = mapper;
    this.clock = clock;
  }

  @GetMapping
  SeasonView view() {
    SeasonDesk.Desk whole = desk.desk();
    SeasonProblem problem = whole.problem();
    List<CourseMapper.KeptVisit> visits = mapper.visits();
    SeasonPlan plan = problem == null ? null : desk.standing(problem);
    return new SeasonView(
        clock.instant(),
        crews.depot().orElse(null),
        crews.all(),
        desk.span(),
        courseViews(),
        problem == null ? List.of() : problem.yards().stream().map(this::row).toList(),
        whole.leftOut(),
        whole.missing(),
        plan,
        problem == null ? null : desk.byHand(problem),
        visits.stream().flatMap(visit -> agreed(visit).stream()).toList(),
        plan != null && differs(plan, visits),
        desk.locked(),
        searches.state(),
        List.copyOf(whatIfs),
        apiaries.weatherSays(),
        problem == null ? apiaries.weatherMadeUp() : isMadeUp(problem),
        LocalDate.ofInstant(clock.instant(), clock.getZone())
            .plusDays(Apiaries.FORECAST_DAYS - 1L));
  }

  @GetMapping("/search")
  SeasonSearches.SearchState search() {
    return searches.state();
  }

  @PutMapping("/depot")
  SeasonView keep(@RequestBody Depot depot) {
    return changed(() -> crews.keep(depot));
  }

  @PutMapping("/crews/{id}")
  SeasonView keep(@PathVariable UUID id, @RequestBody OutfitCrew crew) {
    if (!crew.id().equals(id)) {
      throw new InvalidValue("id", "differs from the address");
    }
    return changed(() -> crews.keep(crew));
  }

  @DeleteMapping("/crews/{id}")
  SeasonView retire(@PathVariable UUID id) {
    return changed(() -> crews.retire(id));
  }

  @GetMapping("/ways")
  List<Roads.Measured> ways() {
    return crews.ways();
  }

  @PutMapping("/ways")
  List<Roads.Measured> keep(@RequestBody Roads.Measured way) {
    changed(() -> crews.keep(way));
    return crews.ways();
  }

  @DeleteMapping("/ways/{one}/{other}")
  List<Roads.Measured> forgetWay(@PathVariable UUID one, @PathVariable UUID other) {
    changed(() -> crews.forgetWay(one, other));
    return crews.ways();
  }

  @PutMapping("/span")
  SeasonView keep(@RequestBody NewSpan span) {
    return changed(() -> desk.keepSpan(span.from(), span.to()));
  }

  @PutMapping("/courses/{id}")
  SeasonView keep(@PathVariable UUID id, @RequestBody KeptCourse course) {
    if (!course.id().equals(id)) {
      throw new InvalidValue("id", "differs from the address");
    }
    return changed(() -> courses.keep(List.of(course)));
  }

  @PostMapping("/courses")
  SeasonView keep(@RequestBody List<KeptCourse> all) {
    return changed(() -> courses.keep(all));
  }

  @GetMapping("/presets")
  List<Courses.YardPresets> presets() {
    return courses.presets();
  }

  @DeleteMapping("/courses/{id}")
  SeasonView forget(@PathVariable UUID id) {
    return changed(() -> courses.forget(id));
  }

  @PutMapping("/visits/{courseId}/{number}")
  SeasonView put(
      @PathVariable UUID courseId, @PathVariable int number, @RequestBody NewPlace place) {
    if ((place.crewId() == null) != (place.day() == null)) {
      throw new InvalidValue("day", "and its crew go together; give both or neither");
    }
    return changed(
        () ->
            desk.put(
                new PlacedVisit(
                    courseId,
                    number,
                    place.crewId(),
                    place.day(),
                    place.pinned() && place.day() != null)));
  }

  @PutMapping("/locked/{day}")
  SeasonView lock(@PathVariable LocalDate day, @RequestBody LockReason reason) {
    return changed(() -> desk.lock(day, reason.reason()));
  }

  @DeleteMapping("/locked/{day}")
  SeasonView unlock(@PathVariable LocalDate day) {
    return changed(() -> desk.unlock(day));
  }

  @PostMapping("/search")
  SeasonSearches.SearchState begin(@RequestBody SearchFor length) {
    InvalidValue.inRange("seconds", length.seconds(), 1, LONGEST_SEARCH, "s");
    searches.begin(problem(), "a better plan", length.seconds(), desk::keep);
    return searches.state();
  }

  @PostMapping("/search/stop")
  SeasonView stop() {
    searches.stop();
    return view();
  }

  @PostMapping("/rained-off/{day}")
  SeasonView rainedOff(@PathVariable LocalDate day, @RequestBody LockReason reason) {
    searches.stop();
    desk.lock(day, reason.reason());
    SeasonProblem problem =
        require(desk.desk(PlanWeights.of(figures.own()).fewChanges(), courses.all(), crews.all()));
    searches.begin(problem, "a plan without that day, with few changes", MEND_SECONDS, desk::keep);
    return view();
  }

  @PostMapping("/what-if")
  SeasonSearches.SearchState whatIf(@RequestBody WhatIfQuestion question) {
    InvalidValue.inRange("seconds", question.seconds(), 1, LONGEST_SEARCH, "s");
    WhatIf what = question.what();
    SeasonProblem problem =
        require(
            desk.desk(
                PlanWeights.of(figures.own()), what.work(courses.all()), what.crews(crews.all())));
    searches.begin(
        problem,
        "what would be with " + what.words(),
        question.seconds(),
        plan -> {
          whatIfs.removeIf(answer -> answer.what() == what);
          whatIfs.add(new SeasonView.WhatIfAnswer(what, what.words(), plan.figures()));
        });
    return searches.state();
  }

  @PostMapping("/agree")
  SeasonView agree(@AuthenticationPrincipal Account who) {
    searches.stop();
    desk.agree(who);
    return view();
  }

  @PostMapping("/back-to-agreed")
  SeasonView backToAgreed() {
    return changed(desk::backToAgreed);
  }

  @PostMapping("/crews/{id}/calendar-key")
  CalendarKey calendarKey(@PathVariable UUID id) {
    return new CalendarKey(crews.calendarKey(id));
  }

  @PostMapping("/crews/{id}/calendar-key/fresh")
  @ResponseStatus(HttpStatus.CREATED)
  CalendarKey freshKey(@PathVariable UUID id) {
    return new CalendarKey(crews.freshKey(id));
  }

  /**
   * The key of a calendar that may be read without signing in.
   *
   * @param key part of its address
   */
  record CalendarKey(String key) {}

  /** A change by hand: the search ends first, and answers to what-if are of the past. */
  private SeasonView changed(Runnable change) {
    searches.stop();
    change.run();
    whatIfs.clear();
    return view();
  }

  private SeasonProblem problem() {
    return require(desk.desk());
  }

  private static SeasonProblem require(SeasonDesk.Desk whole) {
    SeasonProblem problem = whole.problem();
    if (problem == null) {
      throw Problem.conflict(whole.missing() == null ? "Nothing can be planned." : whole.missing());
    }
    return problem;
  }

  /** Whether the forecast of any apiary is made up. */
  private boolean isMadeUp(SeasonProblem problem) {
    return problem.yards().stream()
        .map(yard -> apiaries.byId(yard.id()))
        .map(apiary -> apiaries.day(apiary, apiaries.today(apiary)))
        .anyMatch(day -> day == null || day.madeUp());
  }

  private List<SeasonView.CourseView> courseViews() {
    Map<UUID, Integer> hives = apiaries.hiveCounts();
    Map<UUID, String> names =
        apiaries.all().stream().collect(Collectors.toMap(Apiary::id, Apiary::name));
    return courses.all().stream()
        .map(
            each ->
                new SeasonView.CourseView(
                    each.course(),
                    names.getOrDefault(each.course().apiaryId(), ""),
                    hives.getOrDefault(each.course().apiaryId(), 0),
                    each.series() != null,
                    each.next()))
        .sorted(
            Comparator.comparing(SeasonView.CourseView::apiary)
                .thenComparing(each -> each.course().startOn()))
        .toList();
  }

  private SeasonView.YardRow row(PlanYard yard) {
    Apiary apiary = apiaries.byId(yard.id());
    List<SeasonView.YardCell> days = new ArrayList<>();
    for (LocalDate day = desk.span().from();
        !day.isAfter(desk.span().to());
        day = day.plusDays(1)) {
      List<Window> windows = yard.hours().getOrDefault(day, List.of());
      days.add(
          new SeasonView.YardCell(
              windows.stream()
                  .map(Window::grade)
                  .min(Comparator.<HourGrade>naturalOrder())
                  .orElse(null),
              windows.stream()
                  .mapToInt(w -> (int) Duration.between(w.from(), w.to()).toMinutes())
                  .sum(),
              yard.closed().get(day)));
    }
    return new SeasonView.YardRow(
        yard.id(),
        yard.name(),
        apiary.zone(),
        List.copyOf(days),
        YearStretch.of(seasons.of(apiary).dates(), seasons.bands(yard.id()), desk.span()));
  }

  private static List<SeasonView.AgreedVisit> agreed(CourseMapper.KeptVisit visit) {
    return visit.agreedCrewId() == null || visit.agreedDay() == null
        ? List.of()
        : List.of(
            new SeasonView.AgreedVisit(
                visit.courseId(), visit.number(), visit.agreedCrewId(), visit.agreedDay()));
  }

  private static boolean differs(SeasonPlan plan, List<CourseMapper.KeptVisit> kept) {
    Map<String, CourseMapper.KeptVisit> known =
        kept.stream()
            .collect(Collectors.toMap(each -> each.courseId() + "/" + each.number(), each -> each));
    return plan.visits().stream()
        .anyMatch(
            visit -> {
              CourseMapper.KeptVisit was = known.get(visit.courseId() + "/" + visit.number());
              return was == null
                  || !Objects.equals(was.agreedDay(), visit.day())
                  || !Objects.equals(was.agreedCrewId(), visit.crewId());
            });
  }
}
