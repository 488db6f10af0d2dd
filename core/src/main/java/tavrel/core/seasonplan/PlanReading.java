package tavrel.core.seasonplan;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/** Reads a placing against all rules and tells what bent or broke. */
final class PlanReading {

  private static final int FAIR_WORTH_SAYING = 10;

  private final PlanBoard board;
  private final Placing placing;
  private final List<RuleViolation> bends = new ArrayList<>();
  private int gapDaysOff;
  private int reserveMinutes;

  PlanReading(PlanBoard board, Placing placing) {
    this.board = board;
    this.placing = placing;
  }

  SeasonPlan plan() {
    List<PlacedVisit> visits = new ArrayList<>();
    int missed = 0;
    int late = 0;
    int moved = 0;
    for (Visit visit : board.visits()) {
      CrewDay at = placing.at(visit);
      visits.add(
          new PlacedVisit(
              visit.series().id(),
              visit.number(),
              at == null ? null : at.crew.id(),
              at == null ? null : at.date,
              placing.isPinned(visit)));
      if (at == null) {
        missed++;
        say(visit, RuleViolation.Kind.MISSED, new WhyMissed(board, placing, visit).told());
        continue;
      }
      late += visit.isLast() && visit.series().lateBy(at.date) > 0 ? 1 : 0;
      moved += visit.agreed() != null && visit.agreed() != at ? 1 : 0;
      readAlone(visit, at);
    }
    readGaps();
    readYears();
    List<DayRoute> routes = readRoutes();
    Map<UUID, Integer> minutes = new HashMap<>();
    for (DayRoute route : routes) {
      int length = (int) Duration.between(route.leaves(), route.back()).toMinutes();
      minutes.merge(route.crewId(), length, Integer::sum);
    }
    bends.sort(Comparator.comparing(RuleViolation::kind));
    return new SeasonPlan(
        List.copyOf(visits),
        routes,
        List.copyOf(bends),
        new PlanSummary(
            visits.size(),
            missed,
            (int)
                bends.stream()
                    .filter(
                        bend -> bend.kind().isBroken() && bend.kind() != RuleViolation.Kind.MISSED)
                    .count(),
            gapDaysOff,
            late,
            routes.stream().mapToDouble(DayRoute::km).sum(),
            routes.stream().mapToInt(DayRoute::drivingMinutes).sum(),
            minutes.values().stream().mapToInt(Integer::intValue).sum(),
            reserveMinutes,
            (int) Math.round(PlanRules.uneven(minutes.values(), board.problem().crews().size())),
            routes.size(),
            moved));
  }

  private void readAlone(Visit visit, CrewDay at) {
    PlannedSeries series = visit.series();
    boolean pinned = placing.isPinned(visit);
    Fact closed = board.closed(visit, at.date);
    if (closed != null) {
      say(
          visit,
          RuleViolation.Kind.CLOSED_DAY,
          Fact.of("plan.closed").day("day", at.date).fact("why", closed));
    }
    Fact blocked = at.blocked;
    if (blocked != null && PlanRules.isBlocked(at, pinned)) {
      say(
          visit,
          RuleViolation.Kind.CREW_BLOCKED,
          Fact.of("plan.blocked").day("day", at.date).fact("why", blocked));
    }
    LocalDate done = series.lastDone();
    if (done != null) {
      readGap(visit, at, done, visit.number() - series.next() + 1);
    } else if (visit.isFirst()) {
      long after = PlanRules.days(series.start(), at.date);
      if (after > 0) {
        say(
            visit,
            RuleViolation.Kind.GAP_OFF,
            Fact.of("plan.beginsLate").count("late", after, "day").day("wanted", series.start()));
      }
    }
    int late = visit.isLast() ? series.lateBy(at.date) : 0;
    if (late > 0 && series.finishBy() != null) {
      say(
          visit,
          RuleViolation.Kind.LATE,
          Fact.of("plan.endsLate").count("late", late, "day").day("by", series.finishBy()));
    }
    int beside = series.besideBest(at.date);
    if (beside > 0) {
      say(
          visit,
          RuleViolation.Kind.BESIDE_BEST,
          Fact.of("plan.besideBroodless").count("days", beside, "day"));
    }
    CrewDay agreed = visit.agreed();
    if (agreed != null && agreed != at) {
      say(
          visit,
          RuleViolation.Kind.MOVED,
          Fact.of("plan.wasAgreed").day("day", agreed.date).text("crew", agreed.crew.name()));
    }
  }

  private void readGap(Visit visit, CrewDay at, LocalDate before, int rounds) {
    Gaps gaps = visit.series().gaps();
    long days = PlanRules.days(before, at.date);
    if (gaps.shortBy(days, rounds) > 0) {
      say(
          visit,
          RuleViolation.Kind.GAP_TOO_SHORT,
          after(Fact.of("plan.gapTooShort"), days, before)
              .figure("least", gaps.least() * (long) rounds));
    } else if (gaps.longBy(days, rounds) > 0) {
      say(
          visit,
          RuleViolation.Kind.GAP_TOO_LONG,
          after(Fact.of("plan.gapTooLong"), days, before)
              .figure("most", gaps.most() * (long) rounds));
    } else if (rounds == 1 && gaps.offBy(days) > 0) {
      say(
          visit,
          RuleViolation.Kind.GAP_OFF,
          after(Fact.of("plan.gapOff"), days, before).figure("wanted", gaps.wanted()));
    }
    if (rounds == 1) {
      gapDaysOff += gaps.offBy(days);
    }
  }

