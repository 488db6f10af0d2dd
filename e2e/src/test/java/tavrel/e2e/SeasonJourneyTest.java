package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** A season planned for every apiary, spoiled by rain, mended, agreed, and followed on Today. */
class SeasonJourneyTest {

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
  void from_the_week_to_an_agreed_season_and_over_a_lost_day() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren").see("Hollow Bank");
      desk.go("/apiaries").press("Upper Sallow").press("Hours").see("Press an hour to see why");

      desk.press("Season").see("Search a plan").press("What is to be done");
      desk.see("Add for 4 apiaries").press("Add for 4 apiaries").see("4 series added");
      desk.choose("Occasion", "winter: one round when nothing is capped");
      desk.see("while nothing is capped").press("Add for 5 apiaries").see("5 series added");
      assertThat(desk.barriers()).as("work").isEmpty();

      desk.press("The plan").see("Search a plan").choose("for", "5 s").press("Search a plan");
      desk.see("Searching for a better plan").see("Agree: make it the rounds");
      desk.see("0 of 24");
      assertThat(visits(desk)).isEqualTo(24);

      desk.pressAt("button.visit[aria-label^='Upper Sallow, Late summer series, round 2;']");
      desk.see("Upper Sallow, round 2 of 4").press("Pin it here").see("Let it move");
      String before = labelOf(desk, "Upper Sallow, Late summer series, round 2;");
      assertThat(before).contains("pinned");
      desk.find("button.visit[aria-label^='Upper Sallow, Late summer series, round 2;']")
          .sendKeys(Keys.chord(Keys.ALT, Keys.ARROW_RIGHT));
      Until.within(
          Duration.ofSeconds(30),
          "the round is a day later",
          () -> !labelOf(desk, "Upper Sallow, Late summer series, round 2;").equals(before));
      desk.reload().see("Search a plan");
      assertThat(labelOf(desk, "Upper Sallow, Late summer series, round 2;"))
          .contains("pinned")
          .isNotEqualTo(before);

      desk.press("Agree: make it the rounds").see("a reason is missing; these days are not on");
      assertThat(desk.barriers()).as("refused").isEmpty();
      desk.type("Why off the label?", "agreed with the bee inspector");
      desk.press("Agree: make it the rounds").see("Agreed: Today, Dose and Run follow it.");
      String spoiled = dayOf(labelOf(desk, "Hollow Bank, Late summer series, round 3;"));
      desk.pressAt("button.day[aria-label^='" + spoiled + "']");
      desk.see("Rained off: move its rounds").type("Reason", "two days of rain");
      assertThat(desk.barriers()).as("day").isEmpty();
      desk.press("Rained off: move its rounds").see("with few changes");
      desk.see("Agree: make it the rounds").see("Hollow Bank, round 3").see("Would be");
      assertThat(labelOf(desk, "Hollow Bank, Late summer series, round 3;"))
          .doesNotContain("; " + spoiled + " with");
      desk.press("Agree: make it the rounds").see("Agreed: Today, Dose and Run follow it.");

      desk.press("Crews and roads").see("Gannet").see("agreed days");
      assertThat(desk.barriers()).as("outfit").isEmpty();

      // Who goes with a crew finds its yards for his own.
      desk.press("Change").see("Who goes with it");
      desk.pressAt(
          "//label[contains(., 'Who goes with it')]/ancestor::*[contains(@class, 'v-field')][1]");
      desk.pressAt(
          "//*[contains(@class, 'v-overlay')]//*[contains(@class, 'v-list-item')][contains(., 'Wren')]");
      desk.key(Keys.ESCAPE).press("Keep the crew").seeNo("Who goes with it");
      desk.reload().see("agreed days");
      desk.press("Today").see("with Gannet").choose("Yards shown", "my yards").see("Show all");
      desk.press("Show all");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  void a_crew_opens_its_day_and_changes_nothing() {
    try (Browser reader = new Browser(app.url(), Browser.DESK)) {
      reader.enterAs("Ida").go("/season").see("Crews and roads");
      assertThat(reader.body()).doesNotContain("Search a plan");
      reader.go("/season/work").see("Next workable hours");
      assertThat(reader.barriers()).isEmpty();
    }
  }

  private static int visits(Browser desk) {
    return desk.all("button.visit").size();
  }

  /** Read at one go: the grid is drawn anew while a search runs. */
  private static String labelOf(Browser desk, String beginning) {
    Object found =
        desk.script(
            """
            return [...document.querySelectorAll('button.visit')]
              .map((each) => each.getAttribute('aria-label'))
              .find((label) => label.startsWith(arguments[0])) ?? ''
            """,
            beginning);
    return String.valueOf(found);
  }

  /** The day in a label: between the first semicolon and the crew. */
  private static String dayOf(String label) {
    List<String> parts = List.of(label.split("; "));
    return parts.get(1).substring(0, parts.get(1).indexOf(" with "));
  }
}
