package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;

/**
 * Kills the server again and again while four devices post marks, each with words of its own, and
 * looks on the boards of the next start for every one that was acknowledged. Limits: none lost,
 * none doubled. Run with how many kills.
 */
public final class KillsBench {

  private static final int DEVICES = 4;
  private static final int HIVES = 60;

  /** Kills with one round; then the boards are looked at, and another round is begun. */
  private static final int KILLS_A_ROUND = 10;

  private static final long PRESS_EVERY_MILLIS = 10;

  private final Path data;
  private final Random random = new Random(20_260_818);
  private int number;
  private int acknowledged;
  private int lost;
  private int doubled;

  private KillsBench(Path data) {
    this.data = data;
  }

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws Exception {
    int kills = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 100;
    KillsBench bench = new KillsBench(Files.createTempDirectory("tavrel-bench"));
    try (App app = App.serve(bench.data)) {
      Crew.keeper(app);
    }
    for (int done = 0; done < kills; done += KILLS_A_ROUND) {
      bench.round(Math.min(KILLS_A_ROUND, kills - done));
    }
    Bench.say("kills under load", kills, "");
    Bench.say("presses acknowledged", bench.acknowledged, "");
    Bench.say("of them lost (0)", bench.lost, "");
    Bench.say("doubled (0)", bench.doubled, "");
  }

  private void round(int kills) throws Exception {
    number++;
    String yard = "Row " + number;
    String round;
    try (App app = App.serve(data)) {
      Client keeper = Crew.device(app);
      keeper.upload(Bench.roster(yard, HIVES));
      String sheet = keeper.send("GET", "/api/rule-sheets", null).get(1).path("id").asText();
      round = Crew.begin(keeper, Crew.plan(keeper, yard, sheet, Bench.SETTINGS, null));
    }
    List<String> taken = new ArrayList<>();
    List<Map<String, Object>> unanswered = new ArrayList<>();
    for (int kill = 0; kill < kills; kill++) {
      try (App app = App.serve(data)) {
        taken.addAll(postUntilKilled(app, round, number + "/" + kill, unanswered));
      }
    }
    try (App app = App.serve(data)) {
      Client look = Crew.device(app);
      // A device sends again what was not answered: it must not stand there twice.
      for (Map<String, Object> each : unanswered) {
        look.send("POST", "/api/rounds/" + round + "/events", List.of(each));
        taken.add((String) each.get("reason"));
      }
      count(taken, look.send("GET", "/api/rounds/" + round + "/board", null));
    }
  }

  private List<String> postUntilKilled(
      App app, String round, String kill, List<Map<String, Object>> unanswered) throws Exception {
    ConcurrentLinkedQueue<String> taken = new ConcurrentLinkedQueue<>();
    ConcurrentLinkedQueue<Map<String, Object>> broken = new ConcurrentLinkedQueue<>();
    ExecutorService threads = Executors.newFixedThreadPool(DEVICES);
    for (int i = 0; i < DEVICES; i++) {
      Client client = Crew.device(app);
      List<String> hives = Crew.hives(client, round);
      int device = i;
      threads.execute(() -> post(client, round, kill, device, hives, taken, broken));
    }
    Until.within(Duration.ofSeconds(30), "all devices post", () -> taken.size() >= DEVICES);
    Thread.sleep(random.nextInt(600));
    app.kill();
    threads.shutdown();
    if (!threads.awaitTermination(30, TimeUnit.SECONDS)) {
      throw new IllegalStateException("A device still waits for a server that is gone");
    }
    unanswered.addAll(broken);
    return List.copyOf(taken);
  }

  private static void post(
      Client client,
      String round,
      String kill,
      int device,
      List<String> hives,
      Queue<String> taken,
      Queue<Map<String, Object>> broken) {
    for (int press = 0; ; press++) {
      Map<String, Object> event =
          Crew.event(
              hives.get((press * DEVICES + device) % HIVES), "LEAK_SEEN", Instant.now(), null);
      event.put("reason", "kill " + kill + ", device " + device + ", press " + press);
      try {
        client.send("POST", "/api/rounds/" + round + "/events", List.of(event));
        taken.add((String) event.get("reason"));
        Thread.sleep(PRESS_EVERY_MILLIS);
      } catch (IOException gone) {
        broken.add(event);
        return;
      } catch (InterruptedException interrupted) {
        Thread.currentThread().interrupt();
        return;
      }
    }
  }

  private void count(List<String> taken, JsonNode board) {
    Map<String, Integer> seen = new HashMap<>();
    for (JsonNode hive : board.path("hives")) {
      hive.path("marks").forEach(mark -> seen.merge(mark.path("says").asText(), 1, Integer::sum));
    }
    acknowledged += taken.size();
    for (String each : taken) {
      lost += seen.containsKey(each) ? 0 : 1;
    }
    doubled += (int) seen.values().stream().filter(times -> times > 1).count();
  }
}
