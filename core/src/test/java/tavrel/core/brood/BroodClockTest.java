package tavrel.core.brood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.DaySpan;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;

class BroodClockTest {

  private static final SeasonDates NORTH = SeasonDates.usual(false);

  @Test
  void a_queen_caged_three_weeks_leaves_nine_days_and_six_with_drones() {
    BroodClock clock =
        clock("2026-06-22", caged("2026-06-01"), new BroodEvent.QueenReleased(day("2026-06-22")));

    assertThat(clock.workers().sure()).isEqualTo(span("2026-06-23", "2026-06-29"));
    assertThat(clock.workers().likely()).isEqualTo(span("2026-06-22", "2026-06-30"));
    assertThat(clock.withDrones().sure()).isEqualTo(span("2026-06-26", "2026-06-29"));
    assertThat(clock.withDrones().likely()).isEqualTo(span("2026-06-25", "2026-06-30"));
    assertThat(clock.on(day("2026-06-22"))).isEqualTo(BroodState.LIKELY_FREE);
    assertThat(clock.on(day("2026-06-23"))).isEqualTo(BroodState.FREE);
    assertThat(clock.on(day("2026-06-29"))).isEqualTo(BroodState.FREE);
    assertThat(clock.on(day("2026-06-30"))).isEqualTo(BroodState.LIKELY_FREE);
  }

  @Test
  void a_queen_let_out_too_early_leaves_no_day_and_is_told_how_many_were_missing() {
    BroodClock clock =
        clock("2026-06-12", caged("2026-06-01"), new BroodEvent.QueenReleased(day("2026-06-12")));

    assertThat(firstWithin(clock, 60)).isNull();
    assertThat(clock.why())
        .contains(
            Fact.of("brood.cagedTooShort")
                .count("shut", 11, "day")
                .count("workers", 2, "day")
                .count("drones", 5, "day"));
  }

  @Test
  void a_queen_still_caged_leaves_the_window_open() {
    BroodClock clock = clock("2026-06-25", caged("2026-06-01"));

    assertThat(clock.workers().openEnded()).isTrue();
    assertThat(clock.workers().sure().from()).isEqualTo("2026-06-23");
  }

  @ParameterizedTest
  @CsvSource({"DRAWN, 2026-05-19", "FOUNDATION, 2026-05-21"})
  void a_swarm_is_free_until_its_first_brood_is_capped(Comb comb, LocalDate last) {
    BroodClock clock = clock("2026-05-12", new BroodEvent.SwarmHived(day("2026-05-10"), comb));

    assertThat(clock.foundedOn()).isEqualTo("2026-05-10");
    assertThat(clock.workers().likely().to()).isEqualTo(last);
    assertThat(clock.workers().sure()).isEqualTo(span("2026-05-10", last.minusDays(1).toString()));
    assertThat(clock.on(day("2026-05-12"))).isEqualTo(BroodState.FREE);
    assertThat(clock.on(last.plusDays(1))).isEqualTo(BroodState.CAPPED);
  }

  @Test
  void a_package_is_free_until_nine_days_after_its_queens_release() {
    BroodClock clock =
        clock("2026-04-05", new BroodEvent.PackageHived(day("2026-04-02"), day("2026-04-04")));

    assertThat(clock.workers().likely().to()).isEqualTo("2026-04-13");
    assertThat(clock.workers().sure().to()).isEqualTo("2026-04-12");
  }

  @Test
  void a_package_whose_queen_is_let_out_later_says_the_same() {
    BroodClock clock =
        clock(
            "2026-04-05",
            new BroodEvent.PackageHived(day("2026-04-02"), null),
            new BroodEvent.QueenReleased(day("2026-04-04")));

    assertThat(clock.workers().likely().to()).isEqualTo("2026-04-13");
    assertThat(clock.workers().sure().to()).isEqualTo("2026-04-12");
  }

