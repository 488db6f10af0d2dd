package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A whole run without network, people check and all, with the page loaded anew on the way. */
@Order(3)
class RunOfflineTest {

  private static final int HIVES = 3;

  @TempDir private static Path data;
  private static App app;
  private static Client keeper;

  @BeforeAll
  static void start() throws Exception {
    app = App.serve(data);
    keeper = Crew.keeper(app);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void a_run_goes_on_without_network_through_a_reload_and_reaches_the_server_once()
      throws Exception {
    try (Browser phone = Browser.roaming(app.url())) {
      String round = Crew.planned(keeper, "Long Row", HIVES);
      signIn(phone);
      phone.open("/run/" + round).see("People first");
      isOnThePhone(phone, round);

      phone.network(false);
      phone.reload().see("People first");
      phone.all("[role=checkbox]").forEach(point -> point.click());
      phone.press("All true").see("Start burn").see("No network");
      burn(phone);
      phone.see("Kept on this device: 3");
      phone.reload().see("Kept on this device: 3").see("Next to open");
      for (int hive = 2; hive <= HIVES; hive++) {
        burn(phone);
      }
      phone.see("Kept on this device: 7");
      Client other = Crew.device(app);
      assertThat(stages(other, round)).as("nothing has arrived yet").containsOnly("WAITING");

      phone.network(true);
      phone.seeNo("Kept on this device");
      assertThat(stages(other, round)).containsOnly("SEALED");
      assertThat(
              other
                  .send("GET", "/api/register?apiaryId=" + other.apiaryNamed("Long Row"), null)
                  .findValuesAsText("loads"))
          .hasSize(HIVES)
          .containsOnly("1");
    }
  }

  @Test
  void a_browser_that_is_closed_in_mid_run_without_network_has_the_presses_when_it_is_opened_again(
      @TempDir Path profile) throws Exception {
    String round = Crew.begin(keeper, Crew.planned(keeper, "Far Row", HIVES));
    try (Browser phone = new Browser(app.url(), Browser.PHONE, profile)) {
      signIn(phone);
      phone.open("/run/" + round).see("Start burn");
      isOnThePhone(phone, round);
      phone.network(false);
      burn(phone);
      phone.see("Kept on this device: 2");
    }
    Client other = Crew.device(app);
    try (Browser phone = new Browser(app.url(), Browser.PHONE, profile)) {
      phone.network(false).open("/run/" + round).see("Kept on this device");
      phone.network(true);
      Until.within(
          Duration.ofSeconds(30),
          "the presses have gone, or the session has ended with the browser",
          () -> phone.body().contains("Password") || stageOfFirst(other, round).equals("SEALED"));
      if (phone.body().contains("Password")) {
        signIn(phone);
      }
      Until.within(
          Duration.ofSeconds(30),
          "the presses reach the server",
          () -> stageOfFirst(other, round).equals("SEALED"));
    }
  }

  @Test
  void the_kit_is_ticked_without_network_and_the_tick_arrives_when_it_is_back() throws Exception {
    try (Browser phone = Browser.roaming(app.url())) {
      String round = Crew.planned(keeper, "Near Row", HIVES);
      signIn(phone);
      phone.open("/run/" + round).see("People first");
      isOnThePhone(phone, round);
      Client other = Crew.device(app);
      int lines = kit(other, round).size();

      phone.network(false).open("/dose/sheet/" + round).see(lines + " lines to pack");
      phone.pressAt(".kit input").see("1 tick kept on this device").see(lines - 1 + " lines to");
      assertThat(kit(other, round).findValues("tickedAt")).isEmpty();
      phone.network(true).seeNo("tick kept on this device");
      assertThat(kit(other, round).findValues("tickedAt")).hasSize(1);
    }
  }

  private static JsonNode kit(Client client, String round) throws Exception {
    return client.send("GET", "/api/rounds/" + round + "/kit", null);
  }

  /** Until the screens and the run itself are kept, there is nothing to go on with. */
  private static void isOnThePhone(Browser phone, String round) {
    Until.within(
        Duration.ofSeconds(30),
        "the run is kept on the phone",
        () ->
            Boolean.TRUE.equals(
                phone.script(
                    "return Boolean(navigator.serviceWorker.controller"
                        + " && localStorage.getItem('tavrel.run.' + arguments[0])"
                        + " && localStorage.getItem('tavrel.kit.' + arguments[0])?.includes('name'))",
                    round)));
  }

  private static void signIn(Browser phone) {
    phone.open("/sign-in").see("Sign in").type("Login", Crew.LOGIN);
    phone.type("Password", Bench.PASSWORD).press("Sign in").see("Row");
  }

  private static String stageOfFirst(Client client, String round) {
    try {
      return stages(client, round).get(0);
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static void burn(Browser phone) {
    press(phone, "Start burn");
    press(phone, "Burn ended");
  }

  /** A tap that the page moved away from is made again, as by hand; too soon it would be a slip. */
  private static void press(Browser phone, String act) {
    Until.within(
        Duration.ofSeconds(30),
        act + " can be pressed",
        () -> phone.find("[data-act=main]").getText().startsWith(act));
    Until.within(
        Duration.ofSeconds(30),
        act + " is pressed",
        () -> {
          if (phone.find("[data-act=main]").getText().startsWith(act)) {
            Until.nextTapCounts();
            phone.pressAt("[data-act=main]");
          }
          return !phone.find("[data-act=main]").getText().startsWith(act);
        });
  }

  private static List<String> stages(Client client, String round) throws Exception {
    return client
        .send("GET", "/api/rounds/" + round + "/board", null)
        .path("hives")
        .findValuesAsText("stage");
  }
}
