package tavrel.core.seasonplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tavrel.core.Codes;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;
import tavrel.core.weather.HourGrade;
import tavrel.core.weather.Place;
import tavrel.core.weather.Window;

class SeasonPlanTest {

  private static final Fact SUPERS = Fact.of("year.supersUsuallyOn");
  private static final Fact FAIR = Fact.of("closed.off").text("band", "fair in the village");

  @Test
  void by_hand_each_round_goes_on_its_wanted_day() {
    SeasonPlan plan =
        SeasonPlan.byHand(new Outfit(30).yard(0, 10).crew("A").weekly(0, 4).problem());
    assertThat(plan.visits())
        .extracting(PlacedVisit::day)
        .containsExactly(day(0), day(7), day(14), day(21));
    assertThat(plan.bends()).isEmpty();
    assertThat(plan.figures().crewDays()).isEqualTo(4);
    assertThat(plan.figures().km()).isCloseTo(4 * 27.0, within(0.1));
  }

  @Test
  void by_hand_a_full_day_sends_the_next_apiary_on() {
    Outfit outfit = new Outfit(30);
    for (int yard = 0; yard < 4; yard++) {
      outfit.yard(yard, 5 + yard).weekly(yard, 1);
    }
    // an hour each and 3 h of dawn: two fit with the roads between them
    SeasonPlan plan = SeasonPlan.byHand(outfit.crew("A").problem());
    assertThat(plan.visits())
        .extracting(PlacedVisit::day)
        .containsExactly(day(0), day(0), day(1), day(1));
  }

  @Test
  void a_day_is_driven_in_the_order_that_costs_least() {
    Outfit outfit = new Outfit(3);
    outfit.yard(0, 12).yard(1, 4).yard(2, 8);
    Map<UUID, Integer> quick = new HashMap<>();
    outfit.yards.forEach(yard -> quick.put(yard.id(), 20));
    outfit.crews.add(Outfit.crew("A", quick));
    outfit.weekly(0, 1).weekly(1, 1).weekly(2, 1);
    List<PlacedVisit> together =
        List.of(Outfit.visit(0, 1, "A", 0), Outfit.visit(1, 1, "A", 0), Outfit.visit(2, 1, "A", 0));
    DayRoute route = SeasonPlan.of(outfit.problem(), together).routes().get(0);
    assertThat(route.km()).isCloseTo(2 * 12 * 1.35, within(0.1));
    for (int i = 1; i < route.stops().size(); i++) {
      assertThat(route.stops().get(i).arrives()).isAfterOrEqualTo(route.stops().get(i - 1).ends());
    }
    assertThat(route.stops().get(0).begins()).isEqualTo(at(0, "05:00"));
    assertThat(route.leaves()).isBefore(at(0, "05:00"));
  }

  @Test
  void a_crew_waits_for_good_hours_where_that_costs_less_than_fair_ones() {
    Outfit outfit =
        new Outfit(1)
            .yard(
                0,
                10,
                Map.of(
                    Outfit.FIRST,
                    List.of(
                        Outfit.window(0, LocalTime.of(4, 0), LocalTime.of(5, 0), HourGrade.FAIR),
                        Outfit.window(0, LocalTime.of(5, 0), LocalTime.of(8, 0), HourGrade.GOOD))),
                Map.of())
            .crew("A")
            .weekly(0, 1);
    DayRoute route =
        SeasonPlan.of(outfit.problem(), List.of(Outfit.visit(0, 1, "A", 0))).routes().get(0);
    assertThat(route.stops().get(0).begins()).isEqualTo(at(0, "05:00"));
    assertThat(route.stops().get(0).fairMinutes()).isZero();
  }

  @Test
  void a_round_without_any_workable_hour_is_missed_and_says_so() {
    SeasonPlan plan =
        SeasonPlan.byHand(
            new Outfit(10).yard(0, 10, Map.of(), Map.of()).crew("A").weekly(0, 1).problem());
    assertThat(plan.figures().missed()).isEqualTo(1);
    assertThat(plan.bends())
        .containsExactly(
            new RuleViolation(
                Outfit.id("course 0"),
                1,
                RuleViolation.Kind.MISSED,
                Fact.of("missed.noDayFits")
                    .facts("reasons", List.of(onDays(Fact.of("missed.noHour"), 10)))));
  }

