package tavrel.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Roster files for a browser to choose. */
final class Rosters {

  private Rosters() {}

  static Path file(String... lines) {
    try {
      Path file = Files.createTempFile("roster", ".csv");
      Files.write(file, List.of(lines));
      file.toFile().deleteOnExit();
      return file;
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
