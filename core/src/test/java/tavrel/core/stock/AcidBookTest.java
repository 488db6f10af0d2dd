package tavrel.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.stock.AcidBook.Draw;
import tavrel.core.stock.AcidBook.Drawn;
import tavrel.core.stock.AcidBook.StockTake;
import tavrel.core.stock.AcidOrder.Need;
import tavrel.core.stock.SupplyShelf.Supply;

class AcidBookTest {

  private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
  private final AcidLot first = lot("A1", MAY, 100, 20.0);
  private final AcidLot second = lot("B2", MAY.plusDays(30), 200, 60.0);

  @Test
  void the_oldest_lot_is_drawn_from_first_and_the_next_covers_the_rest() {
    AcidBook book = AcidBook.of(List.of(second, first), List.of(), List.of(draw(40, 150, null)));
    Drawn drawn = book.draws().get(0);
    assertThat(drawn.fromLots()).containsEntry(first.id(), 100.0).containsEntry(second.id(), 50.0);
    assertThat(drawn.cost()).isCloseTo(20 + 50 * 0.3, within(1e-9));
    assertThat(book.left()).isEqualTo(150);
  }

  @Test
  void a_lot_that_is_named_goes_before_the_oldest_whatever_its_letters_case() {
    AcidBook book = AcidBook.of(List.of(first, second), List.of(), List.of(draw(40, 50, "b2")));
    assertThat(book.draws().get(0).fromLots()).containsOnlyKeys(second.id());
  }

  @Test
  void what_was_bought_later_cannot_have_been_burned() {
    AcidBook book = AcidBook.of(List.of(second), List.of(), List.of(draw(10, 50, "B2")));
    assertThat(book.draws().get(0).uncovered()).isEqualTo(50);
    assertThat(book.draws().get(0).cost()).isNull();
    assertThat(book.left()).isEqualTo(200);
  }

  @Test
  void a_weighing_holds_and_its_difference_is_booked() {
    AcidBook book =
        AcidBook.of(
            List.of(first),
            List.of(new StockTake(UUID.randomUUID(), first.id(), MAY.plusDays(20), 50)),
            List.of(draw(10, 40, null), draw(20, 10, null)));
    AcidBook.LotState state = book.lots().get(0);
    assertThat(state.booked()).as("60 should have been there").isEqualTo(-10);
    assertThat(state.left()).as("burns of that day come after it").isEqualTo(40);
    assertThat(state.drawn()).isEqualTo(50);
  }

  @Test
  void a_lot_without_a_price_leaves_the_cost_unknown() {
    AcidBook book =
        AcidBook.of(List.of(lot("C", MAY, 100, null)), List.of(), List.of(draw(1, 10, null)));
    assertThat(book.draws().get(0).cost()).isNull();
    assertThat(book.draws().get(0).uncovered()).isZero();
  }

