package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;

/**
 * Two people in one run, each with a screen of their own, and a tool that tells its temperature.
 */
class RunTogetherTest {

  @Test
  void a_press_on_one_screen_is_seen_on_the_other_at_once_and_both_see_the_tool() {
    try (App app = App.demo();
        Browser desk = new Browser(app.url(), Browser.DESK);
        Browser phone = new Browser(app.url(), Browser.PHONE)) {
      desk.enterAs("Wren").see("Hollow Bank").go("/run").see("People first");
      Until.within(
          Duration.ofSeconds(30),
          "every point is there to be ticked",
          () -> desk.all("[role=checkbox]").size() == 8);
      desk.all("[role=checkbox]").forEach(point -> point.click());
      desk.press("All true").see("waiting");
      phone.enterAs("Tam").see("Hollow Bank").go("/run").see("Start burn");

      desk.press("Watch the tool's temperature").press("Simulated tool").see("heating up");
      phone.see("simulated tool").see("heating up");
      assertThat(phone.barriers()).as("run with a gauge").isEmpty();

      Until.within(Duration.ofSeconds(30), "the phone listens", () -> listens(phone));
      desk.pressAt("[data-act=main]");
      long pressed = System.nanoTime();
      phone.see("to go by the burn time");
      assertThat(Duration.ofNanos(System.nanoTime() - pressed)).isLessThan(Duration.ofSeconds(3));
      phone.see("Acid let go before the bowl was hot");
      desk.press("Undo H1").see("Start burn");
      phone.see("Start burn");

      desk.press("Ends of loads are yours to press").press("Stop watching");
      desk.see("Watch the tool's temperature");
      phone.see("Watch the tool's temperature");
      assertThat(desk.complaints()).isEmpty();
      assertThat(phone.complaints()).isEmpty();
    }
  }

  private static boolean listens(Browser browser) {
    return !browser.all("[data-told='at once']").isEmpty();
  }
}
