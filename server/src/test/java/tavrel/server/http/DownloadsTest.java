package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

class DownloadsTest {

  private static final UUID WREN = UUID.randomUUID();

  @TempDir Path folder;

  @Test
  void a_file_is_whole_on_the_disk_before_a_byte_goes_to_somebody_who_does_not_read()
      throws Exception {
    Downloads downloads = new Downloads(folder, Clock.systemUTC());
    CountDownLatch written = new CountDownLatch(1);
    CountDownLatch reads = new CountDownLatch(1);
    StreamingResponseBody body =
        body(
            downloads,
            out -> {
              out.write(new byte[100_000]);
              written.countDown();
            });
    ByteArrayOutputStream got = new ByteArrayOutputStream();
    Thread sending = new Thread(() -> send(body, new Unread(got, reads)));
    sending.start();
    assertThat(written.await(5, TimeUnit.SECONDS)).as("nobody has read a byte yet").isTrue();
    assertThat(got.size()).isZero();
    reads.countDown();
    sending.join(5_000);
    assertThat(got.size()).isEqualTo(100_000);
    assertThat(left()).as("nothing stays behind").isEmpty();
  }

  @Test
  void a_third_at_once_is_refused_and_goes_when_one_has_arrived() throws Exception {
    Downloads downloads = new Downloads(folder, Clock.systemUTC());
    StreamingResponseBody first = body(downloads, out -> out.write(1));
    body(downloads, out -> out.write(2));
    assertThatThrownBy(() -> body(downloads, out -> out.write(3)))
        .isInstanceOfSatisfying(
            Problem.class, refused -> assertThat(refused.status().value()).isEqualTo(429));
    assertThat(downloads.of(UUID.randomUUID(), "x", MediaType.TEXT_PLAIN, out -> {}))
        .as("another person's")
        .isNotNull();
    first.writeTo(new ByteArrayOutputStream());
    assertThat(body(downloads, out -> out.write(3))).isNotNull();
  }

  @Test
  void one_that_breaks_off_leaves_nothing_and_holds_no_place() throws Exception {
    Downloads downloads = new Downloads(folder, Clock.systemUTC());
    for (int i = 0; i < 5; i++) {
      StreamingResponseBody broken =
          body(
              downloads,
              out -> {
                throw new IOException("the disk is full");
              });
      assertThatThrownBy(() -> broken.writeTo(new ByteArrayOutputStream()))
          .isInstanceOf(IOException.class);
    }
    assertThat(left()).isEmpty();
    Files.writeString(folder.resolve("download-1.part"), "of a server that was killed");
    new Downloads(folder, Clock.systemUTC());
    assertThat(left()).isEmpty();
  }

  private static StreamingResponseBody body(Downloads downloads, Downloads.Writing writing) {
    return Objects.requireNonNull(
        downloads.of(WREN, "x.csv", MediaType.TEXT_PLAIN, writing).getBody());
  }

  private List<Path> left() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.toList();
    }
  }

  private static void send(StreamingResponseBody body, OutputStream out) {
    try {
      body.writeTo(out);
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Takes nothing until somebody reads. */
  private static final class Unread extends OutputStream {

    private final OutputStream to;
    private final CountDownLatch reads;

    Unread(OutputStream to, CountDownLatch reads) {
      this.to = to;
      this.reads = reads;
    }

    @Override
    public void write(int one) throws IOException {
      write(new byte[] {(byte) one}, 0, 1);
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
      try {
        reads.await();
      } catch (InterruptedException stopped) {
        throw new IOException(stopped);
      }
      to.write(bytes, from, length);
    }
  }
}
