package tavrel.server.launch;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tavrel.server.safekeeping.StartRefused;

/**
 * What somebody asks of the program in words after its name.
 *
 * @param task what is to be done
 * @param data folder of the outfit
 * @param file the backup to bring in, for {@link Task#RESTORE}
 * @param port where browsers find it
 * @param address which of this machine's addresses are answered
 * @param https whether with a certificate of its own
 * @param browser whether a browser is opened once it is ready
 */
record StartWords(
    Task task,
    Path data,
    @Nullable Path file,
    int port,
    String address,
    boolean https,
    boolean browser) {

  /** The port that is usual here. */
  public static final int USUAL_PORT = 8484;

  private static final String THIS_MACHINE = "127.0.0.1";
  private static final String EVERY_ADDRESS = "0.0.0.0";
  private static final int HIGHEST_PORT = 65_535;

  /** What can be asked. */
  public enum Task {
    SERVE,
    DEMO,
    BACKUP,
    RESTORE,
    HELP;

    private static @Nullable Task named(String word) {
      for (Task task : values()) {
        if (task.name().equalsIgnoreCase(word)) {
          return task;
        }
      }
      return Set.of("--help", "-h").contains(word) ? HELP : null;
    }
  }

  /**
   * Whether these are words for us. Settings of the framework ({@code --spring…}, {@code
   * --server…}) are handed on as they are.
   *
   * @param packed whether the program was installed: then no word at all means to serve
   */
  public static boolean isFor(List<String> words, boolean packed) {
    return words.isEmpty()
        ? packed
        : Task.named(words.get(0)) != null
            || (packed && !words.get(0).matches("--(spring|server|tavrel|logging)[.-].*"));
  }

  /**
   * Reads them.
   *
   * @param usualData where the data are unless somebody says otherwise
   * @param packed whether the program was installed: a browser is then opened unless {@code
   *     --no-browser} is said
   * @throws StartRefused if a word is unknown or lacks its value
   */
  public static StartWords read(List<String> words, Path usualData, boolean packed) {
    Deque<String> left = new ArrayDeque<>(words);
    Task task = left.isEmpty() ? null : Task.named(left.peek());
    if (task == null) {
      task = Task.SERVE;
    } else {
      left.poll();
    }
    Path data = usualData;
    Path file = null;
    int port = USUAL_PORT;
    String address = THIS_MACHINE;
    boolean https = false;
    boolean browser = packed && (task == Task.SERVE || task == Task.DEMO);
    while (!left.isEmpty()) {
      String word = left.poll();
      switch (word) {
        case "--data" -> data = path(value(word, left));
        case "--port" -> port = port(value(word, left));
        case "--address" -> address = value(word, left);
        case "--https" -> https = true;
        case "--phones" -> {
          https = true;
          address = EVERY_ADDRESS;
        }
        case "--no-browser" -> browser = false;
        default -> {
          if (task != Task.RESTORE || file != null || word.startsWith("-")) {
            throw new StartRefused(
                "%s is not understood here; \"help\" tells what is.".formatted(word));
          }
          file = path(word);
        }
      }
    }
    if (task == Task.RESTORE && file == null) {
      throw new StartRefused("restore needs the backup's file.");
    }
    return new StartWords(task, data, file, port, address, https, browser);
  }

  private static String value(String word, Deque<String> left) {
    String value = left.poll();
    if (value == null || value.startsWith("--")) {
      throw new StartRefused("%s needs a value after it.".formatted(word));
    }
    return value;
  }

  private static int port(String text) {
    try {
      int port = Integer.parseInt(text);
      if (port >= 0 && port <= HIGHEST_PORT) {
        return port;
      }
    } catch (NumberFormatException none) {
      // told below
    }
    throw new StartRefused("%s is no port; it is a number up to 65535.".formatted(text));
  }

  private static Path path(String text) {
    try {
      return Path.of(text).toAbsolutePath().normalize();
    } catch (InvalidPathException none) {
      throw new StartRefused("%s is no name for a file or folder.".formatted(text));
    }
  }
}
