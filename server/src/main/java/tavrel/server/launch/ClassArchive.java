package tavrel.server.launch;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Classes of the installed program laid out in memory as they are needed: a start by them takes
 * half as long. They hold for the folder that they were made in, so they are made there, once,
 * after the first start, by a second process that ends by itself.
 */
@Component
class ClassArchive {

  static final String FILE = "tavrel.jsa";

  private static final Logger LOG = LoggerFactory.getLogger(ClassArchive.class);

  @EventListener(ApplicationReadyEvent.class)
  void make() {
    String installed = System.getProperty(Launch.INSTALLED_IN);
    if (installed != null && isWanted(Path.of(installed))) {
      Thread beside = new Thread(() -> make(Path.of(installed)), "class-archive");
      beside.setDaemon(true);
      beside.start();
    }
  }

  private static boolean isWanted(Path folder) {
    try {
      Path madeIn = folder.resolve(FILE + ".made-in");
      return Files.isWritable(folder)
          && !(Files.exists(madeIn) && Files.readString(madeIn).equals(folder.toString()));
    } catch (IOException unreadable) {
      return false;
    }
  }

  private static void make(Path folder) {
    Path part = folder.resolve(FILE + ".part");
    try {
      Files.deleteIfExists(part);
      Process other = new ProcessBuilder(command(folder, part)).redirectErrorStream(true).start();
      Runtime.getRuntime().addShutdownHook(new Thread(other::destroy));
      other.getInputStream().readAllBytes();
      other.waitFor();
      if (Files.exists(part)) {
        Files.move(part, folder.resolve(FILE), StandardCopyOption.REPLACE_EXISTING);
        Files.writeString(folder.resolve(FILE + ".made-in"), folder.toString());
        LOG.info("From now on this program starts faster.");
      }
    } catch (IOException untold) {
      LOG.debug("No class archive", untold);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private static List<String> command(Path folder, Path part) {
    return List.of(
        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
        "-XX:ArchiveClassesAtExit=" + part,
        "-XX:+UseSerialGC",
        "-Dspring.context.exit=onRefresh",
        "-Dspring.profiles.active=demo",
        "-jar",
        folder.resolve("tavrel.jar").toString());
  }
}
