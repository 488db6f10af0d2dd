package tavrel.server.launch;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import tavrel.server.safekeeping.StartRefused;

/**
 * Libraries that the program's own Java takes from the system. Which they are is written down when
 * it is packed, one to a line: the library's name, then the package that brings it.
 */
final class SystemLibraries {

  private static final Path KNOWN = Path.of("/sbin/ldconfig");

  private SystemLibraries() {}

  /**
   * Makes sure that they are there.
   *
   * @param list the file that names them; nothing is looked at where it is missing
   * @throws StartRefused naming those that are not
   */
  static void check(Path list) {
    if (!Files.exists(list) || !Files.isExecutable(KNOWN)) {
      return;
    }
    try {
      Process ldconfig = new ProcessBuilder(KNOWN.toString(), "-p").start();
      String known = new String(ldconfig.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      check(Files.readAllLines(list), known);
    } catch (IOException untold) {
      // What cannot be looked up is not held against the machine: what lacks will be told when
      // used.
    }
  }

  static void check(List<String> lines, String known) {
    List<String[]> missing =
        lines.stream()
            .filter(line -> !line.isBlank())
            .map(line -> line.split("\\s+"))
            .filter(parts -> !known.contains("\t" + parts[0] + " "))
            .toList();
    if (!missing.isEmpty()) {
      throw new StartRefused(
          "This machine lacks %s. Install what brings it: %s."
              .formatted(
                  String.join(", ", missing.stream().map(parts -> parts[0]).toList()),
                  String.join(
                      " ",
                      missing.stream().map(parts -> parts[parts.length - 1]).distinct().toList())));
    }
  }
}
