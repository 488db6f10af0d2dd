package tavrel.server.reporting.due;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tavrel.server.store.Changes;
import tavrel.server.store.Reckoned;

/**
 * What is due, kept while nothing changes. Every quarter of an hour it is reckoned anew: at one of
 * them it is midnight somewhere.
 */
@Component
class TodayReckoned {

  private static final long QUARTER_SECONDS = 900;

  private record AsOf(long changes, long quarter) {}

  private final Reckoned<List<DueTask>> dueTasks;
  private final Duration patience;

  TodayReckoned(
      DueTasks tasks,
      Changes changes,
      Clock clock,
      @Value("${tavrel.patience:100ms}") Duration patience) {
    this.patience = patience;
    dueTasks =
        new Reckoned<>(
            "what-is-due",
            () -> new AsOf(changes.number(), clock.instant().getEpochSecond() / QUARTER_SECONDS),
            tasks::all);
  }

  /** What is due; empty while it is being reckoned. */
  Optional<List<DueTask>> dueTasks() {
    return dueTasks.within(patience);
  }
}
