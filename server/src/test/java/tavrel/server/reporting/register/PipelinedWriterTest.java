package tavrel.server.reporting.register;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PipelinedWriterTest {

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 249, 250, 251, 5_003})
  void everything_is_written_once_in_the_order_given(int rows) throws IOException {
    List<Integer> written = new ArrayList<>();
    try (PipelinedWriter<Integer> behind = new PipelinedWriter<>(written::add)) {
      for (int i = 0; i < rows; i++) {
        behind.add(i);
      }
      behind.finish();
    }
    assertThat(written).isEqualTo(IntStream.range(0, rows).boxed().toList());
  }

  @Test
  void a_slow_writer_holds_the_reader_back() throws Exception {
    CountDownLatch stuck = new CountDownLatch(1);
    AtomicInteger read = new AtomicInteger();
    try (PipelinedWriter<Integer> behind = new PipelinedWriter<>(each -> wait(stuck))) {
      Thread reader =
          new Thread(
              () -> {
                try {
                  for (int i = 0; i < 10_000; i++) {
                    behind.add(i);
                    read.incrementAndGet();
                  }
                } catch (IOException broken) {
                  throw new IllegalStateException(broken);
                }
              });
      reader.start();
      reader.join(300);
      assertThat(read.get()).isLessThan(2_000);
      stuck.countDown();
      reader.join();
      assertThat(read.get()).isEqualTo(10_000);
    }
  }

  @Test
  void a_reader_learns_that_nobody_takes_what_is_written() {
    try (PipelinedWriter<Integer> behind =
        new PipelinedWriter<>(
            each -> {
              throw new IOException("gone away");
            })) {
      assertThatExceptionOfType(IOException.class)
          .isThrownBy(
              () -> {
                for (int i = 0; i < 100_000; i++) {
                  behind.add(i);
                }
              })
          .withMessage("gone away");
    }
  }

  @Test
  void a_fault_in_the_last_batch_is_not_lost() throws IOException {
    try (PipelinedWriter<Integer> behind =
        new PipelinedWriter<>(
            each -> {
              throw new IllegalArgumentException("cannot be written");
            })) {
      behind.add(1);
      assertThatIllegalStateException()
          .isThrownBy(behind::finish)
          .withMessageContaining("cannot be written");
    }
  }

  @Test
  void after_it_is_closed_nothing_is_written_any_more() throws Exception {
    AtomicInteger written = new AtomicInteger();
    try (PipelinedWriter<Integer> behind =
        new PipelinedWriter<>(
            each -> {
              LockSupport.parkNanos(1_000_000);
              written.incrementAndGet();
            })) {
      for (int i = 0; i < 1_000; i++) {
        behind.add(i);
      }
    }
    int then = written.get();
    assertThat(then).isLessThan(1_000);
    Thread.sleep(50);
    assertThat(written.get()).isEqualTo(then);
  }

  private static void wait(CountDownLatch latch) throws IOException {
    try {
      if (!latch.await(10, TimeUnit.SECONDS)) {
        throw new IOException("nobody let go");
      }
    } catch (InterruptedException stopped) {
      throw new IOException(stopped);
    }
  }
}
