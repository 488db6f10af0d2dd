package tavrel.server.reporting.register;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Writes what one thread reads from a second one, in the order given and a few batches behind, so
 * that reading and writing long answers go on at once. What is behind is bounded.
 *
 * @param <T> what is written
 */
final class PipelinedWriter<T> implements AutoCloseable {

  /** Writes one. */
  @FunctionalInterface
  interface Writer<T> {
    void write(T each) throws IOException;
  }

  private static final int BATCH = 250;
  private static final int MOST_BEHIND = 4;

  private final Writer<T> writer;
  private final ExecutorService second =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "write-behind");
            thread.setDaemon(true);
            return thread;
          });
  private final Deque<Future<?>> behind = new ArrayDeque<>();
  private List<T> batch = new ArrayList<>(BATCH);
  private volatile boolean over;

  PipelinedWriter(Writer<T> writer) {
    this.writer = writer;
  }

  /**
   * Hands one on.
   *
   * @throws IOException what writing an earlier one threw
   */
  void add(T each) throws IOException {
    batch.add(each);
    if (batch.size() == BATCH) {
      handOn();
      if (behind.size() > MOST_BEHIND) {
        await(behind.remove());
      }
    }
  }

  /**
   * Waits until everything is written.
   *
   * @throws IOException what writing threw
   */
  void finish() throws IOException {
    handOn();
    while (!behind.isEmpty()) {
      await(behind.remove());
    }
  }

  /** Writes no more than what it is at, and returns once nothing is being written any more. */
  @Override
  public void close() {
    over = true;
    second.shutdown();
    boolean interrupted = false;
    while (!second.isTerminated()) {
      try {
        second.awaitTermination(1, TimeUnit.MINUTES);
      } catch (InterruptedException stopped) {
        interrupted = true;
      }
    }
    if (interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private void handOn() {
    List<T> full = batch;
    batch = new ArrayList<>(BATCH);
    behind.add(
        second.submit(
            (Callable<Void>)
                () -> {
                  for (int i = 0; i < full.size() && !over; i++) {
                    writer.write(full.get(i));
                  }
                  return null;
                }));
  }

  private static void await(Future<?> written) throws IOException {
    try {
      written.get();
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new IOException("Stopped while writing.", stopped);
    } catch (ExecutionException broken) {
      if (broken.getCause() instanceof IOException cannot) {
        throw cannot;
      }
      throw new IllegalStateException(broken.getCause());
    }
  }
}
