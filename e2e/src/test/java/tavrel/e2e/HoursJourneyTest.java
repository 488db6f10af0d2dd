package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A keeper's own hours: unknown until somebody tells of them, and by whose word. */
class HoursJourneyTest {

  private static final String ROSTER =
      """
      apiary,hive,position,brood boxes,latitude,longitude
      Fern Gate,F1,1,deep 10,47.652,-24.288
      Fern Gate,F2,2,2x deep 10,,
      Moss Gate,M1,1,deep 10,47.652,-24.288
      Sun Gate,S1,1,deep 10,47.652,-24.288
      """;

  @TempDir private static Path data;
  private static App app;
  private static Client keeper;

  @BeforeAll
  static void start() throws Exception {
    app = App.serve(data, "--tavrel.weather-folder-every=1s");
    keeper = new Client(app.url());
    keeper.firstKeeper(app);
    keeper.upload(ROSTER);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void from_nobody_knows_to_hours_by_ones_own_word() throws Exception {
    try (Browser browser = new Browser(app.url(), Browser.DESK)) {
      String apiary = keeper.apiaryNamed("Fern Gate");
      signIn(browser);
      browser.see("unknown").seeNo("simulated");
      browser.go("/apiaries/" + apiary + "/hours").see("No source tells of these hours");
      assertThat(browser.barriers()).as("unknown hours").isEmpty();
      browser.type("Low", "12").type("High", "5").type("Wind", "two").press("Keep it");
      browser.see("is no number");
      browser.type("Wind", "2").press("Keep it").see("is lower than the low");
      assertThat(browser.typed("Low")).as("nothing typed is lost").isEqualTo("12");
      browser.type("Low", "4").type("High", "9").press("Keep it").see("4 to 9 °C");
      browser.see("forecast by Bench").see("good");
      assertThat(browser.barriers()).as("hours by four figures").isEmpty();
      browser.type("From", "0730AM").press("Keep my hours").see("Kept.");
      browser.go("/").see("forecast by Bench").see("Next workable hours").see("07:30");
      browser.go("/apiaries/" + apiary + "/hours").press("Take back");
      browser.see("No source tells of these hours");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  @Test
  void a_person_reads_and_types_in_units_of_his_own_and_what_is_kept_stays() throws Exception {
    try (Browser browser = new Browser(app.url(), Browser.DESK)) {
      String apiary = keeper.apiaryNamed("Sun Gate");
      signIn(browser);
      browser.go("/account").see("14.1 °C").see("14:05").choose("Temperatures", "°F");
      browser.see("57.4 °F").see("Kept.");
      assertThat(browser.barriers()).as("units").isEmpty();
      browser.go("/apiaries/" + apiary + "/hours").type("Low", "4 g").see("is in g; wanted is");
      browser.type("Low", "40").type("High", "10 °C").see("10 °C: 50.0 °F").type("Wind", "2");
      browser.press("Keep it").see("40 to 50 °F");
      assertThat(kept(apiary).path("high").asDouble()).isEqualTo(10);
      assertThat(kept(apiary).path("low").asDouble()).isBetween(4.44, 4.45);
      browser.reload().see("40 to 50 °F");
      browser.go("/account").choose("Temperatures", "°C").see("14.1 °C").see("Kept.");
      browser.go("/apiaries/" + apiary + "/hours").see("to 10 °C");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  private static JsonNode kept(String apiary) throws IOException, InterruptedException {
    return keeper.send("GET", "/api/apiaries/" + apiary + "/hours", null).path("forecasts").path(0);
  }

  @Test
  void a_file_in_the_folder_is_read_by_itself_and_named() throws Exception {
    try (Browser phone = new Browser(app.url(), Browser.PHONE)) {
      String apiary = keeper.apiaryNamed("Moss Gate");
      Path folder = Files.createDirectories(data.resolve("weather"));
      Files.writeString(folder.resolve("moss-gate.csv"), tomorrow());
      Files.writeString(folder.resolve("elsewhere.csv"), tomorrow());
      Until.within(Duration.ofSeconds(30), "the folder is read", () -> isRead(keeper, apiary));
      signIn(phone);
      phone.go("/apiaries/" + apiary + "/hours").see("24 hours, ");
      phone.see("file moss-gate.csv").see("is named after no apiary");
      assertThat(phone.barriers()).as("the folder on a phone").isEmpty();
      assertThat(phone.complaints()).isEmpty();
    }
  }

  private static boolean isRead(Client client, String apiary) {
    try {
      return client
          .send("GET", "/api/apiaries/" + apiary + "/hours", null)
          .path("folder")
          .toString()
          .contains("folder.for");
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static void signIn(Browser browser) {
    browser
        .go("/")
        .type("Login", "bench")
        .type("Password", Bench.PASSWORD)
        .press("Sign in")
        .see("Fern Gate");
  }

  private static String tomorrow() {
    LocalDate day = LocalDate.now(ZoneId.of("Etc/GMT+2")).plusDays(1);
    StringBuilder csv = new StringBuilder("time,temp c,wind m/s,wind from\n");
    for (int hour = 0; hour < 24; hour++) {
      csv.append(day).append("T%02d:00,7.5,2,270%n".formatted(hour));
    }
    return csv.toString();
  }
}
