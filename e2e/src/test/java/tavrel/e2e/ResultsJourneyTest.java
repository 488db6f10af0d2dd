package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** From boards and samples to advice, and from there to one more round. */
@Order(98)
class ResultsJourneyTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.demo();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void counts_tell_whether_it_worked_and_lead_to_one_more_round() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/counts").choose("Apiary", "Withy Stand").see("W1");
      desk.press("Did it work?").see("fewer mites on the bees of 4 hives");
      desk.see("1 hive left untreated and counted").see("not treated in these rounds");
      desk.see("W1: drops by round").press("W2").see("W2: drops by round");
      desk.see("expected of dose and hive").see("A model estimate");
      assertThat(desk.barriers()).as("results").isEmpty();
      desk.press("Plan one more round for W2").see("Dose");
      desk.see("for 1 hive");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  void a_wash_after_the_rounds_changes_what_is_advised() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/counts").choose("Apiary", "Withy Stand").see("Mites, W1");
      desk.go("/counts/results").see("W1: drops by round").see("another way");
      desk.go("/counts").see("Mites, W1").type("Day", "2026-07-16").type("Mites, W1", "0");
      desk.press("Keep and next").see("W1: 0 kept");
      desk.go("/counts/results").see("W1: drops by round");
      desk.seeNo("another way while").see("Stop here, and count again in a month");
    }
  }

  @Test
  void what_the_first_round_showed_plans_the_rest_of_the_series_and_a_press_takes_it_over() {
    try (Browser desk = new Browser(app.url(), Browser.DESK);
        Browser phone = new Browser(app.url(), Browser.PHONE)) {
      phone.enterAs("Ida").go("/counts/results").choose("Apiary", "Kiln Field");
      phone.see("The rest of").see("As agreed").seeNo("Take these days");
      assertThat(phone.barriers()).as("the rest of a series on a phone").isEmpty();
      desk.enterAs("Wren").go("/counts/results").choose("Apiary", "Kiln Field");
      desk.see("Planned from what its own hives showed").see("no further round");
      desk.press("Take these days").seeNo("The rest of");
      desk.reload().see("drops by round").seeNo("The rest of");
      desk.go("/spacing").choose("Apiary", "Kiln Field").see("left out");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  void a_hive_is_told_since_when_it_stands_and_a_count_from_before_is_refused() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/apiaries").press("Upper Sallow").press("Add a hive");
      desk.type("Name on the hive", "U99").type("Stands here since", "2026-08-01");
      desk.press("Add it").see("U99");
      desk.go("/counts").choose("Apiary", "Upper Sallow").choose("Hive", "U99").see("Mites, U99");
      desk.type("Day", "20 Jul 2026").type("Mites, U99", "3").press("Keep and next");
      desk.see("U99 stands here since 1 Aug 2026");
      desk.type("Day", "2026-08-02").press("Keep and next").see("U99: 3 kept");
    }
  }

  @Test
  void a_bare_board_after_a_round_is_asked_about_and_a_slip_is_struck_out() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/counts").choose("Apiary", "Cold Quay").see("Mites, C1");
      desk.type("Day", "2026-08-12").type("Mites, C1", "18").press("Keep and next");
      desk.see("C1: 18 kept").press("Drop board").choose("Hive", "C1").see("Treated on 14 Aug");
      desk.type("Day", "2026-08-16").type("Mites, C1", "0").press("Keep and next");
      desk.see("Look again").see("after a round, 16 Aug");
      assertThat(desk.barriers()).as("a count that is doubted").isEmpty();
      desk.reload().see("Look again").press("Latest counts").press("Strike out");
      desk.seeNo("Look again").see("18 in 300, 12 Aug");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  void what_each_hive_cost_opens_from_its_apiary() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/gear/stock").see("a hive and round").press("Kiln Field");
      desk.see("Kiln Field, hive by hive").see("K24");
      assertThat(desk.barriers()).as("costs by hive").isEmpty();
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  void a_lot_of_the_stock_brings_its_product_along() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/dose").choose("Apiary", "Upper Sallow").see("acid dihydrate for");
      desk.choose("Lot", "26-014");
      Until.within(
          Duration.ofSeconds(5),
          "the product is filled in",
          () -> desk.typed("Product").equals("Oxalic crystals"));
    }
  }

  @Test
  void a_reader_on_a_phone_sees_the_same_and_plans_nothing() {
    try (Browser phone = new Browser(app.url(), Browser.PHONE)) {
      phone.enterAs("Ida").go("/counts/results").choose("Apiary", "Withy Stand");
      phone.see("fewer mites").see("drops by round").seeNo("Plan one more round");
      assertThat(phone.barriers()).as("results on a phone").isEmpty();
      assertThat(phone.complaints()).isEmpty();
    }
  }
}
