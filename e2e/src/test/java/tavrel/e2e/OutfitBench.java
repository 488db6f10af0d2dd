package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Measures the season plan of a large outfit on the packed application in 256 MB of heap: 150
 * apiaries of eight hives, four rounds each, two crews.
 */
public final class OutfitBench {

  private static final int YARDS = 150;
  private static final int HIVES = 8;
  private static final int ROUNDS = 4;
  private static final int SEARCH_SECONDS = 30;

  private static final String GO_AND_WAIT =
      """
      const done = arguments[0];
      const begin = performance.now();
      const watch = new MutationObserver(() => {
        if (document.querySelectorAll('tbody tr').length >= 150) {
          watch.disconnect();
          requestAnimationFrame(() => done(performance.now() - begin));
        }
      });
      watch.observe(document.body, {subtree: true, childList: true});
      [...document.querySelectorAll('nav a')].find(a => a.textContent === 'Season').click();
      """;

  private final App app;
  private final Client client;

  private OutfitBench(App app) {
    this.app = app;
    this.client = new Client(app.url());
  }

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    try (App app = App.serve(Files.createTempDirectory("tavrel-bench"))) {
      new OutfitBench(app).measure();
    }
  }

  private void measure() throws IOException, InterruptedException {
    client.firstKeeper(app);
    client.upload(roster());
    client.send(
        "PUT",
        "/api/season-plan/depot",
        Map.of("name", "Barn", "latitude", 47.6, "longitude", -24.3, "zone", "Etc/GMT+2"));
    crew("Gannet");
    crew("Petrel");
    long begin = System.nanoTime();
    client.send("POST", "/api/season-plan/series", series());
    Bench.say("150 series of four rounds entered", Bench.millisSince(begin), "ms");
    view("season plan of 150 apiaries, nothing placed, server");
    search();
    view("season plan of 150 apiaries, as searched, server");
    screen();
    Bench.say("resident memory of the process", app.resident(), "MB (heap is capped at 256)");
  }

  private void view(String what) throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < 15; i++) {
      long begin = System.nanoTime();
      client.send("GET", "/api/season-plan", null);
      took.add(Bench.millisSince(begin));
    }
    Bench.percentiles(what, took);
  }

  private void search() throws IOException, InterruptedException {
    JsonNode byHand = client.send("GET", "/api/season-plan", null).path("byHand");
    client.send("POST", "/api/season-plan/search", Map.of("seconds", SEARCH_SECONDS));
    JsonNode state = client.send("GET", "/api/season-plan/search", null);
    while (state.path("running").asBoolean()) {
      Thread.sleep(500);
      state = client.send("GET", "/api/season-plan/search", null);
    }
    say("by hand", byHand);
    say(
        "after " + SEARCH_SECONDS + " s",
        client.send("GET", "/api/season-plan", null).path("plan").path("figures"));
  }

  private static void say(String what, JsonNode figures) {
    System.out.printf(
        Locale.ROOT,
        "%-62s %d of %d missed, %d broken, gaps %d days off, %.0f km%n",
        what,
        figures.path("missed").asInt(),
        figures.path("visits").asInt(),
        figures.path("broken").asInt(),
        figures.path("gapDaysOff").asInt(),
        figures.path("km").asDouble());
  }

  private void screen() {
    try (Browser browser = new Browser(app.url(), Browser.DESK)) {
      browser.open("/sign-in").see("Sign in");
      browser
          .type("Login", "bench")
          .type("Password", Bench.PASSWORD)
          .press("Sign in")
          .see("Yard 001");
      List<Double> took = new ArrayList<>();
      for (int i = 0; i < 5; i++) {
        browser.open("/").see("Yard 001");
        took.add(((Number) browser.driver().executeAsyncScript(GO_AND_WAIT)).doubleValue());
      }
      Bench.percentiles("season page of 150 apiaries, from press to grid", took);
    }
  }

  private static String roster() {
    return IntStream.range(0, YARDS)
        .boxed()
        .flatMap(
            yard ->
                IntStream.rangeClosed(1, HIVES)
                    .mapToObj(
                        hive ->
                            String.format(
                                Locale.ROOT,
                                "Yard %03d,H%d,%d,deep 10,0,solid,%.4f,%.4f",
                                yard + 1,
                                hive,
                                hive,
                                47.3 + 0.04 * (yard % 15),
                                -24.6 + 0.06 * (yard / 15))))
        .collect(
            Collectors.joining(
                "\n", "apiary,hive,position,brood boxes,supers,floor,latitude,longitude\n", "\n"));
  }

  private void crew(String name) throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    Map<String, Object> crew = new HashMap<>();
    crew.put("id", id);
    crew.put("name", name);
    crew.put("leavesFrom", "03:30");
    crew.put("backBy", "22:00");
    crew.put("longestMinutes", 720);
    crew.put("burners", 1);
    crew.put("helpers", 1);
    crew.put("cloths", 10);
    crew.put("toolIds", List.of());
    crew.put("minutesPerHive", 3);
    crew.put("off", List.of());
    crew.put("memberIds", List.of());
    client.send("PUT", "/api/season-plan/crews/" + id, crew);
  }

  private List<Map<String, Object>> series() throws IOException, InterruptedException {
    LocalDate start = LocalDate.now(ZoneOffset.UTC).plusDays(1);
    List<Map<String, Object>> series = new ArrayList<>();
    for (JsonNode each : client.send("GET", "/api/apiaries", null)) {
      Map<String, Object> one = new HashMap<>();
      one.put("id", UUID.randomUUID().toString());
      one.put("apiaryId", each.path("apiary").path("id").asText());
      one.put("name", "Late summer");
      one.put("rounds", ROUNDS);
      one.put("leastGap", 5);
      one.put("wantedGap", 7);
      one.put("mostGap", 9);
      one.put("startOn", start.toString());
      one.put("lastDay", start.plusDays(60).toString());
      one.put("broodless", false);
      one.put("gramsPerBox", 1);
      one.put("tool", "Bowl");
      one.put("offLabelReason", "measured");
      series.add(one);
    }
    return series;
  }
}
