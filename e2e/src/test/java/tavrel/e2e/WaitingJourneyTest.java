package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is done on a phone without a signal: kept, sent in its order, mended where it must be. */
class WaitingJourneyTest {

  private static final int HIVES = 3;

  @TempDir private static Path data;
  private static App app;
  private static Client keeper;

  @BeforeAll
  static void start() throws Exception {
    app = App.serve(data);
    keeper = Crew.keeper(app);
    keeper.upload(Bench.roster("Long Row", HIVES));
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** Column of the counts' file. */
  private static final int MITES = 4;

  @Test
  void counts_wait_for_a_signal_and_one_that_is_refused_is_mended() throws Exception {
    try (Browser phone = Browser.roaming(app.url())) {
      phone.open("/sign-in").see("Sign in").type("Login", Crew.LOGIN);
      phone.type("Password", Bench.PASSWORD).press("Sign in").see("Long Row");
      phone.open("/counts").see("Keep and next hive");

      phone.network(false);
      phone.type("Mites, H1", "12").press("Keep and next hive").see("1 wait for the network");
      phone.type("Mites, H2", "4000").press("Keep and next hive").see("2 wait for the network");
      phone.type("Mites, H3", "7").press("Keep and next hive").see("3 wait for the network");
      assertThat(mites(keeper)).as("nothing has arrived yet").isEmpty();

      phone.network(true).see("1 set aside");
      Until.within(
          Duration.ofSeconds(30), "the other two have arrived", () -> mites(keeper).size() == 2);
      assertThat(mites(keeper)).containsExactlyInAnyOrder("12", "7");

      phone.pressAt(".waits a").see("Set aside: the server did not take it").see("mites");
      assertThat(phone.barriers()).isEmpty();
      phone.type("Mites", "40").press("Send it again").see("Nothing of yours waits here");
      phone.seeNo("set aside");
      assertThat(mites(keeper)).containsExactlyInAnyOrder("12", "40", "7");
    }
  }

  @Test
  void a_first_password_is_changed_before_anything_else() throws Exception {
    try (Browser phone = Browser.roaming(app.url())) {
      phone.open("/sign-in").see("Sign in").type("Login", Crew.LOGIN);
      phone.type("Password", Bench.PASSWORD).press("Sign in").see("Today");
      phone.open("/people").see("Add a person").type("Name", "Tam").type("Login", "tam");
      phone.type("First password", "1234567890").press("Add").see("among the first");
      phone.type("First password", "three wet herons").press("Add").see("may sign in now");
      phone
          .open("/account")
          .see("My password")
          .script(
              "return fetch('/api/session', "
                  + "{method: 'DELETE', headers: {'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]}})");

      phone.open("/sign-in").see("Sign in").type("Login", "tam");
      phone.type("Password", "three wet herons").press("Sign in");
      phone.see("Your password was set by the keeper").open("/counts").see("set by the keeper");
      assertThat(phone.barriers()).isEmpty();
      phone.type("The password from the keeper", "three wet herons");
      phone.type("New password", "four dry barrels").type("The new one again", "four dry barrels");
      phone.press("Change my password").see("Today");
      JsonNode people = keeper.send("GET", "/api/people", null);
      assertThat(people.findValuesAsText("firstPassword")).containsOnly("false");
    }
  }

  private static List<String> mites(Client keeper) {
    try {
      Path csv = Files.createTempFile("counts", ".csv");
      keeper.take("/api/counts.csv", csv);
      return Files.readAllLines(csv).stream()
          .skip(1)
          .map(line -> line.split(",", -1)[MITES])
          .toList();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }
}
