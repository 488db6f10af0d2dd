package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;

/**
 * Lives of a large outfit: 5,000 hives in 125 yards with 40,000 entries of life and 2,000 photos.
 * What a keeper waits for: a hive's page, the roster of an earlier day, a move of 500, tags of 400.
 */
public final class LivesBench {

  private static final int YARDS = 125;
  private static final int HIVES = 40;
  private static final int ACTS_A_HIVE = 8;
  private static final int PHOTOS = 2_000;
  private static final int TIMES = 15;

  private final App app;
  private final Client client;
  private final LocalDate today = LocalDate.now(ZoneOffset.UTC);
  private final List<String> yards = new ArrayList<>();
  private final Map<String, List<String>> hives = new HashMap<>();

  private LivesBench(App app) {
    this.app = app;
    this.client = new Client(app.url());
  }

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    try (App app = App.serve(Files.createTempDirectory("tavrel-lives"))) {
      new LivesBench(app).measure();
    }
  }

  private void measure() throws IOException, InterruptedException {
    client.firstKeeper(app);
    client.upload(roster());
    know();
    live();
    photos();
    String yard = yards.get(7);
    String hive = hives.get(yard).get(3);
    median("page of a hive", () -> client.send("GET", "/api/hives/" + hive, null));
    median(
        "a yard as it stood 20 days ago",
        () ->
            client.send("GET", "/api/apiaries/" + yard + "/stood?on=" + today.minusDays(20), null));
    Path into = Files.createTempFile("roster", ".csv");
    median(
        "roster of 5,000 hives as of 20 days ago",
        () -> client.take("/api/files/roster.csv?on=" + today.minusDays(20), into));
    median("photos of a hive", () -> client.send("GET", photosOf(hive), null));
    median("finding a name", () -> client.send("GET", "/api/find?q=Y7-3", null));
    move();
    tags(into);
    median("today", () -> client.send("GET", "/api/today", null));
    long begin = System.nanoTime();
    client.take("/api/outfit/outfit.zip", into);
    Bench.say("the whole outfit with its photos, taken away", Bench.millisSince(begin), "ms");
    Bench.say("that file", Files.size(into) / 1e6, "MB");
    begin = System.nanoTime();
    client.send("POST", "/api/outfit/backups", null);
    Bench.say("a first backup, photos beside it", Bench.millisSince(begin), "ms");
    begin = System.nanoTime();
    client.send("POST", "/api/outfit/backups", null);
    Bench.say("a second one", Bench.millisSince(begin), "ms");
    Bench.say("resident memory of the process", app.resident(), "MB (heap is capped at 256)");
  }

  private static String roster() {
    StringBuilder csv =
        new StringBuilder("apiary,hive,position,brood boxes,since,latitude,longitude\n");
    for (int yard = 0; yard < YARDS; yard++) {
      for (int place = 1; place <= HIVES; place++) {
        csv.append(
            "Yard %03d,Y%d-%d,%d,deep 10,2024-03-01,%.3f,-24.3%n"
                .formatted(yard, yard, place, place, 47 + yard / 100.0));
      }
    }
    return csv.toString();
  }

  private void know() throws IOException, InterruptedException {
    for (JsonNode each : client.send("GET", "/api/apiaries", null)) {
      String id = each.path("apiary").path("id").asText();
      yards.add(id);
      List<String> here = new ArrayList<>();
      client
          .send("GET", "/api/apiaries/" + id, null)
          .path("hives")
          .forEach(hive -> here.add(hive.path("id").asText()));
      hives.put(id, here);
    }
  }

  private void live() throws IOException, InterruptedException {
    long begin = System.nanoTime();
    for (int turn = 0; turn < ACTS_A_HIVE; turn++) {
      for (int yard = 0; yard < YARDS; yard++) {
        List<String> here = hives.get(yards.get(yard));
        LocalDate day = today.minusDays(400L - turn * 45L);
        act(
            switch (turn % 4) {
              case 0 -> Map.of("kind", "SET_UP", "supers", turn / 4 + 1);
              case 1 -> Map.of("kind", "QUEEN", "queen", "GIVEN", "queenYear", 2025);
              case 2 -> Map.of("kind", "MOVED", "apiaryId", yards.get((yard + 1) % YARDS));
              default -> Map.of("kind", "MOVED", "apiaryId", yards.get(yard));
            },
            here,
            day);
      }
    }
    Bench.say("40,000 entries in 1,000 acts", Bench.millisSince(begin), "ms");
  }

  private void act(Map<String, Object> what, List<String> ids, LocalDate day)
      throws IOException, InterruptedException {
    Map<String, Object> act = new HashMap<>(what);
    act.put("hiveIds", ids);
    act.put("day", day.toString());
    act.put("series", "GO_ALONG");
    client.send("PUT", "/api/hive-acts/" + UUID.randomUUID(), act);
  }

  private void photos() throws IOException, InterruptedException {
    Random random = new Random(5);
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < PHOTOS; i++) {
      List<String> here = hives.get(yards.get(i % YARDS));
      byte[] picture = picture(random);
      long begin = System.nanoTime();
      client.put(
          photosOf(here.get(i % 10)).replace("photos?", "photos/" + UUID.randomUUID() + "?"),
          "image/jpeg",
          picture);
      took.add(Bench.millisSince(begin));
    }
    Collections.sort(took);
    Bench.say(
        "a photo of " + picture(random).length / 1000 + " kB kept, median of 2,000",
        took.get(PHOTOS / 2),
        "ms");
  }

  private static String photosOf(String hive) {
    return "/api/photos?about=HIVE&aboutId=" + hive;
  }

  private static byte[] picture(Random random) throws IOException {
    BufferedImage image = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 20_000; i++) {
      image.setRGB(random.nextInt(640), random.nextInt(480), random.nextInt());
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  private void move() throws IOException, InterruptedException {
    List<String> truck = new ArrayList<>();
    for (int yard = 0; truck.size() < 500; yard++) {
      truck.addAll(hives.get(yards.get(yard)));
    }
    List<String> load = truck.subList(0, 500);
    long begin = System.nanoTime();
    act(Map.of("kind", "MOVED", "apiaryId", yards.get(100)), load, today.minusDays(1));
    Bench.say("500 hives moved in one act", Bench.millisSince(begin), "ms");
  }

  private void tags(Path into) throws IOException, InterruptedException {
    client.send("PUT", "/api/tag-host", Map.of("host", "https://tavrel.lan:8443"));
    String path = "/api/apiaries/" + yards.get(100) + "/tags.pdf";
    long begin = System.nanoTime();
    client.take(path, into);
    Bench.say("tags of 540 hives, never printed before", Bench.millisSince(begin), "ms");
    begin = System.nanoTime();
    client.take(path, into);
    Bench.say("the same again", Bench.millisSince(begin), "ms");
  }

  private interface Taking {
    void take() throws IOException, InterruptedException;
  }

  private static void median(String what, Taking asking) throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      long begin = System.nanoTime();
      asking.take();
      took.add(Bench.millisSince(begin));
    }
    Collections.sort(took);
    Bench.say(what + ", median of " + TIMES, took.get(TIMES / 2), "ms");
    Bench.say(what + ", worst", took.get(TIMES - 1), "ms");
  }
}