  @Test
  void a_split_with_eggs_and_a_ripe_cell_has_two_likely_days_and_no_sure_one() {
    BroodClock clock = clock("2026-05-15", split(YoungestBrood.EGGS));

    assertThat(clock.workers().sure()).isNull();
    assertThat(clock.workers().likely()).isEqualTo(span("2026-05-22", "2026-05-23"));
    assertThat(clock.lookDates())
        .extracting(LookDate::day)
        .containsExactly(day("2026-05-22"), day("2026-05-22"));
    assertThat(clock.lookDates()).anyMatch(look -> look.why().equals(Fact.of("brood.eggsByThen")));
  }

  @Test
  void a_split_from_young_larvae_has_five() {
    BroodClock clock = clock("2026-05-15", split(YoungestBrood.YOUNG_LARVAE));

    assertThat(clock.workers().likely()).isEqualTo(span("2026-05-19", "2026-05-23"));
    assertThat(clock.withDrones().likely()).isEqualTo(span("2026-05-22", "2026-05-23"));
  }

  @Test
  void a_split_with_capped_brood_only_is_free_of_workers_after_12_days_and_drones_after_14() {
    BroodClock clock = clock("2026-05-10", split(YoungestBrood.CAPPED_ONLY));

    assertThat(clock.workers().sure()).isEqualTo(span("2026-05-14", "2026-05-16"));
    assertThat(clock.withDrones().sure()).isEqualTo(span("2026-05-16", "2026-05-16"));
  }

  @Test
  void a_winter_that_was_seen_to_begin_and_end_is_sure() {
    BroodClock clock =
        clock(
            "2027-01-25",
            new BroodEvent.LayingStopped(day("2026-10-28")),
            new BroodEvent.LayingStarted(day("2027-01-20")));

    assertThat(clock.workers().likely()).isEqualTo(span("2026-11-18", "2027-01-28"));
    assertThat(clock.workers().sure()).isEqualTo(span("2026-11-19", "2027-01-27"));
    assertThat(clock.withDrones().sure()).isEqualTo(span("2026-11-22", "2027-01-27"));
  }

  @Test
  void a_winter_that_was_only_seen_to_begin_is_likely_never_sure() {
    BroodClock clock = clock("2026-12-20", new BroodEvent.LayingStopped(day("2026-10-28")));

    assertThat(clock.workers().sure()).isNull();
    assertThat(clock.workers().likely()).isEqualTo(span("2026-11-18", "2027-02-02"));
    assertThat(clock.on(day("2026-12-20"))).isEqualTo(BroodState.LIKELY_FREE);
  }

  @Test
  void the_calendars_winter_is_expected_and_shifts_by_hand() {
    BroodClock clock = clock("2026-10-01");
    SeasonDates late =
        new SeasonDates(
            NORTH.layingStops(), NORTH.layingStarts(), 10, null, null, NORTH.winterBees());

    assertThat(clock.workers().sure()).isNull();
    assertThat(clock.workers().likely()).isEqualTo(span("2026-12-01", "2027-02-02"));
    assertThat(
            BroodClock.of(List.of(), BroodDefaults.USUAL, late, day("2026-10-01"))
                .workers()
                .likely())
        .isEqualTo(span("2026-12-11", "2027-02-12"));
  }

  @ParameterizedTest
  @CsvSource({
    "OPEN_LARVAE, 2026-07-01",
    "EGGS_ONLY, 2026-07-05",
    "NOTHING, 2026-07-08",
  })
  void capped_frames_taken_out_free_it_until_what_stayed_is_capped(LeftBrood left, LocalDate to) {
    BroodClock clock = clock("2026-07-01", new BroodEvent.BroodRemoved(day("2026-07-01"), left));

    assertThat(clock.workers().sure()).isEqualTo(new DaySpan(day("2026-07-01"), to));
  }

  @ParameterizedTest
  @CsvSource({
    "LARVAE,    2026-07-01, 2026-07-01",
    "EGGS_ONLY, 2026-07-05, 2026-07-06",
    "NOT_NOTED, 2026-07-01, 2026-07-01",
  })
  void a_look_that_finds_nothing_capped_beats_the_clock_as_far_as_open_brood_allows(
      OpenBrood open, LocalDate sureTo, LocalDate likelyTo) {
    BroodClock clock = clock("2026-07-01", look("2026-07-01", Capped.NONE, 0, open));

    assertThat(clock.on(day("2026-06-30"))).isNotNull();
    assertThat(clock.workers().sure().to()).isEqualTo(sureTo);
    assertThat(clock.workers().likely().to()).isEqualTo(likelyTo);
  }

