package tavrel.server.launch;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tavrel.server.safekeeping.OutfitTask;
import tavrel.server.safekeeping.StartRefused;

/** From the keeper's words to a server that starts, or to a task that is done. */
public final class Launch {

  /** What the starter of the installed program sets; the value is its folder. */
  static final String INSTALLED_IN = "tavrel.installed-in";

  /** Setting that has a browser opened once the server is ready. */
  public static final String BROWSER = "--tavrel.open-browser=";

  private Launch() {}

  /** Whether these are the keeper's words and not settings of the framework. */
  public static boolean isFor(List<String> words) {
    return StartWords.isFor(words, installedIn() != null);
  }

  /**
   * Does what was asked, or says what the server is to be started with.
   *
   * @return its settings; null where there is nothing to start
   * @throws StartRefused if a word is not understood or something is missing
   */
  public static @Nullable List<String> begin(List<String> words, PrintStream says) {
    Path installed = installedIn();
    if (installed != null) {
      SystemLibraries.check(installed.resolve("libraries.txt"));
    }
    StartWords asked = StartWords.read(words, usualData(installed), installed != null);
    return switch (asked.task()) {
      case HELP -> {
        help(asked.data(), says);
        yield null;
      }
      case BACKUP -> {
        OutfitTask.backup(asked.data(), says);
        yield null;
      }
      case RESTORE -> {
        OutfitTask.restore(asked.data(), Objects.requireNonNull(asked.file()), says);
        yield null;
      }
      case DEMO -> {
        List<String> settings =
            List.of(
                "--spring.profiles.active=demo",
                "--server.port=" + asked.port(),
                BROWSER + asked.browser());
        yield isOpen(asked, says) ? null : settings;
      }
      case SERVE -> isOpen(asked, says) ? null : serve(asked, says);
    };
  }

  private static void help(Path data, PrintStream says) {
    says.printf(
        """
      Tavrel plans and logs oxalic acid vapour rounds for keepers of honey bees.

        tavrel                       serve your own outfit and open it in the browser
        tavrel --phones              the same, for phones in this network too, with a certificate
        tavrel demo                  a made-up outfit to try, made anew at each start
        tavrel backup                the whole outfit into its folder's backups, also while it is served
        tavrel restore FILE          a backup in place of what is there, which is kept beside it

        --data FOLDER   where the outfit is (%s)
        --port N        where browsers find it (8484)
        --address A     which address of this machine is answered (127.0.0.1: this machine alone)
        --https         with a certificate that this machine makes for itself
        --no-browser    open none
      """,
        data);
  }

  private static Path usualData(@Nullable Path installed) {
    return installed == null
        ? Path.of("tavrel-data").toAbsolutePath()
        : DataFolder.usual(
            System.getProperty("os.name"),
            System.getenv(),
            Path.of(System.getenv().getOrDefault("HOME", System.getProperty("user.home"))));
  }

  private static @Nullable Path installedIn() {
    String folder = System.getProperty(INSTALLED_IN);
    return folder == null ? null : Path.of(folder);
  }

  /** Whoever starts it twice wants to see it: the browser shows the one that runs. */
  private static boolean isOpen(StartWords asked, PrintStream says) {
    String url = "http://localhost:" + asked.port();
    boolean runs = asked.browser() && LocalBrowser.answers(url);
    if (runs) {
      says.println("Tavrel runs already at " + url + ".");
      LocalBrowser.open(url);
    }
    return runs;
  }

  private static List<String> serve(StartWords asked, PrintStream says) {
    Path data = asked.data();
    DataFolder.prepare(data);
    says.printf("Your data are kept in %s.%n", data);
    List<String> settings =
        new ArrayList<>(
            List.of(
                "--tavrel.data=" + data,
                "--logging.file.name=" + data.resolve("logs").resolve("tavrel.log"),
                "--server.port=" + asked.port(),
                "--server.address=" + asked.address(),
                BROWSER + asked.browser()));
    if (asked.https()) {
      OwnCertificate own = OwnCertificate.of(data);
      // A property of this process: on the command line everybody on this machine could read it.
      System.setProperty("server.ssl.key-store-password", own.secret());
      settings.add("--server.ssl.key-store=" + own.store());
      settings.add("--server.ssl.key-alias=" + OwnCertificate.ALIAS);
      settings.add("--server.servlet.session.cookie.secure=true");
      settings.add("--tavrel.certificate=" + own.file());
    }
    return List.copyOf(settings);
  }
}
