import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javax.tools.DiagnosticCollector;
import javax.tools.DiagnosticListener;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * Compiles core and server again whenever a source changes, and then touches the file that lets the
 * running server start anew. For {@code ./tavrel dev}; run with the class path of the server's
 * libraries.
 */
public final class Recompile {

  private static final List<String> MODULES = List.of("core", "server");
  private static final Path TRIGGER = Path.of("server/target/classes/.reload");
  private static final long LOOK_EVERY_MILLIS = 200;

  private final JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
  private final String libraries;

  private Recompile(String libraries) {
    this.libraries = libraries;
  }

  /** Watches until it is stopped. */
  public static void main(String[] arguments) throws Exception {
    Recompile recompile = new Recompile(arguments[0]);
    FileTime seen = FileTime.from(Instant.now());
    while (true) {
      Thread.sleep(LOOK_EVERY_MILLIS);
      FileTime before = seen;
      seen = latest();
      if (seen.compareTo(before) > 0) {
        recompile.since(before);
      }
    }
  }

  /**
   * What changed alone first, so that it is soon seen; then all of it, since others may lean on it.
   */
  private void since(FileTime before) throws IOException {
    long begin = System.nanoTime();
    boolean soon = true;
    for (String module : MODULES) {
      List<Path> changed = new ArrayList<>();
      for (Path each : sources(module, ".java")) {
        if (Files.getLastModifiedTime(each).compareTo(before) > 0) {
          changed.add(each);
        }
      }
      soon &= changed.isEmpty() || compile(module, changed, DiagnosticCollector::new);
      copyResources(module);
    }
    if (soon) {
      restart(begin);
    }
    for (String module : MODULES) {
      if (!compile(module, sources(module, ".java"), () -> null)) {
        System.out.println(module + " does not compile" + (soon ? " as a whole." : "."));
        return;
      }
    }
    if (!soon) {
      restart(begin);
    }
  }

  private static void restart(long begin) throws IOException {
    Files.writeString(TRIGGER, Instant.now().toString());
    System.out.printf(
        "Compiled in %.1f s; the server starts anew.%n", (System.nanoTime() - begin) / 1e9);
  }

  private boolean compile(
      String module, List<Path> what, Supplier<DiagnosticListener<JavaFileObject>> told)
      throws IOException {
    Path classes = Path.of(module, "target/classes");
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
      List<String> options =
          List.of(
              "-nowarn",
              "-proc:none",
              "-parameters",
              "--release",
              "17",
              "-d",
              classes.toString(),
              "-cp",
              "core/target/classes:server/target/classes:" + libraries);
      return compiler
          .getTask(
              null, files, told.get(), options, null, files.getJavaFileObjectsFromPaths(what))
          .call();
    }
  }

  private static void copyResources(String module) throws IOException {
    Path from = Path.of(module, "src/main/resources");
    if (!Files.isDirectory(from)) {
      return;
    }
    try (Stream<Path> files = Files.walk(from)) {
      for (Path each : files.filter(Files::isRegularFile).toList()) {
        Path to = Path.of(module, "target/classes").resolve(from.relativize(each).toString());
        Files.createDirectories(to.getParent());
        Files.copy(each, to, StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }

  private static List<Path> sources(String module, String ending) throws IOException {
    try (Stream<Path> files = Files.walk(Path.of(module, "src/main"))) {
      return files.filter(each -> each.toString().endsWith(ending)).toList();
    }
  }

  private static FileTime latest() throws IOException {
    List<FileTime> times = new ArrayList<>(List.of(FileTime.from(Instant.EPOCH)));
    for (String module : MODULES) {
      for (Path each : sources(module, "")) {
        times.add(Files.getLastModifiedTime(each));
      }
    }
    return times.stream().max(FileTime::compareTo).orElseThrow();
  }
}