  @Test
  void no_brood_at_all_is_sure_for_a_week_and_likely_until_someone_sees_more() {
    BroodClock clock = clock("2026-07-01", look("2026-07-01", Capped.NONE, 0, OpenBrood.NONE));

    assertThat(clock.workers().sure().to()).isEqualTo("2026-07-08");
    assertThat(clock.workers().likely().to()).isAfter("2026-10-01");
  }

  @Test
  void capped_brood_that_is_seen_ends_a_window_that_was_only_reckoned() {
    BroodClock clock =
        clock(
            "2026-12-15",
            new BroodEvent.LayingStopped(day("2026-11-01")),
            look("2026-12-15", Capped.FRAMES, 2, OpenBrood.LARVAE));

    assertThat(clock.on(day("2026-12-15"))).isEqualTo(BroodState.CAPPED);
    assertThat(clock.on(day("2026-12-30"))).isEqualTo(BroodState.CAPPED);
  }

  @ParameterizedTest
  @CsvSource({
    "CAPPED, 2026-07-31, 2026-08-13, 2026-08-15",
    "LARVAE, 2026-08-01, 2026-08-19, 2026-08-22",
    "EGGS,   2026-08-06, 2026-08-22, 2026-08-25",
  })
  void a_frame_of_brood_given_ends_the_window_until_its_brood_has_emerged(
      GivenBrood given, LocalDate lastFree, LocalDate freeAgain, LocalDate ofDronesToo) {
    BroodEvent[] events = {
      caged("2026-06-20"), new BroodEvent.BroodGiven(day("2026-08-01"), given)
    };
    BroodClock before = clock("2026-07-20", events);
    assertThat(before.workers().likely()).isEqualTo(new DaySpan(day("2026-07-11"), lastFree));
    BroodClock after = clock(freeAgain.toString(), events);
    assertThat(after.workers().likely().from()).isEqualTo(freeAgain);
    assertThat(after.withDrones().likely().from()).isEqualTo(ofDronesToo);
  }

  @Test
  void a_swarm_that_left_is_as_a_split_with_eggs_and_a_ripe_cell() {
    BroodClock swarmed = clock("2026-05-15", new BroodEvent.SwarmLeft(day("2026-05-01")));
    BroodClock split = clock("2026-05-15", split(YoungestBrood.EGGS));
    assertThat(swarmed.workers()).isEqualTo(split.workers());
    assertThat(swarmed.foundedOn()).as("the colony is the same").isNull();
    refused(
        "order.noQueenToCage", new BroodEvent.SwarmLeft(day("2026-05-01")), caged("2026-05-05"));
  }

  @Test
  void no_queen_is_raised_from_capped_brood() {
    refusedAtEntry(
        "no egg or young larva",
        new BroodEvent.Split(day("2026-05-01"), YoungestBrood.CAPPED_ONLY, NewQueen.FROM_EGGS));
  }

