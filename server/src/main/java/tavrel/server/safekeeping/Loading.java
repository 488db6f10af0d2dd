package tavrel.server.safekeeping;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;

/**
 * Steps on a database that is being filled. Each begins as soon as those that it needs are done:
 * rows are put in and read on two threads; tables are changed on a third, since the database lets
 * one connection at a time do so.
 */
final class Loading implements AutoCloseable {

  private static final int WORKERS = 2;
  private static final int SECONDS_TO_STOP = 60;

  /** Something done on a connection that it has for itself. */
  interface Step {

    void on(Connection connection) throws SQLException, IOException;
  }

  /** That a step is done, for those that need it. */
  record Done(CompletableFuture<Void> step) {

    /** Needs nothing. */
    static final Done ALREADY = new Done(CompletableFuture.completedFuture(null));
  }

  private final String url;
  private final ExecutorService rows = Executors.newFixedThreadPool(WORKERS);
  private final ExecutorService tables = Executors.newSingleThreadExecutor();
  private final List<CompletableFuture<Void>> steps = new ArrayList<>();
  private final CompletableFuture<Void> broken = new CompletableFuture<>();

  Loading(String url) {
    this.url = url;
  }

  /** Puts rows in or reads them, once what it needs is done. */
  Done rows(Collection<Done> needed, Step step) {
    return step(needed, rows, step);
  }

  /** Changes a table, once what it needs is done. */
  Done table(Collection<Done> needed, Step step) {
    return step(needed, tables, step);
  }

  private Done step(Collection<Done> needed, ExecutorService on, Step step) {
    CompletableFuture<Void> done =
        all(needed.stream().map(Done::step).toList()).thenRunAsync(() -> run(step), on);
    steps.add(
        done.whenComplete(
            (nothing, failure) -> {
              if (failure != null) {
                broken.completeExceptionally(failure);
              }
            }));
    return new Done(done);
  }

  private static CompletableFuture<Void> all(List<CompletableFuture<Void>> steps) {
    return CompletableFuture.allOf(steps.toArray(CompletableFuture[]::new));
  }

  private void run(Step step) {
    try (Connection own = DriverManager.getConnection(url, DatabaseSwap.USER, "")) {
      step.on(own);
    } catch (SQLException failed) {
      throw new CompletionException(failed);
    } catch (IOException failed) {
      throw new UncheckedIOException(failed);
    }
  }

  /**
   * Waits until every step so far is done, or one has failed.
   *
   * @throws SQLException if the database refused something
   * @throws IOException if the disk fails
   */
  void await() throws SQLException, IOException {
    try {
      CompletableFuture.anyOf(all(steps), broken).join();
    } catch (CompletionException failed) {
      Throwable cause = failed.getCause();
      if (cause instanceof SQLException refused) {
        throw refused;
      }
      if (cause instanceof UncheckedIOException disk) {
        throw disk.getCause();
      }
      if (cause instanceof RuntimeException refused) {
        throw refused;
      }
      throw failed;
    }
  }

  /** Stops what has not begun, and waits for what has: the files can be cleared away after it. */
  @Override
  public void close() {
    rows.shutdownNow();
    tables.shutdownNow();
    try {
      rows.awaitTermination(SECONDS_TO_STOP, TimeUnit.SECONDS);
      tables.awaitTermination(SECONDS_TO_STOP, TimeUnit.SECONDS);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }
}
