package tavrel.core.spacing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static tavrel.core.spacing.Colonies.TODAY;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.Comb;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.rulesheet.LabelPoint;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.Verdict;

class SpacingTest {

  private static final RuleSheet ONCE_BROODLESS = ExampleSheets.all().get(3);

  @Test
  void a_course_shows_each_round_with_its_band_and_counts_every_mite_killed() {
    MiteForecast miteForecast = MiteForecast.of(Colonies.summer(), Schedule.every(TODAY, 3, 7));

    assertThat(miteForecast.rounds()).hasSize(3);
    assertThat(miteForecast.rounds())
        .allSatisfy(
            round -> {
              assertThat(round.killed()).isBetween(round.killedLow(), round.killedHigh());
              assertThat(round.shielded()).isBetween(0.3, 0.95);
            });
    double killed =
        miteForecast.rounds().stream().mapToDouble(MiteForecast.RoundEffect::killed).sum();
    assertThat(miteForecast.killed().get(45)).isEqualTo(killed, within(0.2));
    assertThat(miteForecast.exposed()).hasSize(46);
    assertThat(miteForecast.atCommonDate().left())
        .isEqualTo(miteForecast.exposed().get(45) + miteForecast.capped().get(45), within(0.2))
        .isBetween(miteForecast.low().get(45), miteForecast.high().get(45))
        .isLessThan(miteForecast.atCommonDate().untreated());
    assertThat(miteForecast.after().day()).isEqualTo(TODAY.plusDays(14 + 24));
    assertThat(miteForecast.ruleOfThumb().says())
        .isEqualTo(
            Fact.of("thumb.spanAndGap")
                .figure("gap", 7)
                .figure("widest", 7)
                .figure("span", 14)
                .count("needed", 15, "day"));
    assertThat(miteForecast.minutes()).isEqualTo(3 * (30 + 2 * 12));
  }

  @Test
  void without_a_round_the_course_is_the_untreated_one() {
    MiteForecast miteForecast = MiteForecast.of(Colonies.summer(), new Schedule(List.of()));

    assertThat(miteForecast.atCommonDate().left())
        .isEqualTo(miteForecast.atCommonDate().untreated());
    assertThat(miteForecast.after()).isNull();
  }

  @Test
  void the_search_knows_every_even_series_and_agrees_with_the_course() {
    Colony colony = Colonies.summer();
    SpacingSearch search = SpacingSearch.of(colony);

    assertThat(search.options()).hasSize(14 * (1 + 7 * 12));
    Random random = new Random(4);
    for (int i = 0; i < 20; i++) {
      SpacingSearch.EvenSeries option =
          search.options().get(random.nextInt(search.options().size()));
      if (option.settled()) {
        MiteForecast miteForecast = MiteForecast.of(colony, option.schedule());
        assertThat(option.left()).isEqualTo(miteForecast.atCommonDate().left(), within(0.11));
        assertThat(option.after()).isEqualTo(miteForecast.after().left(), within(0.11));
      }
    }
  }

  @Test
  void nothing_beats_the_front_in_both_visits_and_mites() {
    SpacingSearch search = SpacingSearch.of(Colonies.summer());

    assertThat(search.front()).hasSizeGreaterThan(2);
    for (SpacingSearch.EvenSeries best : search.front()) {
      assertThat(search.options())
          .noneMatch(
              other ->
                  other.settled()
                      && other.rounds() <= best.rounds()
                      && other.left() < best.left() - 1e-9);
    }
  }

  @Test
  void one_round_in_a_swarms_window_is_recommended_and_beats_the_series() {
    Colony swarm =
        Colonies.colony(
            9, null, List.of(new BroodEvent.SwarmHived(TODAY.minusDays(1), Comb.DRAWN)));
    Comparison comparison = Comparison.of(swarm, TODAY);

    assertThat(comparison.advice().kind()).isEqualTo(Advice.Kind.SINGLE);
    assertThat(comparison.advice().days()).containsExactly(TODAY.plusDays(1));
    assertThat(comparison.advice().reasons())
        .anyMatch(says -> says.code().equals("advice.oneWithoutBrood"));
    assertThat(comparison.patterns()).extracting(PatternOutcome::id).contains("single", "weekly3");
  }

