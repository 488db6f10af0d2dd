package tavrel.core.seasonplan;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.weather.Place;

/**
 * All that a season plan has to respect.
 *
 * @param span days that can be planned
 * @param depotId key of the place where crews start and end
 * @param depot where it is
 * @param zone its time zone, in which the crews' hours are told
 * @param crews at least one
 * @param yards apiaries with work to do
 * @param allSeries the work, each in one of the yards
 * @param roads ways between places
 * @param weights what bending costs
 * @param standing visits as they stand: where the search begins, with pins
 * @param agreed visits as they were agreed; moving one costs
 * @param locked days on which only pinned visits stay, each with its reason
 */
public record SeasonProblem(
    DaySpan span,
    UUID depotId,
    Place depot,
    ZoneId zone,
    List<RoadCrew> crews,
    List<PlanYard> yards,
    List<PlannedSeries> allSeries,
    Roads roads,
    PlanWeights weights,
    List<PlacedVisit> standing,
    List<PlacedVisit> agreed,
    Map<LocalDate, String> locked) {

  /** Longest span that is planned at once, days. */
  public static final int MOST_DAYS = 200;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public SeasonProblem {
    InvalidValue.inRange("span", span.days(), 1, MOST_DAYS, "days");
    crews = List.copyOf(crews);
    yards = List.copyOf(yards);
    allSeries = List.copyOf(allSeries);
    standing = List.copyOf(standing);
    agreed = List.copyOf(agreed);
    locked = Map.copyOf(locked);
    InvalidValue.inRange("crews", crews.size(), 1, 12, "crews");
    Set<UUID> known = Set.copyOf(yards.stream().map(PlanYard::id).toList());
    for (PlannedSeries series : allSeries) {
      if (!known.contains(series.yardId())) {
        throw new InvalidValue(
            "courses",
            "namesApiaryNotPlanned",
            "names an apiary that is not planned: {series}",
            series.name());
      }
    }
  }

  /** Why a day is locked, or null where it is not. */
  @Nullable Fact lockedBecause(LocalDate day) {
    String reason = locked.get(day);
    return reason == null ? null : Fact.of("closed.locked").text("reason", reason);
  }

  /** The same where other visits stand. */
  public SeasonProblem withStanding(List<PlacedVisit> others) {
    return new SeasonProblem(
        span, depotId, depot, zone, crews, yards, allSeries, roads, weights, others, agreed,
        locked);
  }
}
