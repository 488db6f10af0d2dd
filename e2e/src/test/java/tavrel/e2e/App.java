package tavrel.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The packed application as a process of its own, in the heap that it promises to live in. */
final class App implements AutoCloseable {

  private static final Path TARGET =
      Files.exists(Path.of("server"))
          ? Path.of("server", "target")
          : Path.of("..", "server", "target");
  private static final String JAVA = ProcessHandle.current().info().command().orElse("java");
  private static final List<String> AS_PACKED =
      List.of(
          JAVA, "-Xmx256m", "-XX:+UseSerialGC", "-jar", TARGET.resolve("tavrel.jar").toString());

  /** As the script starts it, with its class archive. */
  private static final List<String> LAID_OUT =
      List.of(
          JAVA,
          "-Xmx256m",
          "-XX:+UseSerialGC",
          "-XX:SharedArchiveFile=" + TARGET.resolve("app/tavrel.jsa"),
          "-jar",
          TARGET.resolve("app/tavrel.jar").toString());

  /**
   * In journeys a server lives for a minute or two: compiling for a long life would cost more than
   * it gains. What is measured runs as it is served.
   */
  private static final boolean SHORT_LIVED = Boolean.getBoolean("tavrel.short-lived");

  /** In tests a demo waits for the next, which begins it anew: a third of a start's work. */
  private static final boolean RESTS = SHORT_LIVED;

  private static final Deque<App> RESTING = new ConcurrentLinkedDeque<>();

  private static final String READY = "Tavrel is ready";

  private static final Pattern CODE = Pattern.compile("enter this code: (\\S+)");

  private final Process process;
  private final Path output;
  private final String url;
  private final Duration startedIn;
  private final boolean rests;

  private App(List<String> launch, List<String> arguments, boolean rests) {
    this.rests = rests;
    try {
      int port = freePort();
      output = Files.createTempFile("tavrel-e2e", ".out");
      List<String> command = new ArrayList<>(launch);
      if (SHORT_LIVED) {
        command.add(1, "-XX:TieredStopAtLevel=1");
      }
      command.add("--server.port=" + port);
      if (SHORT_LIVED) {
        // A second's work for each that signs in; how hard it is to guess is no matter here.
        command.add("--tavrel.password-strength=4");
      }
      command.addAll(arguments);
      long begin = System.nanoTime();
      process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(output.toFile())
              .start();
      url = "http://localhost:" + port;
      Until.within(
          Duration.ofSeconds(90),
          "the application says it is ready",
          () -> said(READY) > 0 || !process.isAlive());
      if (!process.isAlive()) {
        throw new IllegalStateException("The application ended:\n" + printed());
      }
      startedIn = Duration.ofNanos(System.nanoTime() - begin);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** The made-up outfit on its clock, as at its first start. */
  static App demo() {
    App rested = RESTING.pollFirst();
    if (rested == null) {
      return new App(LAID_OUT, List.of("--spring.profiles.active=demo"), RESTS);
    }
    rested.beginAnew();
    return rested;
  }

  private void beginAnew() {
    long before = said(READY);
    Client client = new Client(url);
    try {
      client.send("GET", "/api/welcome", null);
      client.send("POST", "/api/demo/anew", null);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
    Until.within(Duration.ofSeconds(90), "the demo is as at first", () -> said(READY) > before);
  }

  /** Ends those that wait. */
  static void endAll() {
    RESTING.forEach(App::kill);
    RESTING.clear();
  }

  /** A keeper's own, with its data in a folder. */
  static App serve(Path data, String... more) {
    List<String> arguments = new ArrayList<>(List.of("--tavrel.data=" + data));
    arguments.addAll(List.of(more));
    return new App(LAID_OUT, arguments, false);
  }

  /** The same from the jar as it is packed, slower to start. */
  static App serveAsPacked(Path data) {
    return new App(AS_PACKED, List.of("--tavrel.data=" + data), false);
  }

  /** Does one of the script's tasks on a data folder, to its end, and gives back what it said. */
  static String task(String... arguments) {
    try {
      List<String> command =
          new ArrayList<>(
              List.of(
                  JAVA,
                  "-XX:MaxRAMPercentage=25",
                  "-XX:NewRatio=1",
                  "-XX:+UseParallelGC",
                  "-XX:SharedArchiveFile=" + TARGET.resolve("app/tavrel.jsa"),
                  "-jar",
                  TARGET.resolve("app/tavrel.jar").toString()));
      command.addAll(List.of(arguments));
      Process task = new ProcessBuilder(command).redirectErrorStream(true).start();
      return new String(task.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  String url() {
    return url;
  }

  Duration startedIn() {
    return startedIn;
  }

  /** What it has in memory now, MB. */
  double resident() {
    return megabytes("VmRSS");
  }

  /** The most that it had in memory since it started, MB. */
  double residentAtMost() {
    return megabytes("VmHWM");
  }

  private double megabytes(String line) {
    try {
      return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
          .filter(each -> each.startsWith(line))
          .mapToDouble(each -> Long.parseLong(each.replaceAll("\\D", "")) / 1024.0)
          .findFirst()
          .orElse(-1);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** How many lines of what it said hold this. */
  long said(String words) {
    return printed().lines().filter(line -> line.contains(words)).count();
  }

  /** The one-time code that the first start prints. */
  String firstCode() {
    Matcher code = CODE.matcher(printed());
    if (!code.find()) {
      throw new IllegalStateException("No code was printed:\n" + printed());
    }
    return code.group(1);
  }

  /** Ends it at once, as a power cut would. */
  void kill() {
    process.destroyForcibly();
    waitForEnd();
  }

  @Override
  public void close() {
    if (rests) {
      RESTING.addFirst(this);
      return;
    }
    process.destroy();
    waitForEnd();
  }

  private void waitForEnd() {
    try {
      if (!process.waitFor(20, TimeUnit.SECONDS)) {
        process.destroyForcibly();
      }
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private String printed() {
    try {
      return Files.readString(output);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
