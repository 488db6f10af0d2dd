package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.openqa.selenium.Keys;

/**
 * A keeper's own first round, from an empty folder to the register, on a desk and on a phone. A
 * real outfit's time is nobody's to move: while the one waits for its seals, the other runs.
 */
@Execution(ExecutionMode.CONCURRENT)
@Order(1)
class RoundJourneyTest {

  private static final String[] ROSTER = {
    "apiary;hive;position;brood boxes;supers;floor;latitude;longitude",
    "Fern Gate;F1;1;deep 10;0;solid;47,652;-24,288",
    "Fern Gate;F2;2;2x deep 10;0;mesh, tray tight;;",
    "Fern Gate;F3;3;nucleus 5;0;bare mesh;;"
  };

  @Test
  void at_the_desk(@TempDir Path data, @TempDir Path fresh) {
    try (App app = App.serveAsPacked(data)) {
      try (Browser browser = new Browser(app.url(), Browser.DESK)) {
        firstKeeper(app, browser);
        assertThat(DemoTest.status(browser, "POST", "/api/demo/clock"))
            .as("nobody moves the time of a real outfit")
            .isEqualTo(404);
        bringIn(browser);
        ownRuleSheet(browser);
        planRound(browser, "1");
        runThreeOverlapping(browser);
        browser.press("To the register").see("3 treatments");
        assertThat(csv(browser))
            .contains("F1")
            .contains("Wren")
            .contains("Vale crystals")
            .contains("caution,capped brood: the sheet names nothing of brood");
        putRight(browser);
        assertThat(browser.complaints()).isEmpty();
      }
      app.kill();
    }
    Path backup;
    try (App again = App.serve(data);
        Browser browser = new Browser(again.url(), Browser.DESK)) {
      signIn(browser);
      browser.go("/register").see("3 treatments").see("the tin says so");
      assertThat(App.task("backup", "--data", data.toString()))
          .contains("written by the running server");
      browser.go("/safekeeping").see("tavrel-");
      backup = onlyBackup(data);
    }
    assertThat(App.task("restore", backup.toString(), "--data", fresh.toString()))
        .contains("rows brought in");
    try (App restored = App.serve(fresh);
        Browser browser = new Browser(restored.url(), Browser.DESK)) {
      signIn(browser);
      browser.go("/register").see("3 treatments").see("the tin says so");
      browser.press("Put right…").type("It should say", "1.9").type("Why", "weighed again");
      browser.press("Write it down").see("weighed again");
      broughtInAgain(browser, backup);
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** The backup again, through the screen: what was done since is gone, as was said. */
  private static void broughtInAgain(Browser browser, Path backup) {
    browser.go("/safekeeping").see("Bring one in");
    browser.choose(backup).press("Put tavrel-").press("Bring it in");
    Until.within(
        Duration.ofSeconds(60),
        "the file is checked and brought in",
        () -> browser.body().contains("rows are in"));
    Until.within(
        Duration.ofSeconds(90),
        "the application has started anew",
        () -> browser.body().contains("Sign in"));
    signIn(browser);
    browser.go("/register").see("3 treatments").seeNo("weighed again");
  }

  private static Path onlyBackup(Path data) {
    try (Stream<Path> files = Files.list(data.resolve("backups"))) {
      return files.filter(file -> file.toString().endsWith(".zip")).findFirst().orElseThrow();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static void signIn(Browser browser) {
    browser
        .go("/")
        .type("Login", "wren")
        .type("Password", "a long password")
        .press("Sign in")
        .see("Fern Gate");
  }

  @Test
  void on_the_phone(@TempDir Path data) {
    try (App app = App.serve(data);
        Browser browser = new Browser(app.url(), Browser.PHONE)) {
      firstKeeper(app, browser);
      firstYardByHand(browser);
      planRound(browser, "10");
      confirmPeople(browser);
      step(browser, "Start burn", "Burn ended");
      browser.reload().see("burning for");
      step(browser, "Burn ended", "Start burn");
      browser.see("Next to open");
      browser.press("Leave out").press("weak colony").see("left out");
      step(browser, "Start burn", "Burn ended");
      browser.press("Stop").press("wind turned").see("stopped, shut");
      browser.press("Open F3").see("done");
      browser.press("Open F1 early").press("cloth fell out").see("All open");
      browser
          .press("To the register")
          .see("2 treatments")
          .see("opened early: cloth fell out")
          .see("burn stopped: wind turned");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  private static void firstKeeper(App app, Browser browser) {
    browser.go("/").see("first start");
    assertThat(browser.barriers()).as("welcome").isEmpty();
    browser
        .type("Code from the console", "WRONG-CODE1")
        .type("Your name", "Wren")
        .type("Login", "wren")
        .type("Password", "short");
    browser.press("Make the account").see("not the one printed");
    browser
        .type("Code from the console", app.firstCode())
        .press("Make the account")
        .see("at least 10 characters");
    assertThat(browser.typed("Your name")).as("nothing typed is lost").isEqualTo("Wren");
    browser.type("Password", "a long password").press("Make the account").see("Bring in hives");
  }

  /** From an empty outfit to the first dose sheet, without a file, in a minute or two. */
  private static void firstYardByHand(Browser browser) {
    Instant begun = Instant.now();
    int before = browser.presses();
    browser.type("What you call it", "Fern Gate").type("How many hives stand there", "3");
    browser.type("Before the number", "F").press("Open it").see("Show as a list");
    browser.press("Today").see("the tool that you burn with").press("Make a dose sheet");
    browser.see("Which rules apply?").choose("Rule sheet", "Example: 2 g a box");
    browser.see("acid dihydrate for 3 hives");
    assertThat(browser.presses() - before).as("presses").isLessThanOrEqualTo(25);
    assertThat(Duration.between(begun, Instant.now())).isLessThan(Duration.ofMinutes(2));
  }

  private static void bringIn(Browser browser) {
    browser
        .go("/apiaries/import")
        .choose(Rosters.file(ROSTER[0], ROSTER[1], "Fern Gate;F9;2;barrel;0;solid;;"))
        .see("1 bad row")
        .see("is no box");
    assertThat(browser.barriers()).as("roster with a bad row").isEmpty();
    browser.go("/apiaries/import").choose(Rosters.file(ROSTER)).see("3 good rows");
    // The island lies at sea, where no map tells a zone.
    browser.see("Say which it is").pressAt(".v-combobox .v-field").key("Etc/GMT+2").key(Keys.TAB);
    browser.press("Bring in 3 hives").see("3 new hives").press("To the apiaries").see("Fern Gate");
  }

  /** A label that is silent on the least time shut lets the test's hives open after a minute. */
  private static void ownRuleSheet(Browser browser) {
    browser
        .go("/dose")
        .see("Which rules apply?")
        .press("Copy my label")
        .see("Copied from the label");
    browser.type("Name of this sheet", "Vale label").type("Largest dose a box", "x");
    browser.press("Keep this sheet").see("is no number");
    browser.type("Largest dose a box", "4").type("Fewest minutes shut", "1");
    browser.press("It is the label").press("Keep this sheet").see("Vale label (Wren");
  }

  private static void planRound(Browser browser, String minutes) {
    browser.go("/dose").see("acid dihydrate for 3 hives");
    browser.type("Dose a box", "40").see("allowed is 0.1 g to 10 g");
    browser.type("Dose a box", "2").seeNo("allowed is 0.1 g to 10 g");
    browser
        .type("Product", "Vale crystals")
        .type("Shut after the burn", minutes)
        .see("shut " + minutes + " min");
    browser.reload().see("acid dihydrate for 3 hives");
    assertThat(browser.typed("Product")).as("a reload loses nothing").isEqualTo("Vale crystals");
    browser.press("Keep it and go to the run").see("People first");
  }

  private static void runThreeOverlapping(Browser browser) {
    confirmPeople(browser);
    doubleTap(browser);
    assertThat(browser.find("[data-hive=F1]").getDomAttribute("data-state"))
        .as("a double tap is one step")
        .isEqualTo("BURNING");
    browser.see("F1");
    step(browser, "Burn ended", "Start burn");
    browser.key("u").see("burning for");
    state(browser, "F1", "BURNING");
    step(browser, "Burn ended", "Start burn");
    step(browser, "Start burn", "Burn ended");
    browser.reload().see("burning for");
    state(browser, "F1", "SEALED");
    state(browser, "F2", "BURNING");
    step(browser, "Burn ended", "Start burn");
    key(browser, " ", "F3", "BURNING");
    key(browser, "l", "F3", "BURNING");
    browser.see("leak seen");
    key(browser, " ", "F3", "SEALED");
    for (String hive : new String[] {"F1", "F2", "F3"}) {
      Until.within(
          Duration.ofSeconds(75),
          hive + " comes due",
          () ->
              "DUE".equals(browser.find("[data-hive=" + hive + "]").getDomAttribute("data-state")));
      key(browser, "o", hive, "OPEN");
    }
    browser.see("All open").see("3 hives treated");
    assertThat(browser.barriers()).as("finished run").isEmpty();
  }

  private static void confirmPeople(Browser browser) {
    browser.see("8 still open");
    assertThat(browser.barriers()).as("people check").isEmpty();
    browser.all("[role=checkbox]").forEach(point -> point.click());
    browser.press("All true").see("waiting");
  }

  private static void doubleTap(Browser browser) {
    browser.find("[data-act=main]");
    browser.script("const b = document.querySelector('[data-act=main]'); b.click(); b.click();");
    state(browser, "F1", "BURNING");
    browser.see("burning for");
  }

  private static void key(Browser browser, String key, String hive, String state) {
    Until.within(
        Duration.ofSeconds(30),
        key + " leads " + hive + " to " + state,
        () -> {
          if (!state.equals(browser.find("[data-hive=" + hive + "]").getDomAttribute("data-state"))
              || key.equals("l")) {
            browser.key(key.equals(" ") ? Keys.SPACE : key);
          }
          return state.equals(
              browser.find("[data-hive=" + hive + "]").getDomAttribute("data-state"));
        });
  }

  private static void state(Browser browser, String hive, String state) {
    Until.within(
        Duration.ofSeconds(30),
        hive + " is " + state,
        () -> state.equals(browser.find("[data-hive=" + hive + "]").getDomAttribute("data-state")));
  }

  static void step(Browser browser, String press, String then) {
    Until.within(
        Duration.ofSeconds(30),
        press + " leads to " + then,
        () -> {
          if (browser.find("[data-act=main]").getText().startsWith(press)) {
            browser.pressAt("[data-act=main]");
          }
          return browser.find("[data-act=main]").getText().startsWith(then);
        });
  }

  /** The original stays, the correction stands under it, and the paper shows both. */
  private static void putRight(Browser browser) {
    browser
        .press("Put right…")
        .choose("What is wrong", "lot")
        .type("It should say", "V-12")
        .press("Write it down")
        .see("is empty")
        .type("Why", "the tin says so")
        .press("Write it down")
        .see("the tin says so")
        .see("V-12");
    String paper =
        (String)
            browser
                .driver()
                .executeAsyncScript(
                    "const done = arguments[arguments.length - 1];"
                        + "const link = [...document.querySelectorAll('a')].find(a => a.textContent === 'PDF').href;"
                        + "fetch(link).then(r => r.blob()).then(b => b.text()).then(t => done(t.slice(0, 5)))");
    assertThat(paper).isEqualTo("%PDF-");
  }

  private static String csv(Browser browser) {
    return browser
        .driver()
        .executeAsyncScript(
            "const done = arguments[0]; fetch('/api/register/treatments.csv').then(r => r.text()).then(done)")
        .toString();
  }
}