  @Test
  void a_summer_colony_gets_the_fewest_visits_that_reach_the_limit() {
    Colony colony = Colonies.summer();
    Comparison comparison = Comparison.of(colony, TODAY);
    Advice advice = comparison.advice();

    assertThat(advice.kind()).isEqualTo(Advice.Kind.SERIES);
    MiteForecast advised = MiteForecast.of(colony, new Schedule(advice.days()));
    assertThat(advised.atCommonDate().wash()).isLessThanOrEqualTo(0.02);
    assertThat(SpacingSearch.of(colony).options())
        .noneMatch(
            o -> o.settled() && o.rounds() < advice.days().size() && o.wash() <= colony.target());
  }

  @Test
  void what_is_not_on_the_label_is_shown_and_never_recommended() {
    Colony colony = Colonies.colony(9, ONCE_BROODLESS, List.of());
    Comparison comparison = Comparison.of(colony, TODAY);

    assertThat(comparison.patterns())
        .filteredOn(pattern -> pattern.days().size() > 1)
        .allSatisfy(
            pattern -> {
              assertThat(pattern.verdict()).isEqualTo(Verdict.NOT_ON_LABEL);
              assertThat(pattern.labelSays())
                  .isEqualTo(
                      Fact.of("label.told")
                          .word("point", LabelPoint.ROUNDS_A_SERIES)
                          .fact(
                              "says",
                              Fact.of("label.rounds")
                                  .count("rounds", pattern.days().size(), "round")));
            });
    assertThat(comparison.advice().kind()).isEqualTo(Advice.Kind.NONE_ON_LABEL);
    assertThat(comparison.advice().days()).isEmpty();
    assertThat(comparison.breaks())
        .extracting(BroodBreak::kind)
        .contains(BroodBreak.Kind.QUEEN_CAGED);
    assertThat(comparison.advice().reasons())
        .anyMatch(says -> says.code().equals("advice.whatWould"));
  }

  @Test
  void a_caged_queen_leaves_fewer_mites_than_weekly_three() {
    Comparison comparison = Comparison.of(Colonies.summer(), TODAY);
    double weekly =
        comparison.patterns().stream()
            .filter(pattern -> pattern.id().equals("weekly3"))
            .findFirst()
            .orElseThrow()
            .left();

    assertThat(comparison.breaks())
        .filteredOn(each -> each.kind() == BroodBreak.Kind.QUEEN_CAGED)
        .singleElement()
        .satisfies(
            caged -> {
              assertThat(caged.left()).isLessThan(weekly);
              assertThat(caged.shielded()).isLessThan(0.02);
            });
  }

  @Test
  void the_common_rhythm_is_cheap_where_it_reaches_the_limit_and_never_better_than_ones_own() {
    CommonRhythm rhythm = CommonRhythm.of(Colonies.summer(), Schedule.every(TODAY, 6, 5));

    assertThat(rhythm.ownLeft()).isLessThanOrEqualTo(rhythm.left());
    assertThat(rhythm.cheap()).isTrue();
    CommonRhythm late =
        CommonRhythm.of(Colonies.summer(), Schedule.every(TODAY.plusDays(20), 3, 3));
    assertThat(late.cheap()).isFalse();
  }

