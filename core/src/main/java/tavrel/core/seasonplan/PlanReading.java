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
import tavrel.core.NumberText;

/** Reads a placing against all rules and says in words what bent or broke. */
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
        say(visit, RuleViolation.Kind.MISSED, new WhyMissed(board, placing, visit).words());
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
    String closed = board.closed(visit, at.date);
    if (closed != null) {
      say(visit, RuleViolation.Kind.CLOSED_DAY, NumberText.day(at.date) + " is closed: " + closed);
    }
    if (PlanRules.isBlocked(at, pinned)) {
      say(visit, RuleViolation.Kind.CREW_BLOCKED, NumberText.day(at.date) + ": " + at.blocked);
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
            "begins " + days(after) + " after the wanted " + NumberText.day(series.start()));
      }
    }
    int late = visit.isLast() ? series.lateBy(at.date) : 0;
    if (late > 0 && series.finishBy() != null) {
      say(
          visit,
          RuleViolation.Kind.LATE,
          "ends "
              + days(late)
              + " after "
              + NumberText.day(series.finishBy())
              + ", the day to be done");
    }
    int beside = series.besideBest(at.date);
    if (beside > 0) {
      say(
          visit,
          RuleViolation.Kind.BESIDE_BEST,
          days(beside) + " beside the days without capped brood that are expected");
    }
    CrewDay agreed = visit.agreed();
    if (agreed != null && agreed != at) {
      say(
          visit,
          RuleViolation.Kind.MOVED,
          "was agreed for " + NumberText.day(agreed.date) + " with " + agreed.crew.name());
    }
  }

  private void readGap(Visit visit, CrewDay at, LocalDate before, int rounds) {
    Gaps gaps = visit.series().gaps();
    long days = PlanRules.days(before, at.date);
    String between = days(days) + " after " + NumberText.day(before);
    if (gaps.shortBy(days, rounds) > 0) {
      say(
          visit,
          RuleViolation.Kind.GAP_TOO_SHORT,
          between + ": fewer than the " + gaps.least() * rounds + " that are allowed");
    } else if (gaps.longBy(days, rounds) > 0) {
      say(
          visit,
          RuleViolation.Kind.GAP_TOO_LONG,
          between + ": more than the " + gaps.most() * rounds + " that are allowed");
    } else if (rounds == 1 && gaps.offBy(days) > 0) {
      say(visit, RuleViolation.Kind.GAP_OFF, between + " instead of " + gaps.wanted());
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
          say(
              visit,
              RuleViolation.Kind.LABEL_YEAR,
              "the label leaves "
                  + visit.series().roundsLeft().get(year)
                  + " rounds open in "
                  + year);
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
          drive.reserveMinutes()
              + " min of work on "
              + NumberText.day(day.date)
              + " in the time kept for a spoiled day");
    }
    if (drive.over() > 0) {
      say(
          visits.get(visits.size() - 1),
          RuleViolation.Kind.CREW_HOURS,
          day.crew.name() + " would be out " + drive.over() + " min beyond its hours");
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
          longest == 0
              ? "no workable hour on " + NumberText.day(day.date)
              : outside + " min outside the workable hours of " + NumberText.day(day.date));
    } else if (leg.fair() >= FAIR_WORTH_SAYING) {
      say(visit, RuleViolation.Kind.FAIR_HOURS, leg.fair() + " min in fair instead of good hours");
    }
  }

  private void say(@Nullable Visit visit, RuleViolation.Kind kind, String says) {
    if (visit != null) {
      bends.add(new RuleViolation(visit.series().id(), visit.number(), kind, says));
    }
  }

  private static String days(long days) {
    return days == 1 ? "1 day" : days + " days";
  }
}