  private void readGaps() {
    Map<Integer, Visit> before = new HashMap<>();
    for (Visit visit : board.visits()) {
      CrewDay at = placing.at(visit);
      if (at == null) {
        continue;
      }
      Visit earlier = before.put(visit.seriesIndex(), visit);
      CrewDay earlierAt = earlier == null ? null : placing.at(earlier);
      if (earlier != null && earlierAt != null) {
        readGap(visit, at, earlierAt.date, visit.number() - earlier.number());
      }
    }
  }

  private void readYears() {
    Map<Integer, Map<Integer, Integer>> years = new HashMap<>();
    for (Visit visit : board.visits()) {
      CrewDay at = placing.at(visit);
      if (at != null) {
        int year = at.date.getYear();
        int rounds =
            years
                .computeIfAbsent(visit.seriesIndex(), unused -> new HashMap<>())
                .merge(year, 1, Integer::sum);
        if (PlanRules.overLabel(visit.series(), year, rounds) > 0) {
          say(visit, RuleViolation.Kind.LABEL_YEAR, labelLeaves(visit.series(), year));
        }
      }
    }
  }

  private List<DayRoute> readRoutes() {
    List<DayRoute> routes = new ArrayList<>();
    placing
        .byCrewDay(board.visits())
        .forEach((index, visits) -> routes.add(route(board.crewDays().get(index), visits)));
    routes.sort(Comparator.comparing(DayRoute::day));
    return List.copyOf(routes);
  }

  private DayRoute route(CrewDay day, List<Visit> visits) {
    Drive drive = day.drive(visits);
    Map<Integer, Visit> bySeries = new LinkedHashMap<>();
    visits.forEach(visit -> bySeries.put(visit.seriesIndex(), visit));
    List<DayRoute.RouteStop> stops = new ArrayList<>();
    int before = board.depot();
    for (Drive.Leg leg : drive.legs()) {
      Visit visit = bySeries.get(leg.series());
      if (visit == null) {
        continue;
      }
      int yard = board.yardOf(visit.seriesIndex());
      stops.add(
          new DayRoute.RouteStop(
              visit.series().id(),
              visit.number(),
              visit.series().yardId(),
              board.km(before, yard),
              board.at(leg.arrives()),
              board.at(leg.begins()),
              board.at(leg.ends()),
              leg.fair(),
              leg.expected(),
              leg.outside()));
      before = yard;
      readStop(visit, day, leg);
    }
    reserveMinutes += drive.reserveMinutes();
    if (drive.reserveMinutes() > 0) {
      say(
          visits.get(visits.size() - 1),
          RuleViolation.Kind.NO_RESERVE,
          Fact.of("plan.inReserve").minutes("work", drive.reserveMinutes()).day("day", day.date));
    }
    if (drive.over() > 0) {
      say(
          visits.get(visits.size() - 1),
          RuleViolation.Kind.CREW_HOURS,
          Fact.of("plan.beyondHours").text("crew", day.crew.name()).minutes("over", drive.over()));
    }
    return new DayRoute(
        day.crew.id(),
        day.date,
        board.at(drive.leaves()),
        board.at(drive.back()),
        drive.km(),
        drive.driving(),
        List.copyOf(stops));
  }

  private void readStop(Visit visit, CrewDay day, Drive.Leg leg) {
    int outside = leg.outside();
    if (outside > 0) {
      int longest = board.hours(visit, day.date).longest();
      say(
          visit,
          RuleViolation.Kind.OUTSIDE_HOURS,
          (longest == 0
                  ? Fact.of("plan.noHour")
                  : Fact.of("plan.outsideHours").minutes("outside", outside))
              .day("day", day.date));
    } else if (leg.fair() >= FAIR_WORTH_SAYING) {
      say(
          visit,
          RuleViolation.Kind.FAIR_HOURS,
          Fact.of("plan.fairHours").minutes("fair", leg.fair()));
    }
  }

  private void say(@Nullable Visit visit, RuleViolation.Kind kind, Fact says) {
    if (visit != null) {
      bends.add(new RuleViolation(visit.series().id(), visit.number(), kind, says));
    }
  }

  private static Fact after(Fact gap, long days, LocalDate before) {
    return gap.count("days", days, "day").day("before", before);
  }

  /** How many rounds the label leaves open in a year. */
  static Fact labelLeaves(PlannedSeries series, int year) {
    return Fact.of("plan.labelLeaves")
        .count("left", series.roundsLeft().getOrDefault(year, 0), "round")
        .text("year", String.valueOf(year));
  }
}
