package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Measures what the product promises, one round first, on the packed application in 256 MB of heap,
 * and prints it. It asserts nothing: figures belong in a note, with the machine that they were
 * taken on.
 */
public final class Bench {

  private static final int HIVES_IN_RUN = 200;
  private static final int HIVES_IN_ROSTER = 5_000;
  private static final int HIVES_IN_YARD = 50;
  static final String PASSWORD = "bench password";

  /** Two grams a box by the scale. */
  static final Map<String, Object> SETTINGS =
      Map.of(
          "amount",
          Map.of("grams", 2, "per", "BOX", "of", "ACID_DIHYDRATE"),
          "mediums",
          "BY_COMB",
          "strength",
          Map.of("assay", 1),
          "measure",
          Map.of("step", 0.1),
          "capacity",
          4,
          "supersPlan",
          "TAKEN_OFF",
          "sealMinutes",
          10,
          "exceptions",
          List.of());

  private final App app;
  private final Client client;

  private Bench(App app) throws IOException, InterruptedException {
    this.app = app;
    this.client = Crew.keeper(app);
  }

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("tavrel-bench");
    for (int i = 0; i < 3; i++) {
      try (App demo = App.demo()) {
        say(
            "start to ready, demo with its sample data",
            (double) demo.startedIn().toMillis(),
            "ms");
      }
    }
    try (App app = App.serve(data)) {
      say("start to ready, empty folder", (double) app.startedIn().toMillis(), "ms");
      new Bench(app).measure();
    }
  }

  private void measure() throws IOException, InterruptedException {
    long begin = System.nanoTime();
    client.upload(roster("Great Yard %03d", HIVES_IN_ROSTER));
    say("roster of 5,000 hives brought in", millisSince(begin), "ms");
    client.upload(roster("Long Row", HIVES_IN_RUN));
    eventsOfARun();
    paint();
    new HowMuchBench(app, client).measure();
    new WhenBench(app, client).measure("Great Yard", "Long Row");
    say("resident memory of the process", app.resident(), "MB (heap is capped at 256 MB)");
  }

  private void eventsOfARun() throws IOException, InterruptedException {
    String apiary = client.apiaryNamed("Long Row");
    JsonNode sheets = client.send("GET", "/api/rule-sheets", null);
    long begin = System.nanoTime();
    client.send(
        "POST",
        "/api/apiaries/" + apiary + "/dose-sheet",
        Map.of("ruleSheetId", sheets.get(1).path("id").asText(), "settings", SETTINGS));
    say("dose sheet of 200 hives, first call", millisSince(begin), "ms");
    String round =
        Crew.begin(
            client,
            Crew.plan(client, "Long Row", sheets.get(1).path("id").asText(), SETTINGS, null));
    List<String> hives = new ArrayList<>();
    client
        .send("GET", "/api/apiaries/" + apiary, null)
        .path("hives")
        .forEach(hive -> hives.add(hive.path("id").asText()));
    List<Double> took = new ArrayList<>();
    Instant start = Instant.now().minusSeconds(1_500);
    for (int i = 0; i < hives.size(); i++) {
      took.add(
          post(round, List.of(event(hives.get(i), "BURN_STARTED", start.plusSeconds(4L * i), 1))));
      took.add(
          post(
              round,
              List.of(
                  event(hives.get(i), "BURN_ENDED", start.plusSeconds(4L * i + 3), 1),
                  event(hives.get(i), "REMOVED", start.plusSeconds(4L * i + 3), null))));
    }
    percentiles("run-log event with 200 hives in the run, all 400 presses", took);
    percentiles("the same, the last 200 presses", took.subList(200, 400));
  }

  private double post(String round, List<Map<String, Object>> events)
      throws IOException, InterruptedException {
    long begin = System.nanoTime();
    client.send("POST", "/api/rounds/" + round + "/events", events);
    return (System.nanoTime() - begin) / 1e6;
  }

  private void paint() {
    try (Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser.open("/sign-in").see("Sign in");
      say(
          "first contentful paint, sign-in",
          number(
              browser,
              "return new Promise(done => new PerformanceObserver(list => done(list.getEntries()[0].startTime)).observe({type: 'paint', buffered: true}))"),
          "ms");
      browser
          .type("Login", Crew.LOGIN)
          .type("Password", PASSWORD)
          .press("Sign in")
          .see("Great Yard");
      for (int i = 0; i < 3; i++) {
        browser.open("/").see("Great Yard");
        say(
            "largest contentful paint, Today, after a full load",
            number(
                browser,
                "return new Promise(done => new PerformanceObserver(list => done(list.getEntries().at(-1).startTime)).observe({type: 'largest-contentful-paint', buffered: true}))"),
            "ms");
      }
      say(
          "initial scripts over the wire, Today",
          number(
              browser,
              "return performance.getEntriesByType('resource').filter(r => r.name.endsWith('.js')).reduce((sum, r) => sum + r.encodedBodySize, 0) / 1000"),
          "kB compressed");
    }
  }

  private static double number(Browser browser, String script) {
    return ((Number) browser.script(script)).doubleValue();
  }

  private static Map<String, Object> event(String hive, String kind, Instant at, Integer load) {
    Map<String, Object> event = new HashMap<>();
    event.put("id", UUID.randomUUID().toString());
    event.put("hiveId", hive);
    event.put("kind", kind);
    event.put("at", at.toString());
    event.put("load", load);
    return event;
  }

  /** Fifty hives a yard where the name has room for a number; else all in one. */
  static String roster(String yard, int hives) {
    return IntStream.range(0, hives)
        .mapToObj(
            i -> {
              int place = yard.contains("%") ? i % HIVES_IN_YARD + 1 : i + 1;
              String name = yard.replace("%03d", "%03d".formatted(i / HIVES_IN_YARD + 1));
              return name + ",H" + place + "," + place + ",deep 10,0,solid,47.6,-24.3";
            })
        .collect(
            Collectors.joining(
                "\n", "apiary,hive,position,brood boxes,supers,floor,latitude,longitude\n", "\n"));
  }

  static double millisSince(long begin) {
    return (System.nanoTime() - begin) / 1e6;
  }

  static void percentiles(String what, List<Double> took) {
    double[] sorted = took.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    System.out.printf(
        Locale.ROOT,
        "%-62s median %.1f, 95 %% %.1f, worst %.1f ms%n",
        what,
        sorted[sorted.length / 2],
        sorted[(int) (sorted.length * 0.95)],
        Arrays.stream(sorted).max().orElse(0));
  }

  static void say(String what, double value, String unit) {
    System.out.printf(Locale.ROOT, "%-62s %.0f %s%n", what, value, unit);
  }
}
