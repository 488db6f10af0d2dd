package tavrel.server.store;

import java.time.Clock;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What is reckoned from the tables and kept while nothing is written. Every quarter of an hour it
 * is reckoned anew all the same: at one of them it is midnight somewhere.
 */
@Component
public class Reckonings {

  private static final long QUARTER_SECONDS = 900;

  private record AsOf(long changes, long quarter) {}

  private final Changes changes;
  private final Clock clock;
  private final Duration patience;

  Reckonings(Changes changes, Clock clock, @Value("${tavrel.patience:120ms}") Duration patience) {
    this.changes = changes;
    this.clock = clock;
    this.patience = patience;
  }

  /**
   * Keeps something from now on.
   *
   * @param name what it is called in a log
   * @param reckon how it is reckoned
   */
  public <V> Reckoned<V> keep(String name, Supplier<V> reckon) {
    return new Reckoned<>(
        name,
        () -> new AsOf(changes.number(), clock.instant().getEpochSecond() / QUARTER_SECONDS),
        reckon,
        patience);
  }
}
