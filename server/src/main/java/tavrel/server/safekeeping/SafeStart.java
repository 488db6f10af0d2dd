package tavrel.server.safekeeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Looks at a data folder before any database in it is opened for good: what is damaged, newer than
 * this program or held by another server is told in words, and nothing is begun anew where an
 * outfit was. Tables that are about to change are kept as they were.
 */
public final class SafeStart {

  /** The database's own code for a file that another process holds. */
  static final int OPEN_ELSEWHERE = 90_020;

  private static final String ZIP = ".zip";

  private SafeStart() {}

  /**
   * Finishes what was begun before, and makes sure that the outfit can be opened.
   *
   * @throws StartRefused if it cannot be, with what to do
   */
  public static void check(Path folder, Instant now) {
    Path there = folder.toAbsolutePath().normalize();
    try {
      writable(there);
      BackupFile.clear(there.resolve(Backups.FOLDER));
      DatabaseSwap.finish(there, now);
      if (DatabaseSwap.inUse(there)) {
        Path file = DatabaseSwap.fileInUse(there);
        if (Files.size(file) == 0) {
          throw damaged(there, "is empty");
        }
        tables(there);
      } else if (latestBackup(there).isPresent()) {
        throw damaged(there, "is gone, though backups of it are there");
      }
    } catch (IOException broken) {
      throw new StartRefused(
          "The folder %s cannot be used: %s.".formatted(there, broken.getMessage()));
    }
  }

  private static void writable(Path folder) {
    try {
      Files.createDirectories(folder);
      Files.delete(Files.createTempFile(folder, "write", ".probe"));
      Path file = DatabaseSwap.fileInUse(folder);
      if (Files.exists(file) && !Files.isWritable(file)) {
        throw new StartRefused(
            "The file %s may not be written by whoever started this. Give it to that user."
                .formatted(file));
      }
    } catch (IOException refused) {
      throw new StartRefused(
          "Nothing can be written into %s. Make room there, or give the folder to the user who starts this."
              .formatted(folder));
    }
  }

  /** Opens it once and closes it again. */
  private static void tables(Path folder) throws IOException {
    int tables;
    try (Connection connection =
            DriverManager.getConnection(DatabaseSwap.urlInUse(folder), DatabaseSwap.USER, "");
        Statement statement = connection.createStatement()) {
      tables = version(statement);
    } catch (SQLException broken) {
      if (broken.getErrorCode() == OPEN_ELSEWHERE) {
        throw new StartRefused(
            "Another server has %s open. Stop that one, or start this one on another folder."
                .formatted(folder));
      }
      throw damaged(folder, "is damaged");
    }
    int newest = TableScript.newest();
    if (tables > newest) {
      throw new StartRefused(
          ("The outfit in %s was written by a newer Tavrel (its tables are version %d, this one"
                  + " knows %d). Start that one; nothing was changed.")
              .formatted(folder, tables, newest));
    }
    if (tables > 0 && tables < newest) {
      DatabaseSwap.keepBeforeTables(folder, tables);
    }
  }

  /** Version of the tables; 0 for a database without any. */
  private static int version(Statement statement) throws SQLException {
    try (ResultSet any =
        statement.executeQuery(
            "select count(*) from information_schema.tables"
                + " where table_name = 'flyway_schema_history'")) {
      any.next();
      if (any.getInt(1) == 0) {
        return 0;
      }
    }
    try (ResultSet newest =
        statement.executeQuery(
            "select coalesce(max(cast(\"version\" as int)), 0) from \"flyway_schema_history\""
                + " where \"success\" and \"version\" is not null")) {
      newest.next();
      return newest.getInt(1);
    }
  }

  private static StartRefused damaged(Path folder, String how) throws IOException {
    Path file = DatabaseSwap.fileInUse(folder);
    return new StartRefused(
        latestBackup(folder)
            .map(
                latest ->
                    ("The outfit's file %s %s. Bring its latest backup back: tavrel restore %s"
                            + " --data %s (the file is kept beside it). To begin anew on purpose,"
                            + " move the folder away.")
                        .formatted(file, how, latest, folder))
            .orElse(
                ("The outfit's file %s %s, and there is no backup in the folder. Restore one from"
                        + " elsewhere: tavrel restore FILE --data %s")
                    .formatted(file, how, folder)));
  }

  private static Optional<Path> latestBackup(Path folder) throws IOException {
    Path backups = folder.resolve(Backups.FOLDER);
    if (!Files.isDirectory(backups)) {
      return Optional.empty();
    }
    try (Stream<Path> files = Files.list(backups)) {
      return files
          .filter(file -> file.toString().endsWith(ZIP))
          .max(Comparator.comparing(file -> file.getFileName().toString()));
    }
  }
}
