package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From boards and samples to advice, and from there to one more round. */
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
      desk.enterAs("Wren").open("/counts").choose("Apiary", "Withy Stand").see("W1");
      desk.press("Did it work?").see("fewer mites on the bees of 4 hives");
      desk.see("Against 1 hive left untreated").see("not treated in these rounds");
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
      desk.enterAs("Wren").open("/counts").choose("Apiary", "Withy Stand").see("Mites, W1");
      desk.open("/counts/results").see("W1: drops by round").see("another way");
      desk.open("/counts").see("Mites, W1").type("Day", "07162026").type("Mites, W1", "0");
      desk.press("Keep and next").see("W1: 0 kept");
      desk.open("/counts/results").see("W1: drops by round");
      desk.seeNo("another way while").see("Stop here, and count again in a month");
    }
  }

  @Test
  void a_reader_on_a_phone_sees_the_same_and_plans_nothing() {
    try (Browser phone = new Browser(app.url(), Browser.PHONE)) {
      phone.enterAs("Ida").open("/counts/results").choose("Apiary", "Withy Stand");
      phone.see("fewer mites").see("drops by round").seeNo("Plan one more round");
      assertThat(phone.barriers()).as("results on a phone").isEmpty();
      assertThat(phone.complaints()).isEmpty();
    }
  }
}