  @Test
  void rounds_that_cannot_fit_between_supers_say_what_stands_against_each_day() {
    Map<LocalDate, Fact> supers = new HashMap<>();
    for (int day = 3; day < 20; day++) {
      supers.put(day(day), SUPERS);
    }
    Outfit outfit = new Outfit(20).yard(0, 10).crew("A");
    outfit.series(
        new PlannedSeries(
            Outfit.id("course 0"),
            Outfit.id("yard 0"),
            "Series 0",
            1,
            2,
            new Gaps(5, 7, 9),
            new DaySpan(day(0), day(19)),
            day(0),
            null,
            null,
            null,
            supers,
            Map.of()));
    SeasonPlan plan = SeasonSearch.ofMoves(outfit.problem(), 500).run(better -> {});
    assertThat(plan.figures().missed()).isEqualTo(1);
    assertThat(plan.figures().broken()).isZero();
    assertThat(plan.bends().get(0).says().values().get("reasons"))
        .asInstanceOf(InstanceOfAssertFactories.type(Value.All.class))
        .satisfies(
            reasons -> assertThat(reasons.all()).contains(new Value.Said(onDays(SUPERS, 17))));
    assertThat(Codes.of(plan.bends().get(0).says())).contains("missed.gapToRound");
  }

  @Test
  void an_apiary_that_takes_longer_than_its_hours_says_how_long_it_takes() {
    Outfit outfit = new Outfit(5).yard(0, 10);
    outfit.crews.add(Outfit.crew("A", Map.of(Outfit.id("yard 0"), 200)));
    SeasonPlan plan = SeasonPlan.byHand(outfit.weekly(0, 1).problem());
    assertThat(plan.bends().get(0).says())
        .isEqualTo(
            Fact.of("missed.noDayFits")
                .facts(
                    "reasons",
                    List.of(onDays(Fact.of("missed.tooLong").minutes("needed", 200), 5))));
  }

  @Test
  void a_pin_on_a_closed_day_stays_and_is_named_as_broken() {
    Outfit outfit =
        new Outfit(20)
            .yard(0, 10, new Outfit(20).yard(0, 10).yards.get(0).hours(), Map.of(day(2), FAIR))
            .crew("A")
            .weekly(0, 1);
    outfit.standing.add(new PlacedVisit(Outfit.id("course 0"), 1, Outfit.id("A"), day(2), true));
    SeasonPlan plan = SeasonSearch.ofMoves(outfit.problem(), 200).run(better -> {});
    assertThat(plan.visits().get(0).day()).isEqualTo(day(2));
    assertThat(plan.bends())
        .extracting(RuleViolation::says)
        .contains(Fact.of("plan.closed").day("day", day(2)).fact("why", FAIR));
  }

  @Test
  void every_gap_that_bends_says_from_which_day_to_which() {
    Outfit outfit = new Outfit(30).yard(0, 10).crew("A").weekly(0, 3);
    SeasonPlan plan =
        SeasonPlan.of(
            outfit.problem(),
            List.of(
                Outfit.visit(0, 1, "A", 0),
                Outfit.visit(0, 2, "A", 3),
                Outfit.visit(0, 3, "A", 11)));
    assertThat(plan.bends())
        .extracting(RuleViolation::kind)
        .containsExactly(RuleViolation.Kind.GAP_TOO_SHORT, RuleViolation.Kind.GAP_OFF);
    assertThat(plan.bends().get(0).says())
        .isEqualTo(
            Fact.of("plan.gapTooShort")
                .count("days", 3, "day")
                .day("before", day(0))
                .figure("least", 5));
    assertThat(plan.bends().get(1).says())
        .isEqualTo(
            Fact.of("plan.gapOff")
                .count("days", 8, "day")
                .day("before", day(3))
                .figure("wanted", 7));
  }

