package tavrel.core.seasonplan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.weather.Place;
import tavrel.core.weather.Window;

/** A season's problem with everything numbered and looked up. Not for two threads at once. */
final class PlanBoard {

  private static final int NEAR = 8;

  private final SeasonProblem problem;
  private final Instant zero;
  private final LocalDate first;
  private final long firstEpochDay;
  private final int days;
  private final List<Visit> visits = new ArrayList<>();
  private final List<CrewDay> crewDays = new ArrayList<>();
  private final int[] yardOfSeries;
  private final int[][] visitMinutes;
  private final List<List<Visit>> rounds = new ArrayList<>();
  private final List<List<CrewDay>> open = new ArrayList<>();
  private final long[] marks;
  private final int[][] near;
  private final WorkHours[][] hours;
  private final Fact[][] closed;
  private final int[][] minutes;
  private final double[][] km;
  private final Map<UUID, Integer> crewIndex = new HashMap<>();

  PlanBoard(SeasonProblem problem) {
    this.problem = problem;
    this.first = problem.span().from();
    this.firstEpochDay = first.toEpochDay();
    this.days = problem.span().days();
    this.zero = first.minusDays(1).atStartOfDay(problem.zone()).toInstant();
    List<PlanYard> yards = problem.yards();
    Map<UUID, Integer> yardIndex = new HashMap<>();
    yards.forEach(yard -> yardIndex.put(yard.id(), yardIndex.size()));
    this.hours = new WorkHours[yards.size()][days];
    for (int yard = 0; yard < yards.size(); yard++) {
      for (int day = 0; day < days; day++) {
        List<Window> windows = yards.get(yard).hours().get(first.plusDays(day));
        hours[yard][day] = windows == null ? WorkHours.NONE : new WorkHours(windows, zero);
      }
    }
    this.minutes = new int[yards.size() + 1][yards.size() + 1];
    this.km = new double[yards.size() + 1][yards.size() + 1];
    measureWays(yards);
    addCrewDays();
    List<PlannedSeries> allSeries = problem.allSeries();
    this.yardOfSeries = new int[allSeries.size()];
    this.visitMinutes = new int[allSeries.size()][problem.crews().size()];
    this.near = new int[allSeries.size()][];
    this.marks = new SplittableRandom(1).longs(allSeries.size()).toArray();
    this.closed = new Fact[allSeries.size()][days];
    for (int series = 0; series < allSeries.size(); series++) {
      PlannedSeries each = allSeries.get(series);
      Integer yard = yardIndex.get(each.yardId());
      yardOfSeries[series] = yard == null ? 0 : yard;
      for (int crew = 0; crew < problem.crews().size(); crew++) {
        visitMinutes[series][crew] =
            problem.crews().get(crew).visitMinutes().getOrDefault(each.yardId(), 0);
      }
      for (int day = 0; day < days; day++) {
        closed[series][day] = why(each, yards.get(yardOfSeries[series]), first.plusDays(day));
      }
      List<Visit> ofSeries = new ArrayList<>();
      for (int number = each.next(); number <= each.last(); number++) {
        ofSeries.add(
            new Visit(visits.size() + ofSeries.size(), series, each, number, agreed(each, number)));
      }
      visits.addAll(ofSeries);
      rounds.add(ofSeries);
      open.add(openTo(series));
    }
  }

  private static @Nullable Fact why(PlannedSeries series, PlanYard yard, LocalDate day) {
    if (!series.days().contains(day)) {
      return day.isBefore(series.days().from())
          ? Fact.of("closed.beforeBegin")
          : Fact.of("closed.afterEnd");
    }
    Fact off = yard.closed().get(day);
    return off == null ? series.closed().get(day) : off;
  }

  private void measureWays(List<PlanYard> yards) {
    for (int from = 0; from <= yards.size(); from++) {
      for (int to = 0; to <= yards.size(); to++) {
        Roads.Way way =
            problem
                .roads()
                .way(id(yards, from), place(yards, from), id(yards, to), place(yards, to));
        minutes[from][to] = way.minutes();
        km[from][to] = way.km();
      }
    }
  }

  /** Whether nobody may go from there to another yard on the same day. */
  boolean isHeld(int yard) {
    return problem.yards().get(yard).held();
  }

  private UUID id(List<PlanYard> yards, int index) {
    return index == yards.size() ? problem.depotId() : yards.get(index).id();
  }

  private Place place(List<PlanYard> yards, int index) {
    return index == yards.size() ? problem.depot() : yards.get(index).place();
  }

  private void addCrewDays() {
    for (RoadCrew crew : problem.crews()) {
      crewIndex.put(crew.id(), crewIndex.size());
      for (int day = 0; day < days; day++) {
        LocalDate date = first.plusDays(day);
        Fact blocked =
            crew.off().contains(date)
                ? Fact.of("closed.crewIsOff").text("crew", crew.name())
                : problem.lockedBecause(date);
        crewDays.add(
            new CrewDay(
                this,
                crewDays.size(),
                crewIndex.size() - 1,
                crew,
                date,
                minute(date, crew.from()),
                minute(date, crew.to()),
                blocked));
      }
    }
  }

