package tavrel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The server is killed while four devices post, and started again on the same folder. */
class CrashTest {

  private static final int DEVICES = 4;
  private static final int HIVES = 60;

  /** What a device still has to send, and what the server said it has. */
  private static final class Device {

    final Deque<List<Map<String, Object>>> parcels = new ArrayDeque<>();
    final List<List<Map<String, Object>>> acknowledged = new ArrayList<>();

    /** Sends until all is sent or the server is gone. */
    void send(Client client, String round, AtomicInteger taken) throws InterruptedException {
      while (!parcels.isEmpty()) {
        try {
          client.send("POST", "/api/rounds/" + round + "/events", parcels.peek());
        } catch (IOException gone) {
          return;
        }
        acknowledged.add(parcels.remove());
        taken.incrementAndGet();
        Thread.sleep(5);
      }
    }
  }

  @Test
  void nothing_that_was_acknowledged_is_lost_and_nothing_is_doubled(@TempDir Path data)
      throws Exception {
    List<Device> devices = new ArrayList<>();
    String round;
    try (App app = App.serve(data)) {
      round = Crew.round(app, HIVES);
      Client look = Crew.device(app);
      List<String> hives = Crew.hives(look, round);
      Instant begin = Instant.now().minusSeconds(1_200);
      for (int i = 0; i < DEVICES; i++) {
        devices.add(new Device());
      }
      for (int i = 0; i < HIVES; i++) {
        Device device = devices.get(i % DEVICES);
        Instant at = begin.plusSeconds(10L * i);
        device.parcels.add(List.of(Crew.event(hives.get(i), "BURN_STARTED", at, 1)));
        device.parcels.add(
            List.of(
                Crew.event(hives.get(i), "BURN_ENDED", at.plusSeconds(8), 1),
                Crew.event(hives.get(i), "REMOVED", at.plusSeconds(8), null)));
      }
      AtomicInteger taken = new AtomicInteger();
      all(
          app,
          devices,
          round,
          taken,
          () -> {
            Until.within(Duration.ofSeconds(60), "half of it is taken", () -> taken.get() >= HIVES);
            app.kill();
          });
    }
    assertThat(devices).anyMatch(device -> !device.parcels.isEmpty());

    try (App again = App.serve(data)) {
      Client client = Crew.device(again);
      int kept = 0;
      for (Device device : devices) {
        kept += device.acknowledged.stream().mapToInt(List::size).sum();
      }
      assertThat(events(client, round)).as("acknowledged events").isGreaterThanOrEqualTo(kept);

      for (Device device : devices) {
        device.acknowledged.forEach(device.parcels::addFirst);
      }
      all(again, devices, round, new AtomicInteger(), () -> {});
      assertThat(devices).allMatch(device -> device.parcels.isEmpty());

      JsonNode board = client.send("GET", "/api/rounds/" + round + "/board", null);
      assertThat(board.path("treated").asInt()).isEqualTo(HIVES);
      assertThat(board.path("hives").findValuesAsText("stage")).containsOnly("SEALED");
      assertThat(board.path("hives").findValuesAsText("loadsEnded")).containsOnly("1");
      JsonNode register =
          client.send("GET", "/api/register?apiaryId=" + client.apiaryNamed("Long Row"), null);
      assertThat(register.findValuesAsText("loads")).hasSize(HIVES).containsOnly("1");
    }
  }

  /** Every step of a hive on the board tells of events that are kept. */
  private static int events(Client client, String round) throws Exception {
    int events = 0;
    for (JsonNode hive :
        client.send("GET", "/api/rounds/" + round + "/board", null).path("hives")) {
      events +=
          switch (hive.path("stage").asText()) {
            case "BURNING" -> 1;
            case "SEALED" -> 3;
            default -> 0;
          };
    }
    return events;
  }

  private static void all(
      App app, List<Device> devices, String round, AtomicInteger taken, Runnable meanwhile)
      throws Exception {
    List<Client> clients = new ArrayList<>();
    for (int i = 0; i < devices.size(); i++) {
      clients.add(Crew.device(app));
    }
    ExecutorService threads = Executors.newFixedThreadPool(devices.size());
    try {
      List<Future<?>> sending = new ArrayList<>();
      for (int i = 0; i < devices.size(); i++) {
        Device device = devices.get(i);
        Client client = clients.get(i);
        sending.add(
            threads.submit(
                () -> {
                  device.send(client, round, taken);
                  return null;
                }));
      }
      meanwhile.run();
      for (Future<?> each : sending) {
        each.get(60, TimeUnit.SECONDS);
      }
    } finally {
      threads.shutdownNow();
    }
  }
}