  @Test
  void apiaries_in_two_zones_are_worked_at_their_own_dawn() {
    Outfit outfit = new Outfit(2).yard(0, 10);
    // an hour ahead of the depot, whose clock stands two hours behind UTC
    Instant dawn = day(0).atTime(5, 0).atZone(ZoneId.of("Etc/GMT+1")).toInstant();
    outfit.yard(
        1,
        20,
        Map.of(day(0), List.of(Window.of(dawn, dawn.plusSeconds(7_200), HourGrade.GOOD))),
        Map.of());
    outfit.crew("A").weekly(0, 1).weekly(1, 1);
    DayRoute route =
        SeasonPlan.of(
                outfit.problem(), List.of(Outfit.visit(0, 1, "A", 0), Outfit.visit(1, 1, "A", 0)))
            .routes()
            .get(0);
    assertThat(route.stops().get(0).yardId()).isEqualTo(Outfit.id("yard 1"));
    assertThat(route.stops().get(0).begins()).isEqualTo(dawn);
    assertThat(route.stops()).allMatch(stop -> stop.outsideMinutes() == 0);
  }

  @Test
  void the_night_on_which_clocks_change_is_planned_by_true_minutes() {
    ZoneId zone = ZoneId.of("CET");
    LocalDate change = LocalDate.of(2026, 10, 25);
    Instant from = change.atTime(1, 30).atZone(zone).toInstant();
    Instant to = change.atTime(3, 30).atZone(zone).toInstant();
    PlanYard yard =
        new PlanYard(
            Outfit.id("yard 0"),
            "Yard 0",
            Outfit.DEPOT,
            Map.of(change, List.of(Window.of(from, to, HourGrade.GOOD))),
            false,
            Map.of());
    PlannedSeries series =
        Outfit.series(0, 1, new Gaps(5, 7, 9), new DaySpan(change, change), change, change);
    RoadCrew crew =
        new RoadCrew(
            Outfit.id("A"),
            "A",
            LocalTime.of(0, 30),
            LocalTime.of(22, 0),
            600,
            Set.of(),
            Map.of(yard.id(), 170));
    SeasonProblem problem =
        new SeasonProblem(
            new DaySpan(change, change),
            Outfit.id("depot"),
            Outfit.DEPOT,
            zone,
            List.of(crew),
            List.of(yard),
            List.of(series),
            new Roads(1.35, 50, List.of()),
            PlanWeights.USUAL,
            List.of(),
            List.of(),
            Map.of());
    // from half past one to half past three are three hours in that night
    SeasonPlan plan = SeasonPlan.byHand(problem);
    assertThat(plan.figures().missed()).isZero();
    assertThat(plan.routes().get(0).stops().get(0).outsideMinutes()).isZero();
  }

  @Test
  void hours_that_no_source_tells_of_hold_a_visit_that_is_to_be_confirmed() {
    SeasonPlan plan = SeasonPlan.of(untold(null, 1).problem(), List.of(Outfit.visit(0, 1, "A", 0)));
    assertThat(plan.routes().get(0).stops().get(0).expectedMinutes()).isEqualTo(60);
    assertThat(plan.routes().get(0).stops().get(0).fairMinutes()).as("no grade").isZero();
    assertThat(plan.bends()).isEmpty();
    SeasonPlan told =
        SeasonPlan.of(untold(HourGrade.GOOD, 1).problem(), List.of(Outfit.visit(0, 1, "A", 0)));
    assertThat(told.routes().get(0).stops().get(0).expectedMinutes()).isZero();
  }

