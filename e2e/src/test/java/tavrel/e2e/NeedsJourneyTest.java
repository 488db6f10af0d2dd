package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;

/** What needs the keeper, and by when: from a heavy count to the bench, put off, sampled, rung. */
class NeedsJourneyTest {

  @Test
  void today_names_what_presses_and_leads_to_the_act() throws Exception {
    try (App app = App.demo();
        Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser.enterAs("Wren").see("Falls short").see("H10 at least: 4 rounds");

      // A colony in danger stands first, its neighbours are to be washed, and one press leads on.
      browser.go("/counts").see("Mites, H1").type("Mites, H1", "120").press("Keep and next");
      browser.see("H1: 120 kept").go("/").see("In danger").see("H1 20.8 %");
      browser.see("Beside a collapse").press("To the bench").see("Spacing · H1");
      assertThat(browser.driver().getCurrentUrl()).contains("/spacing/");
      browser.press("Adopt the series").see("Series of 18 Aug").go("/season").see("Hollow Bank");

      // A line waits with a reason, and comes back when it is taken up.
      browser.go("/").press("Put off: Monthly count").see("Why it can wait");
      browser.type("Why it can wait", "rain all week");
      browser.pressAt("[role=dialog] button[type=submit]").see("Put off: 1 line");
      browser.press("Put off: 1 line").see("rain all week").press("Take up again");
      browser.seeNo("Put off: 1 line");
      assertThat(browser.barriers()).as("today").isEmpty();

      // Every yard in one look, put in order.
      browser.go("/apiaries").see("Upper Sallow").see("in danger").press("Hives");
      browser.see("Counted this year");
      assertThat(browser.barriers()).as("yards").isEmpty();

      // Yards of a crew together; lists and choices are narrowed to them until all are shown again.
      browser.press("Groups…").type("What it is called", "Gannet");
      browser.pressAt("//fieldset/label[contains(., 'Hollow Bank')]");
      browser.pressAt("//fieldset/label[contains(., 'Cold Quay')]").see("Its yards (2)");
      browser.press("Keep the group").see("Yards shown");
      browser.choose("Yards shown", "Gannet (2)").seeNo("Upper Sallow");
      browser.go("/").see("Hollow Bank").seeNo("Upper Sallow").reload().see("Show all");
      assertThat(browser.barriers()).as("narrowed").isEmpty();
      browser.seeNo("Upper Sallow").press("Show all").see("Upper Sallow");

      // Which hives to wash and to look into; a board by squares.
      browser.go("/counts").press("Sample this yard today").see("Wash these, in this order");
      browser.see("the yard counts as broodless");
      List<String> drawn =
          browser.all(".sampling p.hives a").stream().map(WebElement::getText).toList();
      browser.go("/spacing").press("What happened").choose("Capped brood", "nothing capped");
      drawn.subList(0, 5).forEach(hive -> browser.pressAt("//fieldset//button[.='" + hive + "']"));
      browser.press("Keep").seeNo("Open brood").go("/counts").press("Sample this yard today");
      browser
          .see("5 of 12 hives looked into, 0 with capped brood")
          .see("to call the yard broodless");
      browser.press("Drop board").press("By squares");
      browser.type("Strips", "1").type("Strip 1", "3, 5, 1").press("Reckon it");
      browser.see("60 mites").press("Take it");
      assertThat(browser.typed("Mites, H1")).isEqualTo("60");

      // What was given in earlier years comes from a file, its bad rows named, and comes once.
      Path earlier =
          Rosters.file(
              "day,apiary,hive,means,amount,operator",
              "2025-08-14,Withy Stand,W1,synthetic strips,2 strips,Somebody",
              "2025-13-14,Withy Stand,W2,synthetic strips,2 strips,Somebody");
      browser.go("/register").press("Earlier years, from a file").choose(earlier);
      browser.see("must be written year-month-day").press("Bring in the good rows only");
      browser.see("1 treatment brought in").see("2 strips").choose(earlier).see("1 here already");
      assertThat(browser.barriers()).as("earlier years").isEmpty();

      // The calendar in the pocket is fetched without signing in.
      browser.go("/account").press("Make its address").see("What rings");
      String address = browser.typed("Address");
      HttpResponse<String> calendar =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create(address)).build(),
                  HttpResponse.BodyHandlers.ofString());
      assertThat(calendar.statusCode()).isEqualTo(200);
      assertThat(calendar.body()).contains("Kiln Field", "BEGIN:VALARM");
    }
  }
}
