package tavrel.e2e;

import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/** Waits for a condition, and says which one never came true. */
final class Until {

  private static final Duration LOOK_EVERY = Duration.ofMillis(75);

  /** What has not come by then takes longer: who looks often holds it up. */
  private static final Duration SOON = Duration.ofSeconds(2);

  private static final Duration THEN_EVERY = Duration.ofMillis(300);
  private static final Duration TAPS_APART = Duration.ofMillis(800);

  private Until() {}

  static void within(Duration limit, String what, BooleanSupplier condition) {
    within(limit, () -> what, condition);
  }

  /** The same, with words that are found only when they are needed. */
  static void within(Duration limit, Supplier<String> what, BooleanSupplier condition) {
    Instant begin = Instant.now();
    Instant end = begin.plus(limit);
    while (!condition.getAsBoolean()) {
      if (Instant.now().isAfter(end)) {
        throw new AssertionError(
            "Within " + limit.toSeconds() + " s it never came true that " + what.get());
      }
      boolean soon = Instant.now().isBefore(begin.plus(SOON));
      LockSupport.parkNanos((soon ? LOOK_EVERY : THEN_EVERY).toNanos());
    }
  }

  /** From when on a second tap counts. */
  static Instant aTapCountsFrom() {
    return Instant.now().plus(TAPS_APART);
  }

  /** Waits until a second tap counts: one that comes sooner is taken for a slip of the glove. */
  static void nextTapCounts() {
    LockSupport.parkNanos(TAPS_APART.toNanos());
  }
}
