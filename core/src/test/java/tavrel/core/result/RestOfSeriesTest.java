package tavrel.core.result;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.count.BoardReading;
import tavrel.core.count.Wash;
import tavrel.core.count.WashKind;
import tavrel.core.spacing.Colonies;

/** Two rounds of a series are done; what they showed plans the rest. */
class RestOfSeriesTest {

  private static final LocalDate FIRST = Colonies.TODAY;
  private static final List<LocalDate> DONE = List.of(FIRST, FIRST.plusDays(7));
  private static final LocalDate TODAY = FIRST.plusDays(10);
  private static final List<LocalDate> AGREED = List.of(FIRST.plusDays(14), FIRST.plusDays(21));
  private static final double LIMIT = 0.02;

  @Test
  void a_hive_with_next_to_no_mites_left_needs_no_further_round() {
    RestOfSeries rest = planned(hive("few", 1, 18, 4, 0));
    assertThat(way(rest, RestOfSeries.Kind.FITTED).days()).isEmpty();
    assertThat(way(rest, RestOfSeries.Kind.END_HERE).above()).isZero();
  }

  @Test
  void a_hive_full_of_mites_gets_as_many_rounds_as_it_needs_and_more_than_agreed_at_most_two() {
    RestOfSeries rest = planned(hive("many", 30, 700, 620, 27));
    RestOfSeries.Way fitted = way(rest, RestOfSeries.Kind.FITTED);
    assertThat(fitted.days()).hasSizeBetween(2, AGREED.size() + 2).startsWith(AGREED.get(0));
    assertThat(worst(fitted)).isLessThan(worst(way(rest, RestOfSeries.Kind.END_HERE)));
    assertThat(worst(fitted))
        .isLessThanOrEqualTo(worst(way(rest, RestOfSeries.Kind.AS_AGREED)) + 1e-9);
  }

  @Test
  void the_worst_hive_decides_and_comes_first() {
    RestOfSeries both = planned(hive("few", 1, 18, 4, 0), hive("many", 30, 700, 620, 27));
    RestOfSeries alone = planned(hive("many", 30, 700, 620, 27));
    assertThat(way(both, RestOfSeries.Kind.FITTED).days())
        .isEqualTo(way(alone, RestOfSeries.Kind.FITTED).days());
    assertThat(both.ways())
        .allSatisfy(way -> assertThat(way.hives().get(0).hive()).isEqualTo("many"));
  }

  @Test
  void what_is_agreed_stays_where_nothing_else_leaves_clearly_less() {
    RestOfSeries rest = planned(hive("many", 30, 700, 620, 27));
    RestOfSeries.Way agreed = way(rest, RestOfSeries.Kind.AS_AGREED);
    RestOfSeries only =
        Objects.requireNonNull(
            RestOfSeries.of(
                List.of(hive("many", 30, 700, 620, 27)),
                AGREED,
                LIMIT,
                days -> days.size() <= AGREED.size()));
    RestOfSeries.Way fitted = way(only, RestOfSeries.Kind.FITTED);
    assertThat(fitted.days().equals(AGREED) || worst(fitted) < 0.9 * worst(agreed)).isTrue();
  }

  @Test
  void nothing_is_put_forward_that_the_sheet_does_not_let_be() {
    RestOfSeries rest =
        RestOfSeries.of(
            List.of(hive("many", 30, 700, 620, 27)), AGREED, LIMIT, days -> days.size() < 2);
    assertThat(way(Objects.requireNonNull(rest), RestOfSeries.Kind.FITTED).days())
        .hasSizeLessThan(2);
  }

  @Test
  void hives_without_counts_are_named_and_alone_give_no_plan() {
    RestOfSeries.InSeries uncounted =
        new RestOfSeries.InSeries(UUID.randomUUID(), "silent", known(List.of(), List.of()));
    RestOfSeries.InSeries untouched = new RestOfSeries.InSeries(UUID.randomUUID(), "new", null);
    assertThat(planned(hive("few", 1, 18, 4, 0), uncounted, untouched).without())
        .containsExactly("silent", "new");
    assertThat(RestOfSeries.of(List.of(uncounted, untouched), AGREED, LIMIT, days -> true))
        .isNull();
  }

  @Test
  void every_plan_ends_early_enough_to_be_looked_at_on_its_day() {
    RestOfSeries rest = planned(hive("many", 30, 700, 620, 27));
    for (RestOfSeries.Way way : rest.ways()) {
      assertThat(way.days())
          .allSatisfy(
              day ->
                  assertThat(day).isBeforeOrEqualTo(rest.on().minusDays(RoundsTogether.SETTLED)));
    }
  }

  private static RestOfSeries planned(RestOfSeries.InSeries... hives) {
    return Objects.requireNonNull(RestOfSeries.of(List.of(hives), AGREED, LIMIT, days -> true));
  }

  private static RestOfSeries.Way way(RestOfSeries rest, RestOfSeries.Kind kind) {
    return rest.ways().stream().filter(each -> each.kind() == kind).findFirst().orElseThrow();
  }

  private static double worst(RestOfSeries.Way way) {
    return way.hives().get(0).wash().middle();
  }

  /** Mites in 300 bees before, drops of both rounds, mites in 300 bees now. */
  private static RestOfSeries.InSeries hive(
      String name, int before, int firstDrop, int secondDrop, int now) {
    List<Wash> washes = new ArrayList<>();
    washes.add(new Wash(FIRST.minusDays(1), WashKind.WASH, before, 300));
    washes.add(new Wash(TODAY, WashKind.WASH, now, 300));
    return new RestOfSeries.InSeries(
        UUID.randomUUID(),
        name,
        known(
            washes,
            List.of(
                new BoardReading(DONE.get(0).plusDays(2), firstDrop, 48, false),
                new BoardReading(DONE.get(1).plusDays(2), secondDrop, 48, false))));
  }

  private static HiveResult.Known known(List<Wash> washes, List<BoardReading> boards) {
    return new HiveResult.Known(
        Colonies.summer(240),
        BroodClock.of(List.of(), BroodDefaults.USUAL, Colonies.SEASON, TODAY),
        DONE,
        AGREED,
        new Samples(RoundsTogether.of(DONE).get(0), washes, boards, 1),
        LIMIT);
  }
}
