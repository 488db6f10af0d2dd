package tavrel.server.safekeeping;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;

/** A backup as a file: whole under its name, or not there. */
final class BackupFile {

  private static final String PART = ".part";

  private BackupFile() {}

  /**
   * Writes the outfit beside its place, makes sure that the disk has it, and gives it its name.
   *
   * @param folder in which backups are
   * @return the file
   */
  static Path write(Connection connection, Path folder, Instant now)
      throws IOException, SQLException {
    Files.createDirectories(folder);
    Path file = folder.resolve("tavrel-" + now.toString().replaceAll("[:]|\\.\\d+", "") + ".zip");
    Path part = folder.resolve(file.getFileName() + PART);
    try {
      try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(part), 1 << 16)) {
        OutfitWriter.writeRows(connection, out);
      }
      onDisk(part);
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      return file;
    } finally {
      Files.deleteIfExists(part);
    }
  }

  /** Waits until the disk has a file: a rename alone may outlive what it names. */
  static void onDisk(Path file) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /** Removes what a killed one left half written. */
  static void clear(Path folder) throws IOException {
    if (Files.isDirectory(folder)) {
      try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, "*" + PART)) {
        for (Path each : left) {
          Files.deleteIfExists(each);
        }
      }
    }
  }
}
