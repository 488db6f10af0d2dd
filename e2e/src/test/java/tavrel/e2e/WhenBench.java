package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Measures what the product promises of counts, brood and spacing: the lists with 5,000 hives on
 * record, the bench after a mark has moved. Limits: list on screen 300 ms, redraw 100 ms, the
 * server's share of it 30 ms.
 */
final class WhenBench {

  private static final int PRESSES = 60;

  /** Presses an arrow key on a mark and waits until what it leaves is written anew. */
  private static final String PRESS_AND_WAIT =
      """
      const key = arguments[0], done = arguments[1];
      const outcome = document.querySelector('[data-outcome]');
      const begin = performance.now();
      const watch = new MutationObserver(() => {
        watch.disconnect();
        requestAnimationFrame(() => done(performance.now() - begin));
      });
      watch.observe(outcome, {subtree: true, childList: true, characterData: true});
      document.querySelector("[data-mark='2']").dispatchEvent(new KeyboardEvent('keydown', {key, bubbles: true}));
      """;

  /** Goes to the spacing page and waits until its lists stand there. */
  private static final String GO_AND_WAIT =
      """
      const done = arguments[0];
      const begin = performance.now();
      const watch = new MutationObserver(() => {
        if (document.querySelector('section.lists li')) {
          watch.disconnect();
          requestAnimationFrame(() => done(performance.now() - begin));
        }
      });
      watch.observe(document.body, {subtree: true, childList: true});
      [...document.querySelectorAll('nav a')].find(a => a.textContent === 'Spacing').click();
      """;

  private final App app;
  private final Client client;
  private final LocalDate today = LocalDate.now(ZoneOffset.UTC);

  WhenBench(App app, Client client) {
    this.app = app;
    this.client = client;
  }

  void measure(String many, String few) throws IOException, InterruptedException {
    List<String> hives = new ArrayList<>();
    for (JsonNode each : client.send("GET", "/api/apiaries", null)) {
      if (each.path("apiary").path("name").asText().startsWith(many)) {
        hives.addAll(hives(each.path("apiary").path("id").asText()));
      }
    }
    for (int from = 0; from < hives.size(); from += 500) {
      brood(hives.subList(from, Math.min(hives.size(), from + 500)));
    }
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      long begin = System.nanoTime();
      client.send("GET", "/api/brood", null);
      took.add(Bench.millisSince(begin));
    }
    Bench.percentiles("lists of windows, 5,000 hives on record, server", took);
    String hive = hives(client.apiaryNamed(few)).get(0);
    wash(hive);
    forecasts(hive);
    screens(hive);
  }

  private List<String> hives(String apiaryId) throws IOException, InterruptedException {
    List<String> hives = new ArrayList<>();
    client
        .send("GET", "/api/apiaries/" + apiaryId, null)
        .path("hives")
        .forEach(hive -> hives.add(hive.path("id").asText()));
    return hives;
  }

  private void brood(List<String> hives) throws IOException, InterruptedException {
    List<Map<String, Object>> events = new ArrayList<>();
    for (int i = 0; i < hives.size(); i++) {
      boolean swarm = i % 2 == 0;
      events.add(
          Map.of(
              "id",
              UUID.randomUUID().toString(),
              "hiveId",
              hives.get(i),
              "day",
              today.minusDays(i % 25).toString(),
              "kind",
              swarm ? "SWARM_HIVED" : "QUEEN_CAGED",
              swarm ? "comb" : "cappedFrames",
              swarm ? "DRAWN" : 0));
    }
    client.send("POST", "/api/brood-events", events);
  }

  private void wash(String hive) throws IOException, InterruptedException {
    client.send(
        "POST",
        "/api/counts",
        List.of(
            Map.of(
                "id",
                UUID.randomUUID().toString(),
                "hiveId",
                hive,
                "day",
                today.toString(),
                "kind",
                "WASH",
                "mites",
                9,
                "bees",
                300,
                "natural",
                false)));
  }

  private void forecasts(String hive) throws IOException, InterruptedException {
    JsonNode start = client.send("GET", "/api/hives/" + hive + "/spacing", null);
    Map<String, Object> question =
        Map.of(
            "load",
            Map.of(
                "mites",
                9,
                "sampleBees",
                300,
                "recovery",
                1,
                "framesOfBees",
                10,
                "cappedFrames",
                4,
                "droneShare",
                0.02),
            "gramsPerBox",
            2,
            "shut",
            "TIGHT",
            "curve",
            "FIELD",
            "commonDate",
            today.plusDays(120).toString(),
            "targetPercent",
            start.path("targetPercent").asDouble());
    List<Double> course = new ArrayList<>();
    List<Double> comparison = new ArrayList<>();
    for (int i = 0; i < PRESSES; i++) {
      long begin = System.nanoTime();
      client.send(
          "POST",
          "/api/hives/" + hive + "/spacing/forecast",
          Map.of(
              "question",
              question,
              "days",
              List.of(today.toString(), today.plusDays(5 + i % 9).toString())));
      course.add(Bench.millisSince(begin));
      begin = System.nanoTime();
      client.send(
          "POST",
          "/api/hives/" + hive + "/spacing/comparison",
          Map.of("question", question, "start", today.toString()));
      comparison.add(Bench.millisSince(begin));
    }
    Bench.percentiles("course with bands over 120 days, server, all presses", course);
    Bench.percentiles("the same, the last half", course.subList(PRESSES / 2, PRESSES));
    Bench.percentiles("whole comparison, server, the last half", comparison.subList(30, PRESSES));
  }

  private void screens(String hive) {
    try (Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser
          .open("/sign-in")
          .type("Login", Crew.LOGIN)
          .type("Password", Bench.PASSWORD)
          .press("Sign in")
          .see("Today");
      browser.open("/spacing").see("Free now");
      List<Double> lists = new ArrayList<>();
      for (int i = 0; i < 10; i++) {
        browser.press("Register").see("treatments in");
        lists.add(waited(browser, GO_AND_WAIT));
      }
      Bench.percentiles("lists of windows on screen, 5,000 hives on record", lists);
      browser.open("/spacing/" + hive).see("mites left on").see("Patterns");
      List<Double> redraws = new ArrayList<>();
      for (int i = 0; i < PRESSES; i++) {
        redraws.add(waited(browser, PRESS_AND_WAIT, i % 2 == 0 ? "ArrowRight" : "ArrowLeft"));
      }
      Bench.percentiles("bench redrawn after a mark moved", redraws);
    }
  }

  private static double waited(Browser browser, String script, Object... arguments) {
    return ((Number) browser.driver().executeAsyncScript(script, arguments)).doubleValue();
  }
}
