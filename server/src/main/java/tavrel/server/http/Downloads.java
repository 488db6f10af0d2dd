package tavrel.server.http;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tavrel.core.Fact;

/**
 * Large files on their way to people. Each is written to the disk before its first byte goes out,
 * so that one that nobody reads holds no connection to the database; nobody has more than two on
 * their way.
 */
@Component
public class Downloads {

  private static final Logger LOG = LoggerFactory.getLogger(Downloads.class);
  private static final int MOST_AT_ONCE = 2;

  /** One that has not arrived by then is given up. */
  private static final Duration LONGEST = Duration.ofMinutes(30);

  private static final String PART = "download-";

  private final Path folder;
  private final Clock clock;
  private final Map<UUID, Deque<Instant>> onTheirWay = new HashMap<>();

  Downloads(@Value("${tavrel.data}") Path data, Clock clock) {
    this.folder = Files.isDirectory(data) ? data : Path.of(System.getProperty("java.io.tmpdir"));
    this.clock = clock;
    clear();
  }

  /** What a file is written by. */
  public interface Writing {

    /** Writes all of it. */
    void to(OutputStream out) throws IOException;
  }

  /**
   * A file for somebody.
   *
   * @param who takes it
   * @param name what it is called
   * @throws Problem 429 if two are on their way to that person already
   */
  public ResponseEntity<StreamingResponseBody> of(
      UUID who, String name, MediaType type, Writing writing) {
    Instant begun = begin(who);
    HttpHeaders headers = new HttpHeaders();
    headers.setContentDisposition(ContentDisposition.attachment().filename(name).build());
    return ResponseEntity.ok()
        .contentType(type)
        .headers(headers)
        .body(
            out -> {
              try {
                send(writing, out);
              } finally {
                end(who, begun);
              }
            });
  }

  private void send(Writing writing, OutputStream out) throws IOException {
    Path part = Files.createTempFile(folder, PART, ".part");
    try {
      try (OutputStream file = Files.newOutputStream(part)) {
        writing.to(file);
      }
      Files.copy(part, out);
    } finally {
      Files.deleteIfExists(part);
    }
  }

  private synchronized Instant begin(UUID who) {
    Instant now = clock.instant();
    Deque<Instant> here = onTheirWay.computeIfAbsent(who, unused -> new ArrayDeque<>());
    here.removeIf(begun -> begun.isBefore(now.minus(LONGEST)));
    if (here.size() >= MOST_AT_ONCE) {
      throw Problem.tooOften(Fact.of("refused.filesUnderWay"));
    }
    here.add(now);
    return now;
  }

  private synchronized void end(UUID who, Instant begun) {
    Deque<Instant> here = onTheirWay.get(who);
    if (here != null) {
      here.remove(begun);
      if (here.isEmpty()) {
        onTheirWay.remove(who);
      }
    }
  }

  /** What a server that was killed left half written. */
  private void clear() {
    try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, PART + "*.part")) {
      for (Path each : left) {
        Files.deleteIfExists(each);
      }
    } catch (IOException unread) {
      LOG.warn("Half written downloads stay in {}: {}", folder, unread.toString());
    }
  }
}
