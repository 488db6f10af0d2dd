package tavrel.server.launch;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import tavrel.server.safekeeping.StartRefused;

/** The folder of an outfit's data: where it is by custom of the system, and whose it is. */
final class DataFolder {

  private static final String NAME = "tavrel";

  private DataFolder() {}

  /**
   * Where the system wants a program's data.
   *
   * @param os name of the system, as {@code os.name}
   * @param environment its variables
   * @param home the user's own folder
   */
  static Path usual(String os, Map<String, String> environment, Path home) {
    String system = os.toLowerCase(Locale.ROOT);
    if (system.contains("windows")) {
      return Path.of(
              environment.getOrDefault("LOCALAPPDATA", home.resolve("AppData/Local").toString()))
          .resolve("Tavrel");
    }
    if (system.contains("mac")) {
      return home.resolve("Library/Application Support/Tavrel");
    }
    String state = environment.get("STATE_DIRECTORY");
    if (state != null) {
      return Path.of(state);
    }
    String shared = environment.getOrDefault("XDG_DATA_HOME", "");
    return (shared.startsWith("/") ? Path.of(shared) : home.resolve(".local/share")).resolve(NAME);
  }

  /** Makes it and its own folders; nobody else on this machine may look inside. */
  static void prepare(Path folder) {
    try {
      Files.createDirectories(folder, forOwnerAlone());
      for (String inside : Set.of("weather", "logs")) {
        Files.createDirectories(folder.resolve(inside), forOwnerAlone());
      }
    } catch (IOException broken) {
      throw new StartRefused(
          "The folder %s cannot be made: %s.".formatted(folder, broken.getMessage()));
    }
  }

  private static FileAttribute<?>[] forOwnerAlone() {
    return FileSystems.getDefault().supportedFileAttributeViews().contains("posix")
        ? new FileAttribute<?>[] {
          PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------"))
        }
        : new FileAttribute<?>[0];
  }
}
