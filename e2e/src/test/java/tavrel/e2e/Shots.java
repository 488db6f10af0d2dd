package tavrel.e2e;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Set;

/** Takes one picture of each main view from the demo data, into docs/screenshots. */
public final class Shots {

  private final Path folder;
  private final String url;

  private Shots(Path folder, String url) {
    this.folder = folder;
    this.url = url;
  }

  /**
   * Takes them all.
   *
   * @param arguments folder for the pictures, and optionally the address of a demo that runs
   */
  public static void main(String[] arguments) {
    Path folder = Path.of(arguments.length > 0 ? arguments[0] : "../docs/screenshots");
    if (arguments.length > 1) {
      new Shots(folder, arguments[1]).takeAll();
    } else {
      try (App app = App.demo()) {
        new Shots(folder, app.url()).takeAll();
      }
    }
  }

  /** Series for every apiary, searched for five seconds. */
  private void season(Browser desk) {
    desk.open("/season/work").see("Add for 4 apiaries").press("Add for 4 apiaries");
    desk.see("4 series added").press("The plan").see("Search a plan").choose("for", "5 s");
    desk.press("Search a plan").see("Searching for").see("Agree: make it the rounds");
    desk.pressAt("button.visit[aria-label^='Upper Sallow, Late summer series, round 2;']");
    desk.see("Pin it here");
    take(desk, "season");
  }

  private void takeAll() {
    try (Browser desk = new Browser(url, Browser.DESK)) {
      desk.enterAs("Wren").see("Kiln Field").see("Falls short");
      take(desk, "today");
      desk.open("/apiaries").see("Counted this year").see("Kiln Field");
      take(desk, "apiaries");
      desk.press("Kiln Field").see("a gram more");
      take(desk, "apiary");
      desk.open("/apiaries").press("Hollow Bank").see("a gram more");
      desk.press("H4").pressAt(".side a.hive").see("What is next").see("mites on");
      take(desk, "hive");
      desk.open("/apiaries").press("Kiln Field").see("a gram more");
      desk.press("Hours").see("Press an hour to see why").press("Wed 19 Aug 06:00").see("Reaches");
      take(desk, "hours");
      spacing(desk);
      desk.open("/dose")
          .choose("Apiary", "Upper Sallow")
          .choose("Preset", "4 g a box")
          .see("acid dihydrate for 18 hives")
          .press("Why for U2");
      take(desk, "dose");
      desk.open("/register").see("treatments in").choose("Apiary", "Cold Quay");
      desk.choose("Show", "put right later").see("its lot was read again");
      take(desk, "register");
      desk.choose("Show", "every line").see("7 treatments");
      desk.pressAt("tbody tr:first-child a").see("Out of the ordinary");
      take(desk, "review");
      season(desk);
      desk.open("/gear").see("Test burn").press("Pan 1").see("s × grams");
      take(desk, "gear");
      desk.open("/gear/stock").see("should be there").see("a hive and round");
      take(desk, "stock");
      desk.open("/counts/year").see("month by month").see("of the mites");
      take(desk, "year");
      desk.open("/run").see("People first");
      desk.press("Sheet and kit").see("Kit");
      desk.press("To the run").see("People first");
      run(desk);
      take(desk, "run");
    }
    try (Browser phone = new Browser(url, Browser.PHONE)) {
      phone.enterAs("Tam").see("Go on with the run").see("Falls short");
      take(phone, "today-phone");
      phone.open("/counts").choose("Apiary", "Kiln Field").see("Mites, K1").press("7");
      take(phone, "counts-phone");
      phone.open("/").see("Go on with the run");
      phone.press("Go on with the run").see("Next to open");
      take(phone, "run-phone");
    }
  }

  /** Windows, and a colony on the bench. */
  private void spacing(Browser desk) {
    desk.open("/counts/results").choose("Apiary", "Withy Stand").see("W1: drops by round");
    take(desk, "results");
    desk.open("/spacing")
        .choose("Apiary", "Hollow Bank")
        .see("Late summer, weekly four")
        .see("Free now");
    take(desk, "spacing");
    desk.press("H4").see("mites left on").see("Patterns");
    take(desk, "bench");
  }

  /**
   * A run some way down the row: three sealed, one left out, a leak seen, one burning in a watched
   * tool.
   */
  private void run(Browser desk) {
    Until.within(
        Duration.ofSeconds(15),
        "every point is there to be ticked",
        () -> desk.all("[role=checkbox]").size() == 8);
    desk.all("[role=checkbox]").forEach(point -> point.click());
    desk.press("All true").see("waiting");
    for (int i = 0; i < 3; i++) {
      step(desk, "Start burn", "Burn ended");
      step(desk, "Burn ended", "Start burn");
    }
    desk.press("Leave out").press("weak colony").see("left out");
    desk.press("Watch the tool's temperature").press("Simulated tool").see("heating up");
    Until.within(Duration.ofSeconds(150), "the bowl is hot", () -> "READY".equals(state(desk)));
    step(desk, "Start burn", "Burn ended");
    desk.press("Leak").see("leak seen").see("burn time");
    Until.within(
        Duration.ofSeconds(60),
        "the bowl has dipped",
        () -> Set.of("RECOVERING", "DONE").contains(state(desk)));
    desk.script("window.scrollTo(0, 0)");
  }

  private static String state(Browser desk) {
    return desk.all(".gauge").isEmpty() ? "" : desk.find(".gauge").getAttribute("data-state");
  }

  private static void step(Browser desk, String press, String then) {
    Until.within(
        Duration.ofSeconds(15),
        press + " leads to " + then,
        () -> {
          if (desk.find("[data-act=main]").getText().startsWith(press)) {
            desk.pressAt("[data-act=main]");
          }
          return desk.find("[data-act=main]").getText().startsWith(then);
        });
  }

  private void take(Browser browser, String name) {
    browser.script("document.activeElement && document.activeElement.blur()");
    Until.within(
        Duration.ofSeconds(10),
        "fonts are there and menus gone",
        () ->
            Boolean.TRUE.equals(
                browser.script(
                    "return document.fonts.status === 'loaded' && "
                        + "![...document.querySelectorAll('.v-menu .v-overlay__content')]"
                        + ".some((menu) => menu.checkVisibility())")));
    browser.picture(folder.resolve(name + ".png"));
    List<String> complaints = browser.complaints();
    System.out.println(name + (complaints.isEmpty() ? "" : " " + complaints));
  }
}
