package tavrel.server.outfit;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.LoggerFactory;
import tavrel.core.InvalidValue;

/** What the script does with a data folder without a server: write a backup, bring one back. */
public final class OutfitTask {

  private static final String BACKUP = "backup";
  private static final String RESTORE = "restore";

  private static final Duration PATIENCE = Duration.ofMinutes(10);

  private OutfitTask() {}

  /** Whether these arguments ask for a task and not for the server. */
  public static boolean asked(List<String> arguments) {
    return !arguments.isEmpty() && List.of(BACKUP, RESTORE).contains(arguments.get(0));
  }

  /**
   * Does it and says what was done or why not.
   *
   * @param arguments {@code backup FOLDER}, or {@code restore FOLDER FILE}
   * @return 0, or 1 if it was not done
   */
  public static int run(List<String> arguments, PrintStream says) {
    ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.WARN);
    try {
      Path folder = Path.of(arguments.get(1));
      says.println(
          arguments.get(0).equals(BACKUP)
              ? backup(folder)
              : restore(folder, Path.of(arguments.get(2))));
      return 0;
    } catch (InvalidValue refused) {
      says.println("tavrel: the file " + refused.getMessage() + ". Nothing was changed.");
    } catch (IOException | SQLException | IllegalStateException broken) {
      says.println("tavrel: " + broken.getMessage());
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
    return 1;
  }

  private static String backup(Path folder) throws IOException, SQLException, InterruptedException {
    if (!TakeOver.inUse(folder)) {
      throw new IllegalStateException("there is no outfit in " + folder);
    }
    Path backups = Files.createDirectories(folder.resolve(Backups.FOLDER));
    try (Connection connection =
        DriverManager.getConnection(TakeOver.urlInUse(folder), TakeOver.USER, "")) {
      return "Backup written: " + BackupFile.write(connection, backups, Instant.now());
    } catch (SQLException locked) {
      if (locked.getErrorCode() != SafeStart.OPEN_ELSEWHERE) {
        throw locked;
      }
      return "Backup written by the running server: " + backups.resolve(asked(backups));
    }
  }

  /** Asks the server that holds the database, by a file in its folder. */
  private static String asked(Path backups) throws IOException, InterruptedException {
    String id = UUID.randomUUID().toString();
    Path wish = Files.createFile(backups.resolve(id + Backups.WANTED));
    Path done = backups.resolve(id + Backups.DONE);
    Instant until = Instant.now().plus(PATIENCE);
    while (!Files.exists(done)) {
      if (Instant.now().isAfter(until)) {
        Files.deleteIfExists(wish);
        throw new IllegalStateException("the server that has the folder open did not answer");
      }
      Thread.sleep(200);
    }
    String name = Files.readString(done);
    Files.delete(done);
    return name;
  }

  private static String restore(Path folder, Path file) throws IOException, SQLException {
    OutfitLoader.there(file);
    Files.createDirectories(folder);
    free(folder);
    long rows = OutfitLoader.load(file, folder);
    Path before = TakeOver.finish(folder, Instant.now());
    return "%,d rows brought in. The outfit of %s is in %s.%s"
        .formatted(rows, file.getFileName(), folder, kept(before));
  }

  private static String kept(@Nullable Path before) {
    return before == null ? "" : " The one before is kept as " + before.getFileName() + ".";
  }

  /** A damaged one holds nobody up: exactly then a backup is wanted. It is kept beside. */
  private static void free(Path folder) {
    if (!TakeOver.inUse(folder)) {
      return;
    }
    try {
      DriverManager.getConnection(TakeOver.urlInUse(folder), TakeOver.USER, "").close();
    } catch (SQLException locked) {
      if (locked.getErrorCode() == SafeStart.OPEN_ELSEWHERE) {
        throw new IllegalStateException(
            "a server has this folder open. Stop it first, or bring the file in on its page “Safekeeping”.");
      }
    }
  }
}