  private int minute(LocalDate date, LocalTime time) {
    return (int)
        Duration.between(zero, date.atTime(time).atZone(problem.zone()).toInstant()).toMinutes();
  }

  private @Nullable CrewDay agreed(PlannedSeries series, int number) {
    return problem.agreed().stream()
        .filter(each -> each.number() == number && each.seriesId().equals(series.id()))
        .findFirst()
        .map(this::crewDay)
        .orElse(null);
  }

  SeasonProblem problem() {
    return problem;
  }

  PlanWeights weights() {
    return problem.weights();
  }

  List<Visit> visits() {
    return visits;
  }

  List<CrewDay> crewDays() {
    return crewDays;
  }

  /** The crew's day of a visit, or null where it has none, or one that is no longer planned. */
  @Nullable CrewDay crewDay(PlacedVisit visit) {
    return visit.crewId() == null || visit.day() == null
        ? null
        : crewDay(visit.crewId(), visit.day());
  }

  @Nullable CrewDay crewDay(UUID crewId, LocalDate day) {
    Integer crew = crewIndex.get(crewId);
    return crew == null || !problem.span().contains(day)
        ? null
        : crewDays.get(crew * days + dayIndex(day));
  }

  /** Visits as they are given; those that are not named have no place. */
  Placing placing(List<PlacedVisit> given) {
    Placing placing = new Placing(visits.size());
    for (PlacedVisit each : given) {
      for (Visit visit : visits) {
        if (visit.number() == each.number() && visit.series().id().equals(each.seriesId())) {
          CrewDay at = crewDay(each);
          placing.put(visit, at, each.pinned() && at != null);
        }
      }
    }
    return placing;
  }

  int dayIndex(LocalDate day) {
    return (int) (day.toEpochDay() - firstEpochDay);
  }

  int dayIndex(CrewDay day) {
    return (int) (day.epochDay - firstEpochDay);
  }

  /** Number of the depot among places. */
  int depot() {
    return problem.yards().size();
  }

  int yardOf(int series) {
    return yardOfSeries[series];
  }

  int minutes(int fromYard, int toYard) {
    return minutes[fromYard][toYard];
  }

  double km(int fromYard, int toYard) {
    return km[fromYard][toYard];
  }

  WorkHours hours(int yard, CrewDay day) {
    return hours[yard][dayIndex(day)];
  }

  WorkHours hours(Visit visit, LocalDate day) {
    return hours[yardOf(visit.seriesIndex())][dayIndex(day)];
  }

  /** How long the crew of a day needs for a series' apiary, min. */
  int visitMinutes(int series, CrewDay day) {
    return visitMinutes[series][day.crewIndex];
  }

  /** How long the fastest crew needs. */
  int fewestMinutes(Visit visit) {
    return Arrays.stream(visitMinutes[visit.seriesIndex()]).min().orElse(0);
  }

  /** The series that stand nearest to one by road, nearest first. */
  int[] near(int series) {
    int[] known = near[series];
    if (known == null) {
      int yard = yardOf(series);
      known =
          IntStream.range(0, problem.allSeries().size())
              .filter(other -> other != series && !rounds.get(other).isEmpty())
              .boxed()
              .sorted(Comparator.comparingDouble(other -> km(yard, yardOf(other))))
              .limit(NEAR)
              .mapToInt(Integer::intValue)
              .toArray();
      near[series] = known;
    }
    return known;
  }

  /** A drawn number that stands for a series. */
  long mark(int series) {
    return marks[series];
  }

  /** Why no round of this visit's series may be on a day, or null. */
  @Nullable Fact closed(Visit visit, CrewDay at) {
    return closed[visit.seriesIndex()][dayIndex(at)];
  }

  /** The same by date. */
  @Nullable Fact closed(Visit visit, LocalDate day) {
    return closed[visit.seriesIndex()][dayIndex(day)];
  }

  /** Crew days on which a visit could be without a rule of its own being broken. */
  List<CrewDay> open(Visit visit) {
    return open.get(visit.seriesIndex());
  }

  private List<CrewDay> openTo(int series) {
    int yard = yardOf(series);
    return crewDays.stream()
        .filter(day -> day.blocked == null && closed[series][dayIndex(day.date)] == null)
        .filter(day -> hours(yard, day).longest() >= visitMinutes(series, day))
        .toList();
  }

  /**
   * Rounds of a series that are still to be placed, in order; they follow each other on the board.
   */
  List<Visit> rounds(int series) {
    return rounds.get(series);
  }

  /** How many series there are. */
  int allSeries() {
    return rounds.size();
  }

  Instant at(int minute) {
    return zero.plus(Duration.ofMinutes(minute));
  }
}
