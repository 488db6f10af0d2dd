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

/** The demo: roles, two browsers in one run, a lost network, and colours that stand out. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Order(99)
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
      reader.go("/register").see("treatments in");
      reader.go("/dose").see("Next workable hours");
      reader.go("/people").see("Next workable hours");
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
      crew.go("/dose").see("Next workable hours");
      assertThat(status(crew, "POST", "/api/roster/preview")).isEqualTo(403);
      crew.press("Read the thermometer").type("Thermometer in the shade", "99");
      crew.press("Keep the reading").see("allowed is -30 °C to 50 °C");
      assertThat(crew.barriers()).as("thermometer").isEmpty();
      crew.type("Thermometer in the shade", "6.5").choose("It comes from", "west");
      crew.press("Keep the reading").see("read by Tam").see("stand west");
      crew.go("/apiaries").see("Kiln Field");
      crew.press("Kiln Field").press("Show as a list").see("Brood boxes");
      assertThat(crew.barriers()).as("list on the phone").isEmpty();
    }
  }

  /**
   * Of all others barriers are looked for while their words are. A scan for colours takes four
   * times what the others take, and the screens' tests hold every pair of the palette to the
   * measure.
   */
  @Test
  @Order(2)
  void no_screen_whose_states_have_colours_has_a_barrier() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren");
      coloured(desk, "/", "Next workable hours");
      desk.go("/apiaries").press("Kiln Field").see("Wind from");
      assertThat(desk.barriersAndColours()).as("apiary").isEmpty();
      desk.press("Hours").see("Press an hour to see why").press(DAWN).see("Reaches");
      assertThat(desk.barriersAndColours()).as("hours").isEmpty();
      desk.go("/dose").see("acid dihydrate for").press("Why for").see("Product:");
      assertThat(desk.barriers()).as("why").isEmpty();
      desk.go("/spacing").see("Free now").press("K4").see("mites left on").see("Patterns");
      assertThat(desk.barriersAndColours()).as("bench").isEmpty();
      for (String view : List.of("Each further", "Visits against", "Brood clock")) {
        desk.press(view);
        assertThat(desk.barriers()).as(view).isEmpty();
      }
      coloured(desk, "/season", "Search a plan");
      desk.go("/season/outfit").see("Gannet").press("Change").see("Keep the crew");
      assertThat(desk.barriers()).as("crew").isEmpty();
      coloured(desk, "/register", "treatments in");
      desk.press("Put right…").see("It should say");
      assertThat(desk.barriers()).as("correction").isEmpty();
      desk.press("Back, change nothing").press("Write a line by hand").see("With what");
      assertThat(desk.barriers()).as("line by hand").isEmpty();
      coloured(desk, "/counts/winter", "How hives wintered");
      assertThat(desk.complaints()).isEmpty();
    }
  }

  /** Only the colours are others: the screens' tests hold all their pairs to the measure. */
  @Test
  @Order(3)
  void before_sunrise_texts_stand_out_on_the_screens_that_have_most_colours() {
    try (Browser desk = new Browser(app.url(), Browser.DESK)) {
      desk.enterAs("Wren");
      desk.script("localStorage.setItem('tavrel.light', 'before sunrise')");
      desk.open("/").see("Next workable hours");
      assertThat(desk.colours()).as("Today").isEmpty();
      desk.go("/season").see("Search a plan");
      assertThat(desk.colours()).as("season").isEmpty();
      desk.go("/spacing").see("Free now").press("H4").see("mites left on");
      assertThat(desk.colours()).as("bench").isEmpty();
    }
  }

  @Test
  @Order(4)
  void a_second_browser_shows_the_same_state_and_a_lost_network_loses_nothing() {
    try (Browser tam = Browser.roaming(app.url());
        Browser wren = new Browser(app.url(), Browser.DESK)) {
      tam.enterAs("Tam").press("People check, then run").see("8 still open");
      tam.all("[role=checkbox]").forEach(point -> point.click());
      tam.press("All true").see("waiting");
      wren.enterAs("Wren").go("/run").see("people checked by Tam");
      RoundJourneyTest.step(tam, "Start burn", "Burn ended");
      state(wren, "H1", "BURNING");
      assertThat(tam.barriersAndColours()).as("run on the phone").isEmpty();
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

  private static void coloured(Browser browser, String path, String text) {
    browser.go(path).see(text);
    assertThat(browser.barriersAndColours()).as(path).isEmpty();
  }

  private static void state(Browser browser, String hive, String state) {
    Until.within(
        Duration.ofSeconds(30),
        hive + " is " + state,
        () -> state.equals(browser.find("[data-hive=" + hive + "]").getDomAttribute("data-state")));
  }

  private static List<String> links(Browser browser) {
    return browser.all("nav li a").stream()
        .map(link -> link.getText())
        .filter(text -> !text.isBlank())
        .toList();
  }

  static long status(Browser browser, String method, String path) {
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
