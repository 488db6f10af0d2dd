package tavrel.e2e;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * What strangers and slow lines may do to the packed application in 256 MB of heap: bodies of 55 MB
 * from twelve at once, sixty sockets that drip, and then a stop while a screen looks at a run.
 * Limits: others answered within 1 s, 420 MB resident, nothing out of memory, stopped within 2 s.
 */
public final class PressureBench {

  private static final int HUGE = 55 * 1024 * 1024;
  private static final int SENDERS = 12;
  private static final int DRIPPING = 60;
  private static final int DRIPS = 6;
  private static final long DRIP_EVERY_MILLIS = 4_000;
  private static final int LOOKS = 60;
  private static final byte[] CHUNK = " ".repeat(64 * 1024).getBytes(StandardCharsets.US_ASCII);

  private final App app;
  private final int port;
  private final HttpClient others = HttpClient.newHttpClient();

  private PressureBench(App app) {
    this.app = app;
    this.port = URI.create(app.url()).getPort();
  }

  /** Runs it; the data go to a folder that is made for it. */
  public static void main(String[] arguments) throws Exception {
    try (App app = App.serve(Files.createTempDirectory("tavrel-bench"))) {
      PressureBench bench = new PressureBench(app);
      String round = Crew.round(app, 60);
      Client device = Crew.device(app);
      String token = device.cookieLine();
      bench.flood("12 × 55 MB of events, signed in", "/api/rounds/" + round + "/events", token);
      bench.flood("12 × 55 MB at the sign-in", "/api/session", "");
      bench.drip("60 sockets that drip at the sign-in", "/api/session", "", "application/json");
      bench.drip(
          "60 files that drip, signed in",
          "/api/roster/preview",
          token,
          "multipart/form-data; boundary=x");
      Bench.say("resident at its highest (420)", app.residentAtMost(), "MB");
      Bench.say("words of memory that ran out (0)", (double) app.said("OutOfMemoryError"), "");
      bench.stopWhileWatched(device, round);
    }
  }

  private void flood(String what, String path, String cookies) throws Exception {
    AtomicBoolean over = new AtomicBoolean();
    ExecutorService threads = Executors.newFixedThreadPool(SENDERS);
    for (int i = 0; i < SENDERS; i++) {
      boolean told = i % 2 == 0;
      threads.execute(
          () -> {
            while (!over.get()) {
              sendHuge(path, cookies, told);
            }
          });
    }
    lookMeanwhile(what);
    over.set(true);
    threads.shutdown();
    threads.awaitTermination(60, TimeUnit.SECONDS);
  }

  /** Sends until it is cut off. */
  private void sendHuge(String path, String cookies, boolean told) {
    try (Socket socket = new Socket("localhost", port)) {
      OutputStream out = socket.getOutputStream();
      out.write(
          head(
              path,
              cookies,
              "application/json",
              told ? "Content-Length: " + HUGE : "Transfer-Encoding: chunked"));
      byte[] size =
          (Integer.toHexString(CHUNK.length) + "\r\n").getBytes(StandardCharsets.US_ASCII);
      for (int sent = 0; sent < HUGE; sent += CHUNK.length) {
        if (!told) {
          out.write(size);
        }
        out.write(CHUNK);
        if (!told) {
          out.write("\r\n".getBytes(StandardCharsets.US_ASCII));
        }
      }
      socket.getInputStream().read();
    } catch (IOException cutOff) {
      // That is what is wanted.
    }
  }

  private void drip(String what, String path, String cookies, String type) throws Exception {
    List<Socket> sockets = new ArrayList<>();
    try {
      for (int i = 0; i < DRIPPING; i++) {
        Socket socket = new Socket("localhost", port);
        socket.getOutputStream().write(head(path, cookies, type, "Content-Length: 60000"));
        sockets.add(socket);
      }
      for (int i = 0; i < DRIPS; i++) {
        for (Socket each : sockets) {
          try {
            each.getOutputStream().write(' ');
          } catch (IOException cutOff) {
            // One that was refused.
          }
        }
        lookMeanwhile(what + ", drip " + (i + 1));
        Thread.sleep(DRIP_EVERY_MILLIS);
      }
    } finally {
      for (Socket each : sockets) {
        each.close();
      }
    }
  }

  private void lookMeanwhile(String what) throws Exception {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < LOOKS; i++) {
      long begin = System.nanoTime();
      int status =
          others
              .send(
                  HttpRequest.newBuilder(URI.create(app.url() + "/api/welcome")).build(),
                  HttpResponse.BodyHandlers.discarding())
              .statusCode();
      if (status != 200) {
        throw new IllegalStateException("Others were answered " + status);
      }
      took.add(Bench.millisSince(begin));
      Thread.sleep(20);
    }
    Bench.percentiles(what + ": others (1,000)", took);
  }

  private void stopWhileWatched(Client device, String round) throws Exception {
    ExecutorService watching = Executors.newSingleThreadExecutor();
    watching.execute(() -> watch(device, round));
    Thread.sleep(1_000);
    long begin = System.nanoTime();
    app.close();
    Bench.say("stopped while a screen looks at a run (2,000)", Bench.millisSince(begin), "ms");
    watching.shutdownNow();
  }

  private static void watch(Client device, String round) {
    try {
      device.send("GET", "/api/rounds/" + round + "/stream", null);
    } catch (IOException | IllegalStateException gone) {
      // The server has stopped: that is what is waited for.
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private static byte[] head(String path, String cookies, String type, String length) {
    return ("POST "
            + path
            + " HTTP/1.1\r\nHost: localhost\r\n"
            + cookies
            + "Content-Type: "
            + type
            + "\r\n"
            + length
            + "\r\n\r\n")
        .getBytes(StandardCharsets.US_ASCII);
  }
}