  @Test
  void where_no_source_tells_of_a_day_a_quarter_of_its_hours_is_kept_for_a_spoiled_one() {
    List<PlacedVisit> oneDay =
        List.of(Outfit.visit(0, 1, "A", 0), Outfit.visit(1, 1, "A", 0), Outfit.visit(2, 1, "A", 0));
    List<PlacedVisit> twoDays =
        List.of(Outfit.visit(0, 1, "A", 0), Outfit.visit(1, 1, "A", 0), Outfit.visit(2, 1, "A", 1));
    SeasonProblem untold = untold(null, 3).problem();
    assertThat(SeasonPlan.of(untold, oneDay).bends())
        .singleElement()
        .satisfies(
            bend -> {
              assertThat(bend.kind()).isEqualTo(RuleViolation.Kind.NO_RESERVE);
              assertThat(bend.says())
                  .isEqualTo(Fact.of("plan.inReserve").minutes("work", 33).day("day", day(0)));
            });
    assertThat(SeasonPlan.of(untold, oneDay).figures().reserveMinutes()).isEqualTo(33);
    assertThat(SeasonPlan.of(untold, twoDays).figures().reserveMinutes()).isZero();
    assertThat(score(untold, twoDays)).isLessThan(score(untold, oneDay));
    SeasonProblem told = untold(HourGrade.GOOD, 3).problem();
    assertThat(SeasonPlan.of(told, oneDay).bends()).isEmpty();
    assertThat(score(told, oneDay)).isLessThan(score(told, twoDays));
    SeasonProblem none = untold(null, 3).problem(PlanWeights.of(Map.of("plan.reserve", 0.0)));
    assertThat(SeasonPlan.of(none, oneDay).bends()).isEmpty();
  }

  /** Apiaries at the depot's gate with 196 minutes a day. */
  private static Outfit untold(@Nullable HourGrade grade, int yards) {
    Outfit outfit = new Outfit(4);
    for (int yard = 0; yard < yards; yard++) {
      Map<LocalDate, List<Window>> hours = new HashMap<>();
      for (int day = 0; day < 4; day++) {
        hours.put(
            day(day), List.of(Outfit.window(day, LocalTime.of(5, 0), LocalTime.of(8, 16), grade)));
      }
      outfit.yard(yard, 0.1 * (yard + 1), hours, Map.of());
    }
    outfit.crew("A");
    for (int yard = 0; yard < yards; yard++) {
      outfit.weekly(yard, 1);
    }
    return outfit;
  }

  private static PlanScore score(SeasonProblem problem, List<PlacedVisit> visits) {
    PlanBoard board = new PlanBoard(problem);
    return PlanScore.of(board, board.placing(visits));
  }

  @Test
  void ways_are_great_circles_times_a_factor_unless_somebody_drove_them() {
    UUID here = Outfit.id("here");
    UUID there = Outfit.id("there");
    Place equator = new Place(0, 0);
    Place oneDegree = new Place(0, 1);
    Roads reckoned = new Roads(1.35, 50, List.of());
    // one degree of a sphere of 6,371.009 km is 111.195 km
    assertThat(reckoned.way(here, equator, there, oneDegree).km())
        .isCloseTo(111.195 * 1.35, within(0.01));
    assertThat(reckoned.way(here, equator, there, oneDegree).minutes()).isEqualTo(181);
    Roads driven = new Roads(1.35, 50, List.of(new Roads.Measured(there, here, 140, 150)));
    assertThat(driven.way(here, equator, there, oneDegree))
        .isEqualTo(new Roads.Way(140, 150, true));
  }

  @Test
  void gaps_that_contradict_themselves_or_the_label_are_refused_or_raised() {
    assertThatThrownBy(() -> new Gaps(8, 7, 9))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("more than the 7 days");
    assertThatThrownBy(() -> new Gaps(5, 7, 6)).isInstanceOf(InvalidValue.class);
    assertThat(new Gaps(4, 5, 6).atLeast(7)).isEqualTo(new Gaps(7, 7, 7));
    assertThat(new Gaps(4, 7, 9).atLeast(5)).isEqualTo(new Gaps(5, 7, 9));
  }

  private static LocalDate day(int day) {
    return Outfit.FIRST.plusDays(day);
  }

  private static Instant at(int day, String time) {
    return day(day).atTime(LocalTime.parse(time)).atZone(Outfit.ZONE).toInstant();
  }

  private static Fact onDays(Fact reason, int days) {
    return Fact.of("missed.onDays").fact("reason", reason).count("days", days, "day");
  }
}
