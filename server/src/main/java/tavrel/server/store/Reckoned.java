package tavrel.server.store;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Something that takes a while to reckon: kept, and reckoned anew in the background once it is
 * asked for after a change. Nobody waits long for it, and nobody is shown what is of the past.
 *
 * @param <V> what it is; unchanging
 */
public final class Reckoned<V> {

  private static final Logger LOG = LoggerFactory.getLogger(Reckoned.class);

  private static final Duration LONGEST = Duration.ofSeconds(30);

  private record Done<V>(Object asOf, V value) {}

  private final String name;
  private final Supplier<Object> asOf;
  private final Supplier<V> reckon;
  private final Duration patience;
  private final ExecutorService thread;
  private volatile @Nullable Done<V> done;
  private @Nullable Future<?> running;

  /**
   * Prepares it; nothing is reckoned yet.
   *
   * @param name what it is called in a log
   * @param asOf what it is reckoned from: while this is equal, it holds
   * @param reckon how
   * @param patience how long anybody waits for it
   */
  Reckoned(String name, Supplier<Object> asOf, Supplier<V> reckon, Duration patience) {
    this.name = name;
    this.asOf = asOf;
    this.reckon = reckon;
    this.patience = patience;
    thread =
        Executors.newSingleThreadExecutor(
            runnable -> {
              Thread own = new Thread(runnable, "reckoning-" + name);
              own.setDaemon(true);
              return own;
            });
  }

  /** What it is now; empty while it is being reckoned and patience is out. */
  public Optional<V> now() {
    return within(patience);
  }

  /**
   * The same for who can wait.
   *
   * @throws IllegalStateException if it is not there after half a minute
   */
  public V awaited() {
    return within(LONGEST)
        .orElseThrow(() -> new IllegalStateException(name + " takes too long to reckon"));
  }

  private Optional<V> within(Duration wait) {
    long until = System.nanoTime() + wait.toNanos();
    while (true) {
      Done<V> known = done;
      if (known != null && known.asOf.equals(asOf.get())) {
        return Optional.of(known.value);
      }
      if (!waited(begun(), until - System.nanoTime())) {
        return Optional.empty();
      }
    }
  }

  private synchronized Future<?> begun() {
    Future<?> job = running;
    if (job == null || job.isDone()) {
      job = thread.submit(this::run);
      running = job;
    }
    return job;
  }

  private void run() {
    Object from = asOf.get();
    done = new Done<>(from, reckon.get());
  }

  private boolean waited(Future<?> job, long nanos) {
    try {
      job.get(Math.max(1, nanos), TimeUnit.NANOSECONDS);
      return true;
    } catch (TimeoutException stillReckoning) {
      return false;
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      return false;
    } catch (ExecutionException failed) {
      LOG.error("{} could not be reckoned", name, failed.getCause());
      throw new IllegalStateException(name + " could not be reckoned", failed.getCause());
    }
  }
}