  @Test
  void every_gram_bought_is_drawn_booked_or_left_in_any_order_of_entry() {
    Random random = new Random(7);
    for (int run = 0; run < 200; run++) {
      List<AcidLot> lots = new ArrayList<>();
      List<Draw> draws = new ArrayList<>();
      List<StockTake> takes = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        lots.add(lot("L" + i, MAY.plusDays(random.nextInt(60)), 50 + random.nextInt(100), 10.0));
      }
      for (int i = 0; i < 12; i++) {
        draws.add(
            draw(
                random.nextInt(90),
                1 + random.nextInt(60),
                random.nextBoolean() ? "L" + random.nextInt(5) : null));
      }
      for (int i = 0; i < 3; i++) {
        takes.add(
            new StockTake(
                UUID.randomUUID(),
                lots.get(random.nextInt(4)).id(),
                MAY.plusDays(random.nextInt(90)),
                random.nextInt(80)));
      }
      AcidBook book = AcidBook.of(lots, takes, draws);
      for (AcidBook.LotState each : book.lots()) {
        assertThat(each.lot().grams() + each.booked())
            .isCloseTo(each.drawn() + each.left(), within(1e-6));
        assertThat(each.left()).isNotNegative();
      }
      double drawn = book.lots().stream().mapToDouble(AcidBook.LotState::drawn).sum();
      assertThat(drawn + book.uncovered())
          .isCloseTo(draws.stream().mapToDouble(Draw::grams).sum(), within(1e-6));
      Collections.shuffle(lots, random);
      Collections.shuffle(draws, random);
      Collections.shuffle(takes, random);
      assertThat(AcidBook.of(lots, takes, draws)).isEqualTo(book);
    }
  }

  @Test
  void the_order_is_due_so_many_days_before_the_round_that_it_fails_and_in_whole_hundreds() {
    List<Need> needs =
        List.of(
            new Need(MAY.plusDays(60), 150),
            new Need(MAY.plusDays(40), 100),
            new Need(MAY.plusDays(50), 100));
    AcidOrder order = AcidOrder.of(180, needs, Map.of());
    assertThat(order.need()).isEqualTo(350);
    assertThat(order.runsOutOn()).isEqualTo(MAY.plusDays(50));
    assertThat(order.orderBy()).isEqualTo(MAY.plusDays(36));
    assertThat(order.orderGrams()).as("350 and a tenth, less 180, is 205").isEqualTo(300);
    assertThat(AcidOrder.of(180, needs, Map.of("orderReserve", 0.0)).orderGrams()).isEqualTo(200);
  }

  @Test
  void nothing_is_ordered_where_enough_is_there_or_nothing_is_planned() {
    assertThat(AcidOrder.of(350, List.of(new Need(MAY, 350)), Map.of()))
        .isEqualTo(new AcidOrder(350, 350, null, 0, null));
    assertThat(AcidOrder.of(0, List.of(), Map.of()).orderGrams()).isZero();
  }

  @Test
  void an_order_is_spoken_of_when_it_presses_and_not_before() {
    AcidOrder order = AcidOrder.of(50, List.of(new Need(MAY.plusDays(40), 100)), Map.of());
    assertThat(order.warning(MAY)).isEmpty();
    assertThat(order.warning(MAY.plusDays(12)))
        .hasValue(
            Fact.of("stock.orderBy")
                .day("round", MAY.plusDays(40))
                .gramsSet("grams", 100)
                .day("by", MAY.plusDays(26)));
    assertThat(order.warning(MAY.plusDays(30)).orElseThrow().code()).isEqualTo("stock.orderNow");
    assertThat(AcidOrder.of(500, List.of(new Need(MAY, 100)), Map.of()).warning(MAY)).isEmpty();
  }

  @Test
  void pieces_on_the_shelf_are_counted_plus_bought_less_used_since() {
    List<Supply> supplies =
        List.of(supply(0, 10, false), supply(20, 6, true), supply(30, 4, false));
    List<LocalDate> used = List.of(MAY.plusDays(5), MAY.plusDays(20), MAY.plusDays(40));
    assertThat(SupplyShelf.of(SupplyKind.SEALS, supplies, used))
        .isEqualTo(new SupplyShelf(SupplyKind.SEALS, 8, 2, MAY.plusDays(20)));
    assertThat(SupplyShelf.of(SupplyKind.SEALS, supplies.subList(0, 1), used).onHand())
        .isEqualTo(7);
    assertThat(SupplyShelf.of(SupplyKind.SEALS, List.of(), used).onHand()).isZero();
  }

  @Test
  void a_round_costs_acid_time_and_wear_and_says_what_it_does_not_know() {
    RoundCost cost =
        RoundCost.of(
            3.0,
            2.5,
            2,
            List.of(burned(30, 500.0), burned(10, 500.0)),
            30.0,
            Map.of("costHourly", 18.0, "costKilometre", 0.5));
    assertThat(cost).isEqualTo(new RoundCost(3.0, 90.0, 1.0, 15.0));
    assertThat(cost.known()).isEqualTo(109);
    assertThat(RoundCost.of(null, 2.5, 2, List.of(burned(40, null)), 30.0, Map.of()))
        .isEqualTo(new RoundCost(null, null, null, null));
    assertThat(cost.plus(new RoundCost(null, 10.0, null, null)))
        .isEqualTo(new RoundCost(3.0, 100.0, 1.0, 15.0));
  }

  @Test
  void lots_that_cannot_be_are_refused_at_the_field() {
    assertThatThrownBy(() -> lot(" ", MAY, 100, null))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("name"));
    assertThatThrownBy(() -> lot("A", MAY, 0, null))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("grams"));
    assertThatThrownBy(() -> lot("A", MAY, 100, -1.0))
        .isInstanceOfSatisfying(
            InvalidValue.class, wrong -> assertThat(wrong.field()).isEqualTo("price"));
  }

  private static RoundCost.Burned burned(int burns, Double price) {
    return new RoundCost.Burned(burns, price);
  }

  private static Supply supply(int day, int pieces, boolean counted) {
    return new Supply(
        UUID.randomUUID(), SupplyKind.SEALS, MAY.plusDays(day), pieces, counted, null);
  }

  private static AcidLot lot(String name, LocalDate day, double grams, Double price) {
    return new AcidLot(UUID.randomUUID(), name, "Crystals", day, grams, 0.996, price, null);
  }

  private static Draw draw(int day, double grams, String lot) {
    LocalDate on = MAY.plusDays(day);
    return new Draw(UUID.randomUUID(), on, on.atTime(5, 0).toInstant(ZoneOffset.UTC), grams, lot);
  }
}
