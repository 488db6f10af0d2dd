package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** From a count and a look at the brood to a defended plan, in the made-up outfit. */
class SpacingJourneyTest {

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
  void a_wash_becomes_a_verdict_a_dragged_plan_a_series_and_a_dose_sheet() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/counts").choose("Apiary", "Withy Stand").see("W1");
      desk.type("Mites", "301").press("Keep and next").see("more mites than bees");
      assertThat(desk.typed("Mites")).isEqualTo("301");
      desk.type("Mites", "9").press("Keep and next").see("W1: 9 kept").see("9 in 300, 18 Aug");
      desk.see("wash 453 more bees to know");

      desk.press("bench").see("Spacing · W1").see("mites left on");
      moveTheSecondMark(desk);
      desk.press("Each further").see("first round on");
      desk.press("Visits against").see("whichever of 14 days");
      desk.press("What this rhythm costs").see("Left with its own");
      desk.press("Adopt the series").see("look at the marked field");
      desk.type("Why off the label", "trial agreed with the adviser");
      desk.press("Adopt the series").see("Off the label: trial agreed");

      desk.go("/").see("Series of 18 Aug, round 1 of 3, 1 hive");
      desk.find("//li[contains(., 'Series of 18 Aug')]//a", "its dose sheet").click();
      desk.see("Round 1 of").see("1 of 5 hives").see("acid dihydrate for 1 hive");
      desk.press("Keep it and go to the run").see("People first");
      desk.all("[role=checkbox]").forEach(WebElement::click);
      desk.press("All true").see("waiting").see("W1");
      assertThat(desk.body()).doesNotContain("W2");
      desk.go("/spacing").see("planned or under way");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  private static void moveTheSecondMark(Browser desk) {
    WebElement mark = desk.find("[data-mark='2']");
    String before = mark.getDomAttribute("aria-valuetext");
    String left = desk.find("[data-outcome]").getText();
    new Actions(desk.driver())
        .moveToElement(mark.findElement(By.tagName("rect")))
        .clickAndHold()
        .moveByOffset(40, 0)
        .moveByOffset(8, 0)
        .release()
        .perform();
    Until.within(
        Duration.ofSeconds(10),
        "the mark and what it leaves have moved",
        () ->
            !desk.find("[data-mark='2']").getDomAttribute("aria-valuetext").equals(before)
                && !desk.find("[data-outcome]").getText().equals(left));
    String dragged = desk.find("[data-mark='2']").getDomAttribute("aria-valuetext");
    desk.script("document.querySelector(\"[data-mark='2']\").focus()");
    desk.key(Keys.ARROW_RIGHT);
    Until.within(
        Duration.ofSeconds(10),
        "the arrow key moves it",
        () -> !desk.find("[data-mark='2']").getDomAttribute("aria-valuetext").equals(dragged));
    desk.press("Add a round").see("4 visits");
    desk.press("Take the last out").see("3 visits");
  }

  @Test
  void a_swarm_has_a_free_window_and_takes_a_single_round() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").go("/spacing").choose("Apiary", "Withy Stand").see("W3");
      desk.press("What happened").choose("Event", "Swarm hived");
      desk.find("//fieldset//button[normalize-space()='W3']", "W3").click();
      desk.type("Day", "2026-08-19").press("Keep").see("has not come yet");
      desk.type("Day", "2026-08-17").press("Keep").seeNo("Hived on");
      desk.find("//h2[starts-with(., 'Free now')]/..//a[.='W3']", "W3 free now").click();
      desk.see("nothing capped today").see("17 Aug to 26 Aug, sure").see("Enter a count first");
      desk.type("Mites", "8").type("in bees", "300").see("One round on 19 Aug");
      desk.press("Put these days").see("1 visit,");
      desk.press("Adopt the series").see("ahead");
      desk.go("/").see("round 1 of 1, 1 hive, 19 Aug");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  void counts_made_without_network_wait_on_the_device_and_arrive_once() {
    try (Browser phone = Browser.roaming(app.url())) {
      phone.enterAs("Tam").go("/counts").choose("Apiary", "Cold Quay").see("Mites, C1");
      phone.network(false);
      phone.press("4").press("Keep and next").see("1 wait for the network").see("Mites, C2");
      phone.press("7").press("Keep and next").see("2 wait for the network");
      phone.network(true);
      phone.seeNo("wait for the network");
      phone.reload().see("7 in 300, 18 Aug").see("4 in 300, 18 Aug");
      phone.press("chewed").see("2 hives sampled this week");
      assertThat(phone.find("[aria-pressed=true]").getText()).isEqualTo("chewed");
      assertThat(phone.barriers()).isEmpty();
    }
  }
}
