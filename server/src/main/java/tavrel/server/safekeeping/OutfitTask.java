package tavrel.server.safekeeping;

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
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.LoggerFactory;
import tavrel.core.InvalidValue;
import tavrel.server.photo.PictureFiles;
import tavrel.server.store.MachineTime;

/** What the script does with a data folder without a server: write a backup, bring one back. */
public final class OutfitTask {

  private static final Duration PATIENCE = Duration.ofMinutes(10);

  private OutfitTask() {}

  private interface Doing {

    String done() throws IOException, SQLException, InterruptedException;
  }

  /**
   * Writes a backup and says where it is.
   *
   * @throws StartRefused if none could be written
   */
  public static void backup(Path folder, PrintStream says) {
    does(() -> backup(folder), says);
  }

  /**
   * Brings a backup in and says what was done.
   *
   * @throws StartRefused if it was not brought in; nothing was changed then
   */
  public static void restore(Path folder, Path file, PrintStream says) {
    does(() -> restore(folder, file), says);
  }

  private static void does(Doing what, PrintStream says) {
    ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.WARN);
    try {
      says.println(what.done());
    } catch (InvalidValue refused) {
      throw new StartRefused("the file " + refused.getMessage() + ". Nothing was changed.");
    } catch (IOException | SQLException | IllegalStateException broken) {
      throw new StartRefused(String.valueOf(broken.getMessage()));
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      throw new StartRefused("interrupted");
    }
  }

  private static String backup(Path folder) throws IOException, SQLException, InterruptedException {
    if (!DatabaseSwap.inUse(folder)) {
      throw new IllegalStateException("there is no outfit in " + folder);
    }
    Path backups = Files.createDirectories(folder.resolve(Backups.FOLDER));
    try (Connection connection =
        DriverManager.getConnection(DatabaseSwap.urlInUse(folder), DatabaseSwap.USER, "")) {
      Instant now = MachineTime.now();
      Path file = BackupFile.write(connection, backups, now);
      PictureFiles.of(folder).layBeside(backups, NamedPictures.of(connection), now, Instant.EPOCH);
      return "Backup written: " + file;
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
    Instant until = MachineTime.now().plus(PATIENCE);
    while (!Files.exists(done)) {
      if (MachineTime.now().isAfter(until)) {
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
    Path before = DatabaseSwap.finish(folder, MachineTime.now());
    return "%,d rows brought in. The outfit of %s is in %s.%s%s"
        .formatted(rows, file.getFileName(), folder, kept(before), pictures(folder, file));
  }

  /** Takes over what lies beside the backup, and tells what is nowhere. */
  private static String pictures(Path folder, Path backup) throws IOException, SQLException {
    PictureFiles pictures = PictureFiles.of(folder);
    List<String> named;
    try (Connection connection =
        DriverManager.getConnection(DatabaseSwap.urlInUse(folder), DatabaseSwap.USER, "")) {
      named = NamedPictures.of(connection);
    }
    pictures.takeFrom(
        Objects.requireNonNullElse(backup.toAbsolutePath().getParent(), folder), named);
    List<String> missing = pictures.missing(named);
    return missing.isEmpty()
        ? ""
        : " %,d of its %,d pictures are not there; lay them into %s: %s"
            .formatted(
                missing.size(),
                named.size(),
                folder.resolve(PictureFiles.FOLDER),
                String.join(", ", missing));
  }

  private static String kept(@Nullable Path before) {
    return before == null ? "" : " The one before is kept as " + before.getFileName() + ".";
  }

  /** A damaged one holds nobody up: exactly then a backup is wanted. It is kept beside. */
  private static void free(Path folder) {
    if (!DatabaseSwap.inUse(folder)) {
      return;
    }
    try {
      DriverManager.getConnection(DatabaseSwap.urlInUse(folder), DatabaseSwap.USER, "").close();
    } catch (SQLException locked) {
      if (locked.getErrorCode() == SafeStart.OPEN_ELSEWHERE) {
        throw new IllegalStateException(
            "a server has this folder open. Stop it first, or bring the file in on its page “Safekeeping”.");
      }
    }
  }
}
