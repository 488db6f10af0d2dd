package tavrel.e2e;

import java.nio.file.Files;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Measures what sixty running clocks cost a phone-sized screen: share of one core that the page's
 * main thread is busy. Limit: 5 %.
 */
public final class ClocksBench {

  private static final int HIVES = 60;
  private static final int SECONDS = 20;

  private ClocksBench() {}

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws Exception {
    try (App app = App.serve(Files.createTempDirectory("tavrel-bench"));
        Browser phone = Browser.roaming(app.url())) {
      String round = Crew.round(app, HIVES);
      Client client = Crew.device(app);
      List<Map<String, Object>> events = new ArrayList<>();
      Instant begun = Instant.now().minusSeconds(HIVES);
      for (String hive : Crew.hives(client, round)) {
        begun = begun.plusMillis(500);
        events.add(Crew.event(hive, "BURN_STARTED", begun, 1));
        events.add(Crew.event(hive, "BURN_ENDED", begun.plusMillis(100), 1));
        events.add(Crew.event(hive, "REMOVED", begun.plusMillis(200), null));
      }
      client.send("POST", "/api/rounds/" + round + "/events", events);
      phone.open("/sign-in").see("Sign in").type("Login", Crew.LOGIN);
      phone.type("Password", Bench.PASSWORD).press("Sign in").see("Long Row");
      phone.open("/run/" + round).see("Next to open");
      Thread.sleep(Duration.ofSeconds(8).toMillis());
      phone.driver().executeCdpCommand("Performance.enable", Map.of());
      for (int i = 0; i < 3; i++) {
        double before = busy(phone);
        Thread.sleep(Duration.ofSeconds(SECONDS).toMillis());
        Bench.say(
            "60 clocks on a phone, main thread busy",
            100 * (busy(phone) - before) / SECONDS,
            "% of one core");
      }
    }
  }

  /** Seconds that the page's tasks have taken so far. */
  private static double busy(Browser phone) {
    Object metrics =
        phone.driver().executeCdpCommand("Performance.getMetrics", Map.of()).get("metrics");
    for (Object each : (List<?>) metrics) {
      Map<?, ?> metric = (Map<?, ?>) each;
      if ("TaskDuration".equals(metric.get("name"))) {
        return ((Number) metric.get("value")).doubleValue();
      }
    }
    throw new IllegalStateException("The browser tells no TaskDuration");
  }
}
