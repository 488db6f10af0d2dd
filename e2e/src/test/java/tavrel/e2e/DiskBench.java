package tavrel.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;

/**
 * A small disk of its own under the data folder, filled while presses come in, and emptied again.
 * Limits: refused with 507 in words, every acknowledged press there afterwards, and taken again
 * without a new start. Where this machine lets nobody mount one, it says so and measures nothing.
 */
public final class DiskBench {

  private static final String SIZE = "160m";
  private static final int HIVES = 30;
  private static final int MEGABYTE = 1024 * 1024;

  private DiskBench() {}

  /** Runs it; the disk lives in memory and is gone afterwards. */
  public static void main(String[] arguments) throws Exception {
    Path disk = Files.createTempDirectory("tavrel-disk");
    if (run("mount", "-t", "tmpfs", "-o", "size=" + SIZE, "tmpfs", disk.toString()) != 0) {
      System.out.println("A small disk: this machine lets nobody mount one; not measured");
      return;
    }
    try {
      // With room kept free, and with none kept: then the disk fills up under the database itself.
      fill(disk, "64MB");
      fill(disk, "0MB");
    } finally {
      run("umount", disk.toString());
    }
  }

  private static void fill(Path disk, String leastRoom) throws Exception {
    String what = "disk full with " + leastRoom + " kept free: ";
    Path data = Files.createDirectory(disk.resolve("data-" + leastRoom));
    try (App app = App.serve(data, "--tavrel.least-room=" + leastRoom)) {
      String round = Crew.round(app, HIVES);
      Client device = Crew.device(app);
      String hive = Crew.hives(device, round).get(0);
      int kept = 0;
      for (; kept < 20; kept++) {
        device.send("POST", "/api/rounds/" + round + "/events", List.of(mark(hive, kept)));
      }
      Path filler = disk.resolve("filler");
      write(filler);
      int refused = 0;
      String says = "";
      while (refused < 20 && kept < 20_000) {
        try {
          device.send("POST", "/api/rounds/" + round + "/events", List.of(mark(hive, kept)));
          kept++;
        } catch (IllegalStateException full) {
          refused++;
          says = full.getMessage();
        }
      }
      System.out.println(what + "the last answer: " + says);
      Files.delete(filler);
      long begin = System.nanoTime();
      int next = kept;
      Until.within(
          Duration.ofSeconds(60),
          "presses are taken again",
          () -> taken(device, round, mark(hive, next)));
      Bench.say(what + "taken again after there is room", Bench.millisSince(begin), "ms");
      Bench.say(what + "presses acknowledged", kept + 1, "");
      Bench.say(
          what + "of them there (the same)",
          device
              .send("GET", "/api/rounds/" + round + "/board", null)
              .path("hives")
              .get(0)
              .path("marks")
              .size(),
          "");
    }
  }

  private static boolean taken(Client device, String round, Map<String, Object> event) {
    try {
      device.send("POST", "/api/rounds/" + round + "/events", List.of(event));
      return true;
    } catch (IOException | IllegalStateException notYet) {
      return false;
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  private static Map<String, Object> mark(String hive, int number) {
    Map<String, Object> event = Crew.event(hive, "LEAK_SEEN", Instant.now(), null);
    event.put("reason", "press " + number + " " + "x".repeat(400));
    return event;
  }

  /** Takes all the room that is left. */
  private static void write(Path filler) throws IOException {
    byte[] some = new byte[MEGABYTE];
    new Random(1).nextBytes(some);
    try (var out = Files.newOutputStream(filler)) {
      while (true) {
        out.write(some);
      }
    } catch (IOException full) {
      // Now it is full.
    }
  }

  private static int run(String... command) throws IOException, InterruptedException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    process.getInputStream().readAllBytes();
    return process.waitFor(20, TimeUnit.SECONDS) ? process.exitValue() : 1;
  }
}
