package tavrel.server.safekeeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The database that was loaded takes the place of the one in use, by renaming: at any moment one of
 * the two is whole, and a start after a power cut finishes what was begun. The one before is kept.
 */
final class DatabaseSwap {

  static final String USER = "tavrel";

  private static final String IN_USE = "tavrel";
  private static final String LOADED = "incoming";
  private static final String LOADING = "incoming-unready";
  private static final String FILE = ".mv.db";

  private DatabaseSwap() {}

  /** Where the database is loaded, without its ending. */
  static Path unready(Path folder) {
    return folder.resolve(LOADING);
  }

  static String url(Path database) {
    return "jdbc:h2:file:" + database.toAbsolutePath();
  }

  /** The database in use in a folder, opened only if it is there. */
  static String urlInUse(Path folder) {
    return url(folder.resolve(IN_USE)) + ";IFEXISTS=TRUE;WRITE_DELAY=0";
  }

  static boolean inUse(Path folder) {
    return Files.exists(fileInUse(folder));
  }

  /** The file of the database in use. */
  static Path fileInUse(Path folder) {
    return folder.resolve(IN_USE + FILE);
  }

  /** Keeps a database that is closed as it is, before its tables are changed. */
  static void keepBeforeTables(Path folder, int tables) throws IOException {
    Path kept = folder.resolve("before-tables-" + (tables + 1) + FILE);
    if (!Files.exists(kept)) {
      Path part = folder.resolve(kept.getFileName() + ".part");
      Files.copy(fileInUse(folder), part, StandardCopyOption.REPLACE_EXISTING);
      BackupFile.onDisk(part);
      Files.move(part, kept, StandardCopyOption.ATOMIC_MOVE);
    }
  }

  /** Says that the loaded database is whole. */
  static void ready(Path folder) throws IOException {
    move(folder, LOADING, LOADED);
  }

  /** Removes what an earlier load left. */
  static void clear(Path folder) throws IOException {
    for (String left : List.of(LOADING, LOADED)) {
      Files.deleteIfExists(folder.resolve(left + FILE));
      Files.deleteIfExists(folder.resolve(left + ".trace.db"));
    }
  }

  /**
   * Puts a loaded database in the place of the one in use, if there is one ready. No database of
   * the folder may be open.
   *
   * @return where the one before is kept now, or null if there was none or nothing was ready
   */
  public static @Nullable Path finish(Path folder, Instant now) throws IOException {
    if (!Files.exists(folder.resolve(LOADED + FILE))) {
      return null;
    }
    Path before = null;
    if (inUse(folder)) {
      String name = "before-" + now.toString().replaceAll("[:.]", "");
      before = move(folder, IN_USE, name);
    }
    move(folder, LOADED, IN_USE);
    return before;
  }

  private static Path move(Path folder, String from, String to) throws IOException {
    BackupFile.onDisk(folder.resolve(from + FILE));
    return Files.move(
        folder.resolve(from + FILE), folder.resolve(to + FILE), StandardCopyOption.ATOMIC_MOVE);
  }
}
