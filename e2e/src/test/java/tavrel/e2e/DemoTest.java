package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** The demo: roles, two browsers in one run, a lost network, and no barrier on any screen. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DemoTest {

  /** An hour of the demo's next day. */
  private static final String DAWN = "Wed 19 Aug 05:00";

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
  @Order(1)
  void a_reader_reads_and_finds_no_door_to_more() {
    try (Browser reader = new Browser(app.url(), Browser.DESK)) {
      reader.enterAs("Ida").see("Hollow Bank");
      assertThat(links(reader))
          .containsExactly("Today", "Apiaries", "Counts", "Spacing", "Season", "Gear", "Register");
      reader.open("/register").see("treatments in");
      reader.open("/dose").see("Next workable hours");
      reader.open("/people").see("Next workable hours");
      assertThat(status(reader, "POST", "/api/people")).isEqualTo(403);
      assertThat(status(reader, "GET", "/api/people")).isEqualTo(403);
    }
  }

  @Test
  @Order(1)
  void crew_works_rounds_and_plans_none() {
    try (Browser crew = new Browser(app.url(), Browser.PHONE)) {
      crew.enterAs("Tam").see("People check, then run");
      assertThat(links(crew)).containsExactly("Today", "Counts", "Spacing", "Run");
      assertThat(crew.body()).doesNotContain("Make a dose sheet");
      crew.open("/dose").see("Next workable hours");
      assertThat(status(crew, "POST", "/api/roster/preview")).isEqualTo(403);
      crew.press("Read the thermometer").type("Thermometer in the shade", "99");
      crew.press("Keep the reading").see("allowed is -30 to 50");
      assertThat(crew.barriers()).as("thermometer").isEmpty();
      crew.type("Thermometer in the shade", "6.5").choose("It comes from", "west");
      crew.press("Keep the reading").see("read by Tam").see("stand west");
      look(crew, "/", "Next workable hours", "on the phone");
      look(crew, "/register", "treatments in", "on the phone");
      look(crew, "/counts", "Keep and next hive", "on the phone");
      look(crew, "/spacing", "Free now", "on the phone");
      look(crew, "/apiaries", "Kiln Field", "on the phone");
      crew.press("Kiln Field").press("Show as a list").see("Brood boxes");
      assertThat(crew.barriers()).as("list on the phone").isEmpty();
    }
  }

  @Test
  @Order(2)
  void no_screen_has_a_barrier_by_day_or_before_sunrise() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.open("/sign-in").see("Come in as");
      assertThat(desk.barriers()).as("sign-in").isEmpty();
      desk.enterAs("Wren");
      for (String light : List.of("day", "before sunrise")) {
        desk.script("localStorage.setItem('tavrel.light', arguments[0])", light);
        look(desk, "/", "Next workable hours", light);
        look(desk, "/apiaries", "Kiln Field", light);
        desk.press("Kiln Field").see("Wind from");
        assertThat(barriers(desk, light)).as("apiary " + light).isEmpty();
        desk.press("Hours").see("Press an hour to see why").press(DAWN).see("Reaches");
        assertThat(barriers(desk, light)).as("hours " + light).isEmpty();
        look(desk, "/apiaries/import", "Download a template", light);
        look(desk, "/dose", "acid dihydrate for", light);
        desk.press("Why for").see("Product:");
        assertThat(barriers(desk, light)).as("why " + light).isEmpty();
        look(desk, "/dose/how-long", "from arrival", light);
        look(desk, "/dose/scoops", "Weighed before", light);
        look(desk, "/gear", "Inverter of", light);
        look(desk, "/rules", "Copied from the label by Wren", light);
        look(desk, "/counts", "Keep and next hive", light);
        look(desk, "/spacing", "Free now", light);
        desk.press("K4").see("mites left on").see("Schools");
        assertThat(barriers(desk, light)).as("bench " + light).isEmpty();
        if (light.equals("day")) {
          for (String view : List.of("Each further", "Visits against", "Brood clock")) {
            desk.press(view);
            assertThat(desk.barriers()).as(view).isEmpty();
          }
        }
        look(desk, "/season", "Search a plan", light);
        look(desk, "/season/work", "In the plan", light);
        look(desk, "/season/outfit", "Gannet", light);
        desk.press("Change").see("Keep the crew");
        assertThat(barriers(desk, light)).as("crew " + light).isEmpty();
        look(desk, "/figures", "yours no longer", light);
        look(desk, "/run", "People first", light);
        look(desk, "/register", "treatments in", light);
        look(desk, "/people", "Ida", light);
        look(desk, "/gear/stock", "should be there", light);
        look(desk, "/counts/year", "month by month", light);
        look(desk, "/counts/winter", "How hives wintered", light);
        look(desk, "/safekeeping", "Open files", light);
        if (light.equals("day")) {
          desk.open("/register").press("Put right…").see("It should say");
          assertThat(desk.barriers()).as("correction").isEmpty();
          desk.press("Back, change nothing").press("Write a line by hand").see("With what");
          assertThat(desk.barriers()).as("line by hand").isEmpty();
        }
      }
      assertThat(desk.complaints()).isEmpty();
    }
  }

  @Test
  @Order(3)
  void a_second_browser_shows_the_same_state_and_a_lost_network_loses_nothing() {
    try (Browser tam = new Browser(app.url(), Browser.PHONE);
        Browser wren = new Browser(app.url(), Browser.DESK)) {
      tam.enterAs("Tam").press("People check, then run").see("8 still open");
      tam.all("[role=checkbox]").forEach(point -> point.click());
      tam.press("All true").see("waiting");
      wren.enterAs("Wren").open("/run").see("people checked by Tam");
      RoundJourneyTest.step(tam, "Start burn", "Burn ended");
      state(wren, "H1", "BURNING");
      assertThat(tam.barriers()).as("run on the phone").isEmpty();
      assertThat(wren.barriers()).as("run at the desk").isEmpty();

      tam.network(false);
      RoundJourneyTest.step(tam, "Burn ended", "Start burn");
      tam.see("Kept on this device: 1");
      RoundJourneyTest.step(tam, "Start burn", "Burn ended");
      tam.see("Kept on this device: 2");
      state(tam, "H1", "SEALED");
      state(tam, "H2", "BURNING");
      assertThat(wren.find("[data-hive=H1]").getDomAttribute("data-state")).isEqualTo("BURNING");
      tam.network(true);
      tam.seeNo("Kept on this device");
      state(wren, "H1", "SEALED");
      state(wren, "H2", "BURNING");
      tam.press("Undo H2");
      state(wren, "H2", "WAITING");
      state(tam, "H2", "WAITING");
    }
  }

  private static void look(Browser desk, String path, String text, String light) {
    desk.open(path).see(text);
    assertThat(barriers(desk, light)).as(path + " " + light).isEmpty();
  }

  /** Before sunrise only the colours are others. */
  private static List<String> barriers(Browser browser, String light) {
    return light.equals("before sunrise") ? browser.contrasts() : browser.barriers();
  }

  private static void state(Browser browser, String hive, String state) {
    Until.within(
        Duration.ofSeconds(15),
        hive + " is " + state,
        () -> state.equals(browser.find("[data-hive=" + hive + "]").getDomAttribute("data-state")));
  }

  private static List<String> links(Browser browser) {
    return browser.all("nav li a").stream()
        .map(link -> link.getText())
        .filter(text -> !text.isBlank())
        .toList();
  }

  private static long status(Browser browser, String method, String path) {
    Object status =
        browser
            .driver()
            .executeAsyncScript(
                "const [method, path, done] = arguments;"
                    + "const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];"
                    + "fetch(path, {method, headers: {'X-XSRF-TOKEN': token}}).then(answer => done(answer.status))",
                method,
                path);
    return (Long) status;
  }
}
