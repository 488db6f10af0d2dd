package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** A yard opened by hand, and hives that move, change their queen, die and are found again. */
class LifeJourneyTest {

  @Test
  void hives_live_move_and_end_and_everything_follows() {
    try (App app = App.demo();
        Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser.enterAs("Wren").open("/apiaries").press("Open a yard").see("How they usually stand");
      browser.type("How many hives stand there", "x").type("What you call it", "Cold Quay");
      browser.press("Open it").see("no number");
      browser.type("How many hives stand there", "3").press("Open it").see("taken by another");
      assertThat(browser.typed("How many hives stand there")).isEqualTo("3");
      browser.type("What you call it", "Ness Field").type("Before the number", "N");
      assertThat(browser.barriers()).as("opening a yard").isEmpty();
      browser.see("N1 to N3").press("2x deep 10").press("Open it").see("3 hives").see("N2");

      // A truckload, one act, one way back.
      browser.press("choose many").press("all").press("Move…").see("To which apiary");
      assertThat(browser.barriers()).as("moving hives").isEmpty();
      browser.choose("To which apiary", "Withy Stand, 5 hives").press("Write it down");
      browser.see("3 hives moved to Withy Stand").see("Close this yard");
      browser.press("Take it back").see("N2").seeNo("Close this yard");

      // The page of one hive.
      browser.key("/").see("any name it had").type("A name or a day", "N2");
      browser.see("Ness Field").key(Keys.ENTER);
      browser.see("How it stands").see("never counted");
      browser.press("New name…").type("What is painted on it now", "N1").press("Write it down");
      browser.see("another hive of this name").type("What is painted on it now", "N9");
      browser.press("Write it down").see("N2 is called N9 now");
      browser.press("Queen…").type("Hatched in the year", "2026").type("Mark", "white");
      browser.press("Write it down").see("2026, white");
      assertThat(browser.barriers()).as("page of a hive").isEmpty();
      browser.press("Dead, sold, gone…").choose("What the dead-out shows", "starved");
      browser.press("Write it down").see("ended: died (starved)").see("Nothing: it is no longer");
      browser.reload().see("ended: died (starved)");
      browser.key("/").type("A name or a day", "N2").see("once N2");
      browser.key(Keys.ESCAPE);
      browser.open("/apiaries").press("Ness Field").see("2 hives");
      assertThat(browser.complaints()).isEmpty();
    }
  }
}
