package tavrel.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Measures a run with four devices that each press twice a second, on the packed application in 256
 * MB of heap. Limits: 95 % answered within 30 ms, 99 % within 80 ms. Run with the minutes.
 */
public final class DevicesBench {

  private static final int DEVICES = 4;
  private static final int HIVES = 60;
  private static final long EVERY_MILLIS = 500;

  private DevicesBench() {}

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws Exception {
    int minutes = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 10;
    try (App app = App.serve(Files.createTempDirectory("tavrel-bench"))) {
      String round = Crew.round(app, HIVES);
      List<Double> took = Collections.synchronizedList(new ArrayList<>());
      ExecutorService threads = Executors.newFixedThreadPool(DEVICES);
      List<Future<?>> sending = new ArrayList<>();
      Instant end = Instant.now().plusSeconds(60L * minutes);
      for (int i = 0; i < DEVICES; i++) {
        Client client = Crew.device(app);
        List<String> all = Crew.hives(client, round);
        List<String> own = all.subList(i * HIVES / DEVICES, (i + 1) * HIVES / DEVICES);
        sending.add(
            threads.submit(
                () -> {
                  press(client, round, own, end, took);
                  return null;
                }));
      }
      for (Future<?> each : sending) {
        each.get(minutes + 2L, TimeUnit.MINUTES);
      }
      threads.shutdown();
      List<Double> all = new ArrayList<>(took);
      int aMinute = (int) (DEVICES * 60_000L / EVERY_MILLIS);
      for (int from = 0; from + aMinute <= all.size(); from += aMinute) {
        Bench.percentiles("  minute " + (from / aMinute + 1), all.subList(from, from + aMinute));
      }
      Bench.percentiles(
          DEVICES + " devices, 2 presses a second for " + minutes + " min, " + all.size(), all);
      Collections.sort(all);
      Bench.say("the same, 99 %", all.get((int) (all.size() * 0.99)), "ms");
    }
  }

  /** A mark and its taking back, hive by hive down the row. */
  private static void press(
      Client client, String round, List<String> hives, Instant end, List<Double> took)
      throws IOException, InterruptedException {
    Map<String, Object> before = null;
    for (int i = 0; Instant.now().isBefore(end); i++) {
      String hive = hives.get(i / 2 % hives.size());
      boolean back = i % 2 == 1;
      Map<String, Object> event =
          Crew.event(hive, back ? "UNDONE" : "LEAK_SEEN", Instant.now(), null);
      if (back && before != null) {
        event.put("undoes", before.get("id"));
      }
      before = event;
      long begin = System.nanoTime();
      client.send("POST", "/api/rounds/" + round + "/events", List.of(event));
      took.add(Bench.millisSince(begin));
      Thread.sleep(Math.max(0, EVERY_MILLIS - (System.nanoTime() - begin) / 1_000_000));
    }
  }
}
