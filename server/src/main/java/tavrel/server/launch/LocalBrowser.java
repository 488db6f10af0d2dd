package tavrel.server.launch;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The browser of whoever sits at this machine. */
final class LocalBrowser {

  private static final Duration PATIENCE = Duration.ofMillis(700);

  private LocalBrowser() {}

  /** Opens a page, where there is a screen; that there is none is no flaw. */
  static void open(String url) {
    List<String> command = command(System.getProperty("os.name"), url);
    if (command != null) {
      try {
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
      } catch (IOException none) {
        System.out.println("No browser could be opened; open " + url);
      }
    }
  }

  private static @Nullable List<String> command(String os, String url) {
    String system = os.toLowerCase(Locale.ROOT);
    if (system.contains("windows")) {
      return List.of("rundll32", "url.dll,FileProtocolHandler", url);
    }
    if (system.contains("mac")) {
      return List.of("/usr/bin/open", url);
    }
    boolean screen = System.getenv("DISPLAY") != null || System.getenv("WAYLAND_DISPLAY") != null;
    String opener = "/usr/bin/xdg-open";
    return screen && Files.isExecutable(Path.of(opener)) ? List.of(opener, url) : null;
  }

  /** Whether a Tavrel answers at this address already. */
  static boolean answers(String url) {
    try {
      return HttpClient.newBuilder()
          .connectTimeout(PATIENCE)
          .build()
          .send(
              HttpRequest.newBuilder(URI.create(url + "/api/welcome")).timeout(PATIENCE).build(),
              BodyHandlers.ofString())
          .body()
          .contains("\"firstStart\"");
    } catch (IOException silent) {
      return false;
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
