package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;

/** A yard opened by hand, and hives that move, change their queen, die and are found again. */
class LifeJourneyTest {

  private static final String DRAWN =
      "const photo = document.querySelector('.photos button img');"
          + " return photo !== null && photo.complete && photo.naturalWidth > 0";

  @Test
  void hives_live_move_and_end_and_everything_follows(@TempDir Path folder) throws Exception {
    try (App app = App.demo();
        Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser.enterAs("Wren").go("/apiaries").press("Open a yard").see("How they usually stand");
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

      // Hives of a series: the rounds to come go along, if one says so.
      browser.go("/apiaries").press("Kiln Field").see("24 hives").press("choose many");
      browser.press("all").press("Move…").choose("To which apiary", "Ness Field, 3 hives");
      browser.press("Write it down").see("Late summer, weekly four has rounds to come");
      browser.press("They go along").press("Write it down").see("24 hives moved to Ness Field");
      browser.go("/spacing").choose("Apiary", "Ness Field").see("Late summer, weekly four");
      browser.go("/apiaries").press("Kiln Field").see("Close this yard");
      browser.go("/apiaries").press("Ness Field").see("27 hives").press("choose many");
      browser.press("all").pressAt("[data-hive=N1]").pressAt("[data-hive=N2]");
      browser.pressAt("[data-hive=N3]").press("Move…").choose("To which apiary", "Kiln Field");
      browser
          .press("Write it down")
          .see("has rounds to come")
          .press("They go along")
          .press("Write it down")
          .see("24 hives moved to Kiln Field");

      // Its card, an order that holds it, and hives without names of their own.
      browser.press("Place and card").type("Poison centre", "0800 555 019").pressAt(".card .v-btn");
      browser.see("Written by Wren");
      browser.type("What was ordered", "ban on movement").press("Write the order down");
      browser.see("Nothing leaves, comes in or is given away");
      browser.press("all").press("Move…").choose("To which apiary", "Withy Stand, 5 hives");
      browser.press("Write it down").see("is held since").press("Back");
      browser.press("Write down that it is lifted").seeNo("Nothing leaves, comes in");
      browser.press("Place and card");
      browser.press("New name…").press("No names").type("What the stand is called", "P3");
      browser.press("Write it down").see("new names written down").see("P3/3");
      browser.go("/dose").see("P3: 3 hives");
      browser.go("/apiaries").press("Ness Field").see("P3/3").press("choose many").press("all");
      browser.press("New name…").type("Before the number", "N").press("Write it down").see("N3");

      // What stands there, looked at one by one.
      browser.press("Stocktake").see("0 found of 3 written").press("The other 3 hives: there");
      browser
          .press("Gone")
          .type("There, and in no book", "N7")
          .reload()
          .see("2 found of 3 written");
      assertThat(browser.barriers()).as("stocktake").isEmpty();
      browser.press("Write it down").see("2 found of 3 written; 0 dead, 1 gone, 0 not told, 1 new");
      browser.press("Take it back").see("0 found of 4 written");
      browser.go("/apiaries").press("Ness Field").see("4 hives").see("N1");

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
      browser.press("Boxes, supers…").type("Supers on it from then on", "2");
      browser.press("Write it down").see("2 supers from then on");
      browser.picture(folder.resolve("comb.png"));
      browser.choose(folder.resolve("comb.png"));
      Until.within(
          Duration.ofSeconds(20),
          "the photo is drawn from what the server keeps",
          () -> Boolean.TRUE.equals(browser.script(DRAWN)));
      browser.choose(Rosters.file("no picture")).see("is no picture that this device can read");

      // A tag of before leads to its hive, whatever that is called by then.
      Crew.demoKeeper(app).send("PUT", "/api/tag-host", Map.of("host", "https://tavrel.lan:8443"));
      String page = browser.driver().getCurrentUrl();
      Matcher tag =
          Pattern.compile("N9,Ness Field,https://tavrel.lan:8443(/t/\\w+)").matcher(tags(browser));
      assertThat(tag.find()).isTrue();
      browser.open(tag.group(1)).see("How it stands").see("N9");
      assertThat(browser.driver().getCurrentUrl()).isEqualTo(page);

      browser.press("Dead, sold, gone…").choose("What the dead-out shows", "starved");
      browser.press("Write it down").see("ended: died (starved)").see("Nothing: it is no longer");
      browser.reload().see("ended: died (starved)");
      browser.key("/").type("A name or a day", "N2").see("once N2");
      browser.key(Keys.ESCAPE);
      browser.go("/apiaries").press("Ness Field").see("3 hives");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** The tags of the yard as a table. */
  private static String tags(Browser browser) {
    return (String)
        browser
            .driver()
            .executeAsyncScript(
                """
                const done = arguments[0];
                fetch('/api/apiaries').then((a) => a.json())
                  .then((all) => all.find((each) => each.apiary.name === 'Ness Field').apiary.id)
                  .then((id) => fetch('/api/apiaries/' + id + '/tags.csv')).then((a) => a.text()).then(done);
                """);
  }
}
