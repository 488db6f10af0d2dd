package tavrel.server.photo;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Pictures as files, each named by the SHA-256 of what is in it: the same picture is kept once, and
 * a file that was changed is known. Backups keep theirs once beside them, in a folder of the same
 * kind; a picture that the data folder lacks is found there.
 */
public final class PictureFiles {

  /** What the folder is called, in the data folder and beside backups. */
  public static final String FOLDER = "photos";

  private static final Pattern NAME = Pattern.compile("([0-9a-f]{64})\\.(jpg|png)");
  private static final String PART = ".part";

  private final Path folder;
  private final Path besideBackups;

  private PictureFiles(Path folder, Path besideBackups) {
    this.folder = folder;
    this.besideBackups = besideBackups;
  }

  /** The pictures of a data folder. */
  public static PictureFiles of(Path data) {
    return new PictureFiles(data.resolve(FOLDER), data.resolve("backups").resolve(FOLDER));
  }

  /** Whether something can be the name of a picture's file. */
  public static boolean isName(String name) {
    return NAME.matcher(name).matches();
  }

  /** Keeps a picture that was read. */
  void keep(Picture picture) {
    try (InputStream in = new java.io.ByteArrayInputStream(picture.bytes())) {
      keep(picture.fileName(), in);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /**
   * Keeps a picture: whole under its name, or not at all.
   *
   * @return whether what came is what the name says; if not, nothing is kept
   * @throws IOException if it cannot be read or written
   */
  public boolean keep(String name, InputStream in) throws IOException {
    Path file = folder.resolve(checked(name));
    if (Files.exists(file)) {
      return true;
    }
    Files.createDirectories(folder);
    Path part = Files.createTempFile(folder, name.substring(0, 8), PART);
    try {
      MessageDigest digest = sha256();
      try (OutputStream out = Files.newOutputStream(part);
          DigestInputStream digested = new DigestInputStream(in, digest)) {
        digested.transferTo(out);
      }
      if (!name.startsWith(HexFormat.of().formatHex(digest.digest()))) {
        return false;
      }
      try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
        channel.force(true);
      }
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      return true;
    } finally {
      Files.deleteIfExists(part);
    }
  }

  /** The file of a picture; of one that the data folder lacks, that beside the backups. */
  public Optional<Path> find(String name) {
    return Stream.of(folder, besideBackups)
        .map(each -> each.resolve(checked(name)))
        .filter(Files::isRegularFile)
        .findFirst();
  }

  /** Those of some pictures whose files are nowhere. */
  public List<String> missing(Collection<String> names) {
    return names.stream().filter(name -> find(name).isEmpty()).toList();
  }

  /** Removes a picture that nobody names any more; beside backups it stays as long as they do. */
  void forget(String name) {
    try {
      Files.deleteIfExists(folder.resolve(checked(name)));
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /**
   * Lays pictures beside backups that are not there yet, and removes those that no backup of the
   * last days named.
   *
   * @param backups the folder of the backups
   * @param names of the pictures that the backup of now names
   * @param oldest a picture that was last named before it goes
   * @throws IOException if the disk fails
   */
  public void layBeside(Path backups, Collection<String> names, Instant now, Instant oldest)
      throws IOException {
    PictureFiles beside = new PictureFiles(backups.resolve(FOLDER), besideBackups);
    for (String name : names) {
      Optional<Path> found = find(name);
      if (found.isPresent()) {
        try (InputStream in = Files.newInputStream(found.get())) {
          beside.keep(name, in);
        }
        Files.setLastModifiedTime(beside.folder.resolve(name), FileTime.from(now));
      }
    }
    for (Path each : beside.all()) {
      if (Files.getLastModifiedTime(each).toInstant().isBefore(oldest)) {
        Files.deleteIfExists(each);
      }
    }
  }

  /**
   * Takes pictures over that lie beside a backup.
   *
   * @param backups the folder that the backup is in
   * @param names of the pictures that it names
   * @throws IOException if the disk fails
   */
  public void takeFrom(Path backups, Collection<String> names) throws IOException {
    for (String name : missing(names)) {
      Path lying = backups.resolve(FOLDER).resolve(checked(name));
      if (Files.isRegularFile(lying)) {
        try (InputStream in = Files.newInputStream(lying)) {
          keep(name, in);
        }
      }
    }
  }

  private List<Path> all() throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return new ArrayList<>(
          files.filter(each -> isName(String.valueOf(each.getFileName()))).toList());
    }
  }

  private static String checked(String name) {
    if (!isName(name)) {
      throw new IllegalArgumentException("no picture is called " + name);
    }
    return name;
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }
}
