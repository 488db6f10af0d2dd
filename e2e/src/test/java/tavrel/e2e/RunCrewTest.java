package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/**
 * Before, during and after a run of two people: made ready, paused, hurt, put off, looked back on.
 */
class RunCrewTest {

  @Test
  void a_run_is_made_ready_shared_paused_ended_and_looked_back_on() {
    try (App app = App.demo();
        Browser desk = new Browser(app.url(), Browser.DESK);
        Browser phone = new Browser(app.url(), Browser.PHONE)) {
      desk.enterAs("Wren").see("Hollow Bank").go("/run").see("People first");
      desk.press("Make ready").see("12 hives still to make ready").see("from the arrival");
      desk.press("+ Pan 1").see("pan wand");
      phone.enterAs("Tam").see("Hollow Bank").go("/run").see("People first");
      phone.press("Make ready").see("12 hives still").press("All done here").see("11 hives still");
      desk.see("11 hives still to make ready");
      assertThat(phone.barriers()).as("making ready").isEmpty();

      desk.press("To the run").see("People first");
      Until.within(
          Duration.ofSeconds(30),
          "every point is there to be ticked",
          () -> desk.all("[role=checkbox]").size() == 8);
      desk.all("[role=checkbox]").forEach(point -> point.click());
      desk.press("All true").see("Start burn");
      phone.press("To the run").see("Shut and open");
      phone.pressAt("[role=radio]:nth-child(2)");
      desk.pressAt("[data-act=main]");
      phone.see("in H1");
      phone.see("Pan loaded cold").pressAt("[data-act=main]");
      desk.see("in H2");
      desk.see("to go by the burn time");
      Until.nextTapCounts();
      desk.pressAt("[data-act=main]");
      desk.see("Next to open").see("Pace");

      desk.press("More").press("End the run").see("1 hive still shut: H1");
      desk.press("Back, change nothing");
      desk.press("Pause").press("wind turned");
      phone.see("Burning is paused");
      phone.press("Go on burning").seeNo("Burning is paused");
      phone.press("More").press("Somebody hurt").see("at least 15 minutes");
      phone.type("Who", "Tam").type("What happened", "acid on the glove");
      phone.type("What was done", "washed").press("Keep it in the log");
      phone.press("Undo H2").see("Pan loaded cold");
      desk.press("Open H1 early").press("bees overheating").seeNo("Open H1");

      phone.press("Leave out").press("dead").see("left out");
      desk.press("End the run").see("No hive is shut");
      desk.type("Why does the run end here?", "rain came").press("Another day:");
      desk.see("The rest was put off").see("People first");
      phone.reload().see("People first");
      desk.go(desk.driver().getCurrentUrl().replace(app.url(), "") + "/review");
      desk.see("Tam: acid on the glove. Done: washed").see("paused to").see("opened early");
      assertThat(desk.barriers()).as("looking back").isEmpty();

      // What the crew said at the row is decided in the evening.
      desk.go("/").see("Said at the row").see("Hollow Bank: dead");
      String hive = desk.find("section[aria-label='Said at the row'] a.hive").getText();
      desk.press("So it is").seeNo("Said at the row");
      desk.go("/dose").choose("Apiary", "Hollow Bank").see("for 11 hives").seeNo(hive + " ");
      desk.go("/register")
          .see("treatments in")
          .key("/")
          .type("A name or a day", hive)
          .see("ended")
          .key(Keys.ENTER);
      desk.see("ended: died").see("Its life");
      assertThat(desk.complaints()).isEmpty();
      assertThat(phone.complaints()).isEmpty();
    }
  }
}