  @Test
  void figures_that_contradict_each_other_are_refused_at_theirs() {
    assertThatThrownBy(() -> BroodDefaults.checkOrder(Map.of("cellEarliest", 20.0)))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("cellEarliest"));
    BroodDefaults.checkOrder(Map.of("cellEarliest", 14.0));
  }

  @Test
  void what_cannot_have_happened_is_refused_with_the_reason() {
    refused("order.noneCaged", new BroodEvent.QueenReleased(day("2026-06-12")));
    refused("order.cagedAlready", caged("2026-06-01"), caged("2026-06-03"));
    refusedAtEntry("order.hasNotCome", new BroodEvent.SwarmHived(day("2026-07-02"), Comb.DRAWN));
    refusedAtEntry("three years", caged("1926-06-01"));
    refused("order.hadNotStopped", new BroodEvent.LayingStarted(day("2026-06-01")));
    refused("order.cagedSoNoneLays", caged("2026-06-01"), stopped("2026-06-02"));
    refused("order.noQueenToCage", split(YoungestBrood.EGGS), caged("2026-05-05"));
    refusedAtEntry("order.tooFarAhead", new BroodEvent.QueenReleased(day("2026-10-01")));
    assertThatThrownBy(() -> new BroodEvent.PackageHived(day("2026-04-04"), day("2026-04-01")))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("before 2026-04-04");
    assertThatThrownBy(() -> look("2026-06-01", Capped.FRAMES, 400, OpenBrood.LARVAE))
        .hasMessageContaining("allowed is 0 to 30 frames");
  }

  @Test
  void own_defaults_move_the_window() {
    BroodDefaults slow = BroodDefaults.of(Map.of("onDrawnComb", 4.0));
    BroodClock clock =
        BroodClock.of(
            List.of(new BroodEvent.SwarmHived(day("2026-05-10"), Comb.DRAWN)),
            slow,
            NORTH,
            day("2026-05-12"));

    assertThat(clock.workers().likely().to()).isEqualTo("2026-05-22");
    assertThatThrownBy(() -> BroodDefaults.of(Map.of("onDrawnComb", 400.0)))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void sure_days_are_likely_days_whatever_happened() {
    Random random = new Random(6);
    for (int i = 0; i < 400; i++) {
      LocalDate day = day("2026-04-01").plusDays(random.nextInt(150));
      BroodEvent event =
          switch (random.nextInt(5)) {
            case 0 -> new BroodEvent.SwarmHived(day, any(random, Comb.values()));
            case 1 ->
                new BroodEvent.Split(
                    day, any(random, YoungestBrood.values()), any(random, NewQueen.values()));
            case 2 -> new BroodEvent.BroodRemoved(day, any(random, LeftBrood.values()));
            case 3 -> caged(day.toString());
            default -> look(day.toString(), Capped.NONE, 0, any(random, OpenBrood.values()));
          };
      BroodClock clock = clock(day.plusDays(random.nextInt(20)).toString(), event);
      for (int ahead = 0; ahead < 60; ahead++) {
        LocalDate then = day.plusDays(ahead);
        if (clock.workers().sure() != null && clock.workers().sure().contains(then)) {
          assertThat(clock.workers().likely().contains(then)).as("%s %s", event, then).isTrue();
        }
        if (clock.withDrones().likely() != null && clock.withDrones().likely().contains(then)) {
          assertThat(clock.on(then)).as("%s %s", event, then).isNotEqualTo(BroodState.CAPPED);
        }
      }
    }
  }

  private static <T> T any(Random random, T[] values) {
    return Arrays.asList(values).get(random.nextInt(values.length));
  }

  private static DaySpan firstWithin(BroodClock clock, int days) {
    DaySpan found = clock.workers().likely();
    return found == null || found.from().isAfter(clock.today().plusDays(days)) ? null : found;
  }

  private static void refusedAtEntry(String why, BroodEvent event) {
    assertThatThrownBy(() -> BroodClock.checkEntered(event, day("2026-07-01")))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining(why);
  }

  private static void refused(String why, BroodEvent... events) {
    assertThatThrownBy(() -> clock("2026-07-01", events))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining(why);
  }

  private static BroodClock clock(String today, BroodEvent... events) {
    return BroodClock.of(Arrays.asList(events), BroodDefaults.USUAL, NORTH, day(today));
  }

  private static BroodEvent caged(String day) {
    return new BroodEvent.QueenCaged(day(day));
  }

  private static BroodEvent stopped(String day) {
    return new BroodEvent.LayingStopped(day(day));
  }

  private static BroodEvent split(YoungestBrood youngest) {
    return new BroodEvent.Split(day("2026-05-01"), youngest, NewQueen.RIPE_CELL);
  }

  private static BroodEvent look(String day, Capped capped, double frames, OpenBrood open) {
    return new BroodEvent.Inspection(day(day), capped, frames, open, null);
  }

  private static LocalDate day(String text) {
    return LocalDate.parse(text);
  }

  private static DaySpan span(String from, String to) {
    return new DaySpan(day(from), day(to));
  }
}
