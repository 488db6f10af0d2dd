package tavrel.server.safekeeping;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.photo.PictureFiles;

/** Backups in the data folder: every night, and when somebody asks; old ones go. */
@Service
@ConditionalOnBooleanProperty("tavrel.backups.nightly")
class Backups {

  static final String FOLDER = "backups";
  static final String WANTED = ".wanted";
  static final String DONE = ".done";

  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
  private static final String NAME = "tavrel-[0-9TZ-]+\\.zip";

  /** However old: never fewer than these. */
  private static final int ALWAYS_KEPT = 3;

  private final DataSource database;
  private final Path folder;
  private final int keptDays;
  private final Compaction compaction;
  private final PictureFiles pictures;
  private final Clock clock;

  Backups(
      DataSource database,
      Compaction compaction,
      PictureFiles pictures,
      @Value("${tavrel.data}") Path data,
      @Value("${tavrel.backups.kept-days}") int keptDays,
      Clock clock) {
    this.database = database;
    this.compaction = compaction;
    this.pictures = pictures;
    this.folder = data.resolve(FOLDER);
    this.keptDays = keptDays;
    this.clock = clock;
  }

  /**
   * A backup that is there.
   *
   * @param name of its file
   * @param at when it was written
   * @param bytes its size
   */
  record Backup(String name, Instant at, long bytes) {}

  /** Backups in the folder, latest first. */
  List<Backup> all() {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> file.getFileName().toString().matches(NAME))
          .map(Backups::read)
          .sorted(Comparator.comparing(Backup::at).reversed())
          .toList();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** The file of a backup. */
  Path file(String name) {
    Path file = folder.resolve(name);
    if (!name.matches(NAME) || !Files.isRegularFile(file)) {
      throw Problem.missing(Missing.BACKUP);
    }
    return file;
  }

  /**
   * Writes a backup now: first beside, then under its name, so that no half one is ever there. Its
   * pictures lie once in a folder beside all backups.
   */
  synchronized Backup write() {
    try (Connection connection = database.getConnection()) {
      Instant now = clock.instant();
      Path file = BackupFile.write(connection, folder, now);
      pictures.layBeside(
          folder, NamedPictures.of(connection), now, now.minus(Duration.ofDays(keptDays)));
      return read(file);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    } catch (SQLException broken) {
      throw new IllegalStateException("The backup could not be written.", broken);
    }
  }

  /** Every night. The file in use is made smaller only once a backup of it is there. */
  @Scheduled(cron = "${tavrel.backups.at}")
  void nightly() {
    write();
    prune();
    compaction.whenIdle();
  }

  /** Removes backups older than are kept, but never the latest few. */
  void prune() {
    Instant oldest = clock.instant().minus(Duration.ofDays(keptDays));
    all().stream()
        .skip(ALWAYS_KEPT)
        .filter(backup -> backup.at().isBefore(oldest))
        .forEach(
            backup -> {
              try {
                Files.deleteIfExists(folder.resolve(backup.name()));
              } catch (IOException broken) {
                throw new UncheckedIOException(broken);
              }
            });
  }

  /**
   * Looks whether the script asks for a backup while we hold the database: it leaves a file named
   * <em>something</em>.wanted in the folder and waits for <em>something</em>.done with the name of
   * the backup.
   */
  @Scheduled(fixedDelay = 1_000)
  void lookForWishes() throws IOException {
    if (!Files.isDirectory(folder)) {
      return;
    }
    List<Path> wishes;
    try (Stream<Path> files = Files.list(folder)) {
      wishes = files.filter(file -> file.toString().endsWith(WANTED)).toList();
    }
    for (Path wish : wishes) {
      Files.deleteIfExists(wish);
      Backup backup = write();
      LOG.info("Backup {} written.", backup.name());
      Path done = Path.of(wish.toString().replace(WANTED, DONE));
      Path unready = Path.of(done + ".part");
      Files.writeString(unready, backup.name());
      Files.move(unready, done, StandardCopyOption.ATOMIC_MOVE);
    }
  }

  private static Backup read(Path file) {
    try {
      return new Backup(
          file.getFileName().toString(),
          Files.getLastModifiedTime(file).toInstant(),
          Files.size(file));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