  @Test
  void a_missed_day_can_shift_all_move_one_or_be_left_out() {
    List<LocalDate> days = Schedule.every(TODAY, 4, 7).days();

    assertThat(Respacing.of(days, 1, TODAY.plusDays(9)))
        .extracting(Respacing::days)
        .containsExactly(days(0, 9, 16, 23), days(0, 9, 14, 21), days(0, 14, 21));
    assertThat(Respacing.of(days, 1, TODAY.plusDays(15))).hasSize(2);
    assertThatThrownBy(() -> Respacing.of(days, 1, TODAY)).isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> Respacing.of(days, 4, TODAY)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void spring_rounds_end_two_weeks_before_supers_go_on_and_there_are_none_far_from_it() {
    LocalDate today = LocalDate.of(2026, 4, 1);
    SeasonDates flow =
        new SeasonDates(
            MonthDay.of(11, 10),
            MonthDay.of(1, 25),
            0,
            MonthDay.of(5, 10),
            MonthDay.of(7, 20),
            MonthDay.of(9, 5));
    BroodClock clock = BroodClock.of(List.of(), BroodDefaults.USUAL, flow, today);
    BroodClock autumn =
        BroodClock.of(List.of(), BroodDefaults.USUAL, flow, LocalDate.of(2026, 9, 1));

    assertThat(of(SeriesPreset.of(clock, flow, false), SeriesPreset.Occasion.SPRING))
        .containsExactly(
            LocalDate.of(2026, 4, 12), LocalDate.of(2026, 4, 19), LocalDate.of(2026, 4, 26));
    assertThat(of(SeriesPreset.of(autumn, flow, false), SeriesPreset.Occasion.SPRING)).isEmpty();
  }

  @Test
  void presets_follow_the_colony_and_the_year() {
    List<SeriesPreset> presets =
        SeriesPreset.of(
            Colonies.clock(List.of(new BroodEvent.SwarmHived(TODAY, Comb.DRAWN))),
            Colonies.SEASON,
            false);

    assertThat(of(presets, SeriesPreset.Occasion.SWARM)).containsExactly(TODAY.plusDays(2));
    assertThat(of(presets, SeriesPreset.Occasion.SPLIT)).isEmpty();
    assertThat(of(presets, SeriesPreset.Occasion.LATE_SUMMER)).hasSize(4).startsWith(TODAY);
    assertThat(of(presets, SeriesPreset.Occasion.WINTER))
        .containsExactly(LocalDate.of(2026, 12, 21));
  }

  @Test
  void schedules_out_of_reason_are_refused() {
    assertThatThrownBy(() -> Schedule.every(TODAY, 3, 0)).hasMessageContaining("allowed is 1");
    assertThatThrownBy(() -> new Schedule(List.of(TODAY, TODAY)))
        .hasMessageContaining("two rounds on");
    assertThatThrownBy(() -> new Schedule(List.of(TODAY, TODAY.minusDays(1))))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(
            () -> MiteForecast.of(Colonies.summer(), Schedule.every(TODAY.minusYears(100), 1, 7)))
        .hasMessageContaining("must lie from");
    assertThatThrownBy(() -> Comparison.of(Colonies.summer(), TODAY.plusDays(20)))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void a_later_round_never_makes_the_common_date_worse() {
    Random random = new Random(9);
    Colony colony = Colonies.summer();
    for (int i = 0; i < 40; i++) {
      TreeSet<LocalDate> days = new TreeSet<>();
      while (days.size() < 3) {
        days.add(TODAY.plusDays(random.nextInt(45)));
      }
      double before =
          MiteForecast.of(colony, new Schedule(List.copyOf(days))).atCommonDate().left();
      days.add(TODAY.plusDays(random.nextInt(45)));
      assertThat(MiteForecast.of(colony, new Schedule(List.copyOf(days))).atCommonDate().left())
          .isLessThanOrEqualTo(before);
    }
  }

  @Test
  void rounds_on_record_count_against_the_year() {
    RuleSheet sheet = ExampleSheets.all().get(0);
    Colony fresh = Colonies.colony(9, sheet, List.of());
    Colony treated =
        new Colony(
            fresh.load(),
            fresh.clock(),
            fresh.season(),
            fresh.figures(),
            fresh.dose(),
            sheet,
            TODAY.minusDays(1),
            Map.of(2026, 50),
            fresh.commonDate(),
            fresh.target(),
            12);
    Schedule three = Schedule.every(TODAY, 3, 7);

    assertThat(treated.judge(three).verdict()).isGreaterThanOrEqualTo(fresh.judge(three).verdict());
  }

  private static List<LocalDate> of(List<SeriesPreset> presets, SeriesPreset.Occasion occasion) {
    return presets.stream()
        .filter(preset -> preset.occasion() == occasion)
        .findFirst()
        .orElseThrow()
        .days();
  }

  private static List<LocalDate> days(int... ahead) {
    return java.util.Arrays.stream(ahead).mapToObj(TODAY::plusDays).toList();
  }
}
