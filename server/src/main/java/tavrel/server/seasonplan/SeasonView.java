package tavrel.server.seasonplan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.apiaryyear.YearStretch;
import tavrel.core.seasonplan.PlanSummary;
import tavrel.core.seasonplan.SeasonPlan;
import tavrel.core.weather.HourGrade;
import tavrel.server.outfit.Depot;

/**
 * The season plan as the screen draws it.
 *
 * @param now the server's clock
 * @param depot where crews start, or null
 * @param crews in their order
 * @param span days that are planned
 * @param allSeries what is to be done, by apiary and name
 * @param yards the apiaries with their days
 * @param leftOut what cannot be planned, and why
 * @param missing what is to be entered first, or null
 * @param plan as it stands, or null while something is missing
 * @param byHand what the plan by hand comes to, or null
 * @param agreed the rounds as they were agreed
 * @param differs whether a round stands otherwise than it was agreed
 * @param locked locked days, each with its reason
 * @param search how the search stands
 * @param whatIfs what was asked so far
 * @param hoursFrom who tells of today's and tomorrow's weather; empty where nobody does
 * @param hoursMadeUp whether some of it is made up
 */
record SeasonView(
    Instant now,
    @Nullable Depot depot,
    List<OutfitCrew> crews,
    DaySpan span,
    List<SeriesView> allSeries,
    List<YardRow> yards,
    List<SeasonPlanService.LeftOutYard> leftOut,
    @Nullable Fact missing,
    @Nullable SeasonPlan plan,
    @Nullable PlanSummary byHand,
    List<AgreedVisit> agreed,
    boolean differs,
    Map<LocalDate, String> locked,
    SeasonSearches.SearchState search,
    List<WhatIfAnswer> whatIfs,
    List<Fact> hoursFrom,
    boolean hoursMadeUp) {

  /**
   * A series in the plan.
   *
   * @param series what it is planned by
   * @param apiary its apiary's name
   * @param hives that stand there
   * @param going whether it is a series that goes on already
   * @param next number of its next round
   */
  record SeriesView(SeriesToPlan series, String apiary, int hives, boolean going, int next) {}

  /**
   * An apiary in the plan.
   *
   * @param id the apiary
   * @param name its name
   * @param zone its time zone
   * @param days one for each day of the span
   * @param year what of its year lies behind them
   */
  record YardRow(UUID id, String name, String zone, List<YardCell> days, List<YearStretch> year) {}

  /**
   * A day of an apiary.
   *
   * @param grade of its best workable hours, or null without any
   * @param minutes of workable hours, min
   * @param expected whether no source tells of some of them: they are usual for the date
   * @param closed why nobody may come, or null
   */
  record YardCell(
      @Nullable HourGrade grade, int minutes, boolean expected, @Nullable Fact closed) {}

  /**
   * A round as it was agreed.
   *
   * @param seriesId its series
   * @param number which of its rounds, from 1
   * @param crewId who does it
   * @param day when
   */
  record AgreedVisit(UUID seriesId, int number, UUID crewId, LocalDate day) {}

  /**
   * What would be if.
   *
   * @param what was asked
   * @param figures what came of it
   */
  record WhatIfAnswer(WhatIf what, PlanSummary figures) {}
}
