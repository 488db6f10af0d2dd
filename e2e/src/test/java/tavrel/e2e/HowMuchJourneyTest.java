package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;

/**
 * How much, for a keeper's own hives: a row painted until it is tight, scoops weighed, a pan timed
 * and run.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Order(97)
class HowMuchJourneyTest {

  private static final String ROSTER =
      """
      apiary;hive;position;brood boxes;supers;floor
      YARD;F1;1;deep 10;0;bare mesh
      YARD;F2;2;2x deep 10;0;bare mesh
      YARD;F3;3;nucleus 5;0;bare mesh
      YARD;F4;4;deep 10;1;bare mesh
      """;

  @TempDir private static Path data;
  private static App app;

  @BeforeAll
  static void start() throws Exception {
    app = App.serve(data);
    Crew.keeper(app);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  @Order(1)
  void a_row_painted_tight_lets_the_same_dose_work_and_the_sheet_says_how() {
    try (Browser browser = keeper("Fern Gate")) {
      browser.press("Fern Gate").see("leaky").see("The leakiest");
      assertThat(browser.barriers()).as("the drawn apiary").isEmpty();
      dose(browser, "Fern Gate").see("kills 38 %");

      browser.go("/apiaries").press("Fern Gate").see("leaky");
      browser.press("F1").see("Keeps 20 % of the acid").see("push the tray in tight");
      assertThat(browser.barriers()).as("a hive's seal").isEmpty();
      browser.press("Row 1").see("4 hives");
      browser.choose("Floor", "mesh, tray tight").see("Floor painted over 4 hives");
      browser.seeNo("leaky");
      browser.press("Take it back").see("leaky");
      browser.choose("Floor", "mesh, tray tight").seeNo("leaky");
      browser.type("Brood boxes", "barrel").key(Keys.TAB);
      browser.see("is no box");
      assertThat(browser.typed("Brood boxes")).as("nothing typed is lost").isEqualTo("barrel");
      browser.reload().see("keeps 92 %");
      walkByKeyboard(browser);

      dose(browser, "Fern Gate").seeNo("kills 38 %").see("kills 87 %");
      browser.press("Why for F3").see("nucleus 5 counts 0.5").see("see that the tray sits tight");
      browser.type("This hive instead", "40").type("because", "strong");
      browser.press("Give it").see("allowed is 0.1 g to 10 g a box");
      browser.type("This hive instead", "1").press("Give it").see("own amount").seeNo("allowed is");
      browser.press("Keep it and go to the run").see("People first");
      browser.press("Sheet and kit").see("Dose sheet, Fern Gate").see("4 loads to fill");
      browser.see("cloths for entrances").see("strong").see("rinse eyes 15 minutes");
      assertThat(browser.barriers()).as("sheet and kit").isEmpty();
      browser.find("[aria-label=Kit] input").click();
      browser.see("packed by Wren").reload().see("packed by Wren");
      assertThat(pdf(browser)).startsWith("%PDF-");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  @Test
  @Order(2)
  void ten_scoops_weighed_are_what_the_dose_sheet_reckons_with() {
    try (Browser browser = keeper("Moss Gate")) {
      dose(browser, "Moss Gate").type("Product", "Vale crystals").type("Lot", "7");
      browser.choose("Measured with", "level ¼ teaspoon (US)").see("An estimate");
      browser.press("Weigh ten scoops").see("0 of at least 5 weighed");
      assertThat(browser.typed("Product")).isEqualTo("Vale crystals");
      List<String> grams = List.of("1.21", "1,18", "1.22", "x", "1.19", "1.20");
      for (int i = 0; i < grams.size(); i++) {
        browser.type("Scoop " + (i + 1), grams.get(i));
      }
      browser.see("no number").type("Scoop 4", "1.20").see("1.20 g").see("20 % over");
      assertThat(browser.barriers()).as("the scoop bench").isEmpty();
      browser.press("Keep it for this product lot").see("reckon with it from now on");
      browser.go("/dose").see("6 level scoops weighed by Wren").see("3 scoops");
      browser.press("Why for F1").see("level ¼ teaspoon (US) of 1.2 g");
      browser.type("One level scoop holds", "0.3").see("Tablespoon for teaspoon?");
      browser.type("Strength", "996").see("at most 100 %");
      assertThat(browser.typed("Strength")).isEqualTo("996");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  @Test
  @Order(4)
  void a_pan_timed_in_the_open_gives_the_clock_of_its_run() {
    try (Browser browser = keeper("Thorn Gate")) {
      browser.go("/gear").see("No tool yet").press("Add a tool");
      browser.type("Name", "Pan 1").choose("Family", "pan wand");
      browser.type("Burns, by its maker", "-5").press("Keep the tool").see("allowed is 5 to 1,800");
      assertThat(browser.typed("Name")).as("nothing typed is lost").isEqualTo("Pan 1");
      browser.type("Burns, by its maker", "").type("Cools in the hive", "90");
      browser.press("Keep the tool").see("No burn time is known");
      browser.press("Add a tool").type("Name", "pan 1").press("Keep the tool");
      browser.see("is taken by another tool").press("Back");

      browser.press("Start").see("Empty: stop").reload().see("Empty: stop");
      browser.press("Empty: stop").see("Start");
      assertThat(Double.parseDouble(browser.typed("Took"))).as("through a reload").isPositive();
      burn(browser, "1", "100");
      burn(browser, "3", "160");
      browser.see("70 s + 30 s × grams");
      assertThat(browser.barriers()).as("gear").isEmpty();

      dose(browser, "Thorn Gate").choose("Tool", "Pan 1").see("2:30");
      browser.press("How long will it take").see("from arrival").see("4 of 4 hives");
      String alone = browser.find("[aria-label='How long it takes'] .big").getText();
      browser.press("One Pan 1 more").seeNo(alone);
      browser.type("Burn", "0").see("allowed is 1 to 4 people who burn").type("Burn", "2");
      browser.press("Keep as our usual").see("how many hives fit");
      browser.press("Dose sheet").see("2:30");
      browser.press("Why for F2").see("from 2 test burns");
      browser.press("Keep it and go to the run").see("8 still open");
      browser.all("[role=checkbox]").forEach(point -> point.click());
      browser.press("All true").see("Pan loaded cold").see("acid on a hot one flashes");
      RoundJourneyTest.step(browser, "Pan loaded cold", "Pan in, connected");
      RoundJourneyTest.step(browser, "Pan in, connected", "Empty: disconnected");
      browser.see("to go by the burn time").reload().see("to go by the burn time");
      RoundJourneyTest.step(browser, "Empty: disconnected", "Pan out, entrance shut");
      browser.see("to cool in the hive");
      RoundJourneyTest.step(browser, "Pan out, entrance shut", "Pan loaded cold");
      browser.see("Next to open");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  @Test
  @Order(3)
  void a_sheet_edited_is_a_new_version_and_the_old_round_keeps_the_old() {
    try (Browser browser = keeper("Reed Gate")) {
      browser.go("/rules").see("2 g a box, supers off").press("2 g a box");
      browser.press("Make my own from it").see("Copied from the label in hand");
      assertThat(browser.barriers()).as("a sheet copied").isEmpty();
      browser.type("Name of this sheet", "Vale label").type("Coldest air", "20");
      browser.type("Warmest air", "10").press("It is the label");
      browser.press("Keep this sheet").see("must lie below");
      assertThat(browser.typed("Name of this sheet")).isEqualTo("Vale label");
      browser.type("Coldest air", "").type("Warmest air", "");
      browser.press("Keep this sheet").see("Vale label, version 1");
      browser.go("/dose").see("Rule sheet").choose("Apiary", "Reed Gate");
      browser.choose("Rule sheet", "Vale label").see("acid dihydrate for 4 hives");
      browser.press("Keep it and go to the run").see("People first");
      String run = browser.driver().getCurrentUrl().substring(app.url().length());
      browser.go("/rules").press("Vale label").see("1 round by it").press("Edit");
      browser.type("Largest dose a box", "1").press("Keep this sheet");
      browser.see("Vale label, version 2").press("lay beside").see("differs");
      assertThat(browser.barriers()).as("two versions side by side").isEmpty();
      browser.go(run).press("Sheet and kit").see("“Vale label”, version 1: none off the label");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** The second hive goes first and back again, with the focus still on it. */
  private static void walkByKeyboard(Browser browser) {
    browser.script("document.querySelector('[data-hive=F2]').focus()");
    browser.key(Keys.chord(Keys.ALT, Keys.ARROW_LEFT));
    walked(browser, "F2 F1 F3 F4");
    browser.key(Keys.chord(Keys.ALT, Keys.ARROW_RIGHT));
    walked(browser, "F1 F2 F3 F4");
    browser.reload().see("keeps 92 %");
    walked(browser, "F1 F2 F3 F4");
  }

  private static void walked(Browser browser, String order) {
    Until.within(
        Duration.ofSeconds(30),
        "the walk is " + order,
        () ->
            order.equals(
                browser.all("[data-hive]").stream()
                    .map(hive -> hive.getDomAttribute("data-hive"))
                    .collect(Collectors.joining(" "))));
  }

  /** The keeper, signed in, and four hives of an apiary on bare mesh. */
  private static Browser keeper(String yard) {
    Browser browser = new Browser(app.url(), Browser.DESK);
    browser.open("/sign-in").type("Login", Crew.LOGIN).type("Password", Bench.PASSWORD);
    browser.press("Sign in").see("Today").go("/apiaries/import");
    browser.choose(Rosters.file(ROSTER.replace("YARD", yard))).see("4 good rows");
    return browser.press("Bring in 4 hives").press("To the apiaries").see(yard);
  }

  private static Browser dose(Browser browser, String yard) {
    browser.go("/dose").see("Rule sheet").choose("Apiary", yard);
    browser.choose("Rule sheet", "Example: 2 g a box");
    return browser.see("acid dihydrate for 4 hives");
  }

  private static void burn(Browser browser, String load, String seconds) {
    browser.type("Load", load).type("Took", seconds).press("Keep this burn");
    Until.within(
        Duration.ofSeconds(30),
        "the burn of " + load + " g is kept",
        () -> browser.typed("Took").isEmpty());
  }

  private static String pdf(Browser browser) {
    return browser
        .driver()
        .executeAsyncScript(
            "const done = arguments[0];"
                + "fetch(document.querySelector('a[href$=\"sheet.pdf\"]').href).then(r => r.text()).then(done)")
        .toString();
  }
}
