package tavrel.e2e;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Measures what the product promises of how much: the dose sheet of 400 hives, the drawn apiary of
 * 400 hives, 150 apiaries. Limits: dose sheet 100 ms on the server, apiary interactive in 1 s,
 * selection 50 ms.
 */
final class HowMuchBench {

  private static final int HIVES = 400;
  private static final int HIVES_IN_A_ROW = 20;
  private static final int TIMES = 40;
  private static final int MORE_APIARIES = 50;

  /** Milliseconds from the start of the load until all hives are drawn and a frame is shown. */
  private static final String DRAWN =
      """
      const done = arguments[0];
      const look = () => document.querySelectorAll('[data-hive]').length === 400
        ? requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now())))
        : setTimeout(look, 5);
      look();
      """;

  /** Presses a hive, and waits until the frame that shows it as chosen. */
  private static final String CHOOSE =
      """
      const [number, done] = arguments;
      const hive = document.querySelectorAll('[data-hive]')[number];
      const begin = performance.now();
      const watch = new MutationObserver(() => {
        watch.disconnect();
        requestAnimationFrame(() => done(performance.now() - begin));
      });
      watch.observe(hive, {attributes: true, attributeFilter: ['aria-pressed']});
      hive.click();
      """;

  /** Scrolls the whole apiary, a screen at a time, and gives the longest wait for a frame. */
  private static final String SCROLL =
      """
      const done = arguments[0];
      let worst = 0, last = performance.now();
      window.scrollTo(0, 0);
      const step = now => {
        worst = Math.max(worst, now - last);
        last = now;
        if (window.scrollY + window.innerHeight >= document.body.scrollHeight - 2) done(worst);
        else {
          window.scrollBy(0, 200);
          requestAnimationFrame(step);
        }
      };
      requestAnimationFrame(now => { last = now; step(now); });
      """;

  private final App app;
  private final Client client;

  HowMuchBench(App app, Client client) {
    this.app = app;
    this.client = client;
  }

  void measure() throws IOException, InterruptedException {
    client.upload(Bench.roster("Big Row", HIVES));
    client.upload(
        IntStream.rangeClosed(1, MORE_APIARIES)
            .mapToObj(i -> "Out Yard %03d,H1,1,deep 10,0,solid,47.6,-24.3".formatted(i))
            .collect(
                Collectors.joining(
                    "\n",
                    "apiary,hive,position,brood boxes,supers,floor,latitude,longitude\n",
                    "\n")));
    String apiary = client.apiaryNamed("Big Row");
    List<String> hives = new ArrayList<>();
    client
        .send("GET", "/api/apiaries/" + apiary, null)
        .path("hives")
        .forEach(hive -> hives.add(hive.path("id").asText()));
    stand(apiary, hives);
    times(
        "dose sheet, seals and kit of 400 hives, server",
        "POST",
        "/api/apiaries/" + apiary + "/dose-sheet",
        Map.of(
            "ruleSheetId",
            client.send("GET", "/api/rule-sheets", null).get(1).path("id").asText(),
            "settings",
            Bench.SETTINGS));
    times(
        "seal of 400 hives, leakiest named, server",
        "GET",
        "/api/apiaries/" + apiary + "/seal",
        null);
    screens(apiary);
  }

  /** Rows of twenty, and every third hive leaks. */
  private void stand(String apiary, List<String> hives) throws IOException, InterruptedException {
    List<List<String>> rows = new ArrayList<>();
    for (int from = 0; from < hives.size(); from += HIVES_IN_A_ROW) {
      rows.add(hives.subList(from, from + HIVES_IN_A_ROW));
    }
    client.send("PUT", "/api/apiaries/" + apiary + "/walk", Map.of("rows", rows));
    List<String> leaky =
        IntStream.range(0, hives.size() / 3).mapToObj(i -> hives.get(3 * i)).toList();
    client.send(
        "POST",
        "/api/apiaries/" + apiary + "/hive-changes",
        List.of(
            Map.of(
                "hiveIds",
                leaky,
                "change",
                Map.of("boxes", "2x deep 10", "floor", "MESH_LOOSE_TRAY", "cracks", "A_FEW"))));
  }

  private void times(String what, String method, String path, Object body)
      throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      long begin = System.nanoTime();
      client.send(method, path, body);
      took.add(Bench.millisSince(begin));
    }
    Bench.percentiles(what + ", all", took);
    Bench.percentiles("the same, the last half", took.subList(TIMES / 2, TIMES));
  }

  private void screens(String apiary) {
    try (Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser
          .open("/sign-in")
          .type("Login", Crew.LOGIN)
          .type("Password", Bench.PASSWORD)
          .press("Sign in")
          .see("Today");
      List<Double> drawn = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        drawn.add(waited(browser.open("/apiaries/" + apiary), DRAWN));
      }
      Bench.percentiles("400 hives drawn and shown, after a full load", drawn);
      List<Double> chosen = new ArrayList<>();
      for (int i = 0; i < TIMES; i++) {
        chosen.add(waited(browser, CHOOSE, (i * 37) % HIVES));
      }
      Bench.percentiles("a hive of 400 chosen", chosen);
      List<Double> frames = new ArrayList<>();
      for (int i = 0; i < 5; i++) {
        frames.add(waited(browser, SCROLL));
      }
      Bench.percentiles("longest wait for a frame while 400 hives scroll by", frames);
      List<Double> apiaries = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        browser.open("/apiaries").see("Out Yard 050");
        apiaries.add(
            ((Number)
                    browser.script(
                        "return performance.getEntriesByType('resource').filter(r => r.name.endsWith('/api/apiaries')).at(-1).responseEnd"))
                .doubleValue());
      }
      Bench.percentiles("152 apiaries: their list is there, after a full load", apiaries);
    }
  }

  private static double waited(Browser browser, String script, Object... arguments) {
    return ((Number) browser.driver().executeAsyncScript(script, arguments)).doubleValue();
  }
}
