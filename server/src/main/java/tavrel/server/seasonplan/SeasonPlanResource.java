package tavrel.server.seasonplan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.seasonplan.PlacedVisit;
import tavrel.core.seasonplan.PlanWeights;
import tavrel.core.seasonplan.SeasonProblem;
import tavrel.server.http.Problem;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;

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

  private final SeasonReading reading;
  private final SeasonPlanService plans;
  private final SeriesToPlanService seriesToPlanService;
  private final Crews crews;
  private final SeasonSearches searches;
  private final OwnParameters figures;

  SeasonPlanResource(
      SeasonReading reading,
      SeasonPlanService plans,
      SeriesToPlanService seriesToPlanService,
      Crews crews,
      SeasonSearches searches,
      OwnParameters figures) {
    this.reading = reading;
    this.plans = plans;
    this.seriesToPlanService = seriesToPlanService;
    this.crews = crews;
    this.searches = searches;
    this.figures = figures;
  }

  /** The season plan: visits, crews, what it bends and what it costs. */
  @GetMapping
  SeasonView view() {
    return reading.view();
  }

  /** How far the search for a better plan is. */
  @GetMapping("/search")
  SeasonSearches.SearchState search() {
    return searches.state();
  }

  /** Sets the first and last day of the plan. */
  @PutMapping("/span")
  SeasonView keep(@RequestBody NewSpan span) {
    return reading.changed(() -> plans.keepSpan(span.from(), span.to()));
  }

  /** Keeps a series that is to be planned. */
  @PutMapping("/series/{id}")
  SeasonView keep(@PathVariable UUID id, @RequestBody SeriesToPlan series) {
    if (!series.id().equals(id)) {
      throw new InvalidValue("id", "differsFromAddress", "differs from the address");
    }
    return reading.changed(() -> seriesToPlanService.keep(List.of(series)));
  }

  /** Keeps several series that are to be planned, all or none. */
  @PostMapping("/series")
  SeasonView keep(@RequestBody List<SeriesToPlan> all) {
    return reading.changed(() -> seriesToPlanService.keep(all));
  }

  /** Series to choose from, for each apiary. */
  @GetMapping("/presets")
  List<SeriesToPlanService.YardPresets> presets() {
    return seriesToPlanService.presets();
  }

  /** Takes a series out of the plan. */
  @DeleteMapping("/series/{id}")
  SeasonView forget(@PathVariable UUID id) {
    return reading.changed(() -> seriesToPlanService.forget(id));
  }

  /** Puts a visit on a day and with a crew. */
  @PutMapping("/visits/{seriesId}/{number}")
  SeasonView put(
      @PathVariable UUID seriesId, @PathVariable int number, @RequestBody NewPlace place) {
    if ((place.crewId() == null) != (place.day() == null)) {
      throw new InvalidValue(
          "day", "itsCrewGoTogether", "and its crew go together; give both or neither");
    }
    return reading.changed(
        () ->
            plans.put(
                new PlacedVisit(
                    seriesId,
                    number,
                    place.crewId(),
                    place.day(),
                    place.pinned() && place.day() != null)));
  }

  /** Keeps a day free of visits. */
  @PutMapping("/locked/{day}")
  SeasonView lock(@PathVariable LocalDate day, @RequestBody LockReason reason) {
    return reading.changed(() -> plans.lock(day, reason.reason()));
  }

  /** Gives a day back to the plan. */
  @DeleteMapping("/locked/{day}")
  SeasonView unlock(@PathVariable LocalDate day) {
    return reading.changed(() -> plans.unlock(day));
  }

  /** Begins to search for a better plan. */
  @PostMapping("/search")
  SeasonSearches.SearchState begin(@RequestBody SearchFor length) {
    InvalidValue.inRange("seconds", length.seconds(), 1, LONGEST_SEARCH, "s");
    searches.begin(problem(), Fact.of("search.betterPlan"), length.seconds(), plans::keep);
    return searches.state();
  }

  /** Ends the search and takes what it found. */
  @PostMapping("/search/stop")
  SeasonView stop() {
    searches.stop();
    return view();
  }

  /** Moves the visits of a day that fell through. */
  @PostMapping("/rained-off/{day}")
  SeasonView rainedOff(@PathVariable LocalDate day, @RequestBody LockReason reason) {
    searches.stop();
    plans.lock(day, reason.reason());
    SeasonProblem problem =
        require(
            plans.input(
                PlanWeights.of(figures.own()).fewChanges(),
                seriesToPlanService.all(),
                crews.all()));
    searches.begin(problem, Fact.of("search.withoutDay"), MEND_SECONDS, plans::keep);
    return view();
  }

  /** Searches for what a change would come to; the plan stays. */
  @PostMapping("/what-if")
  SeasonSearches.SearchState whatIf(@RequestBody WhatIfQuestion question) {
    InvalidValue.inRange("seconds", question.seconds(), 1, LONGEST_SEARCH, "s");
    WhatIf what = question.what();
    SeasonProblem problem =
        require(
            plans.input(
                PlanWeights.of(figures.own()),
                what.work(seriesToPlanService.all()),
                what.crews(crews.all())));
    searches.begin(
        problem,
        Fact.of("search.whatIf").word("what", what),
        question.seconds(),
        plan -> searches.answer(new SeasonView.WhatIfAnswer(what, plan.figures())));
    return searches.state();
  }

  /**
   * What goes with agreeing a plan.
   *
   * @param offLabelReason why days that are not on the label stay, where a series has no reason
   */
  record Agreement(@Nullable String offLabelReason) {}

  /** Makes series of the plan: crews go by it from now on. */
  @PostMapping("/agree")
  SeasonView agree(
      @RequestBody(required = false) @Nullable Agreement with,
      @AuthenticationPrincipal Account who) {
    searches.stop();
    String reason = with == null ? null : with.offLabelReason();
    plans.agree(
        reason == null || reason.isBlank()
            ? null
            : InvalidValue.text("offLabelReason", reason, 500),
        who);
    return view();
  }

  /** Puts the plan back to what was agreed. */
  @PostMapping("/back-to-agreed")
  SeasonView backToAgreed() {
    return reading.changed(plans::backToAgreed);
  }

  private SeasonProblem problem() {
    return require(plans.input());
  }

  private static SeasonProblem require(SeasonPlanService.PlanInput whole) {
    SeasonProblem problem = whole.problem();
    if (problem == null) {
      throw Problem.conflict(
          whole.missing() == null ? Fact.of("missing.nothingToPlan") : whole.missing());
    }
    return problem;
  }
}
