package tavrel.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class ReckonedTest {

  private static final Duration LONG = Duration.ofSeconds(20);

  private final AtomicInteger changes = new AtomicInteger();
  private final AtomicInteger reckoned = new AtomicInteger();

  @Test
  void it_is_reckoned_once_while_nothing_changes_and_anew_after_a_change() {
    Reckoned<Integer> each = new Reckoned<>("each", changes::get, reckoned::incrementAndGet, LONG);

    assertThat(each.now()).contains(1);
    assertThat(each.now()).contains(1);
    changes.incrementAndGet();
    assertThat(each.now()).contains(2);
  }

  @Test
  void nobody_is_shown_what_is_of_the_past_and_nobody_waits_long() throws Exception {
    CountDownLatch go = new CountDownLatch(1);
    Reckoned<Integer> slow =
        new Reckoned<>(
            "slow",
            changes::get,
            () -> {
              await(go);
              return reckoned.incrementAndGet();
            },
            Duration.ofMillis(1));

    assertThat(slow.now()).isEmpty();
    go.countDown();
    assertThat(slow.awaited()).isEqualTo(1);
    assertThat(slow.now()).contains(1);
  }

  @Test
  void a_change_while_it_is_reckoned_has_it_reckoned_again() {
    Reckoned<Integer> moving =
        new Reckoned<>(
            "moving",
            changes::get,
            () -> {
              int now = reckoned.incrementAndGet();
              if (now == 1) {
                changes.incrementAndGet();
              }
              return now;
            },
            LONG);

    assertThat(moving.now()).contains(2);
  }

  @Test
  void what_cannot_be_reckoned_is_said_and_tried_again() {
    Reckoned<Integer> failing =
        new Reckoned<>(
            "failing",
            changes::get,
            () -> {
              if (reckoned.incrementAndGet() == 1) {
                throw new IllegalArgumentException("once");
              }
              return 7;
            },
            LONG);

    assertThatIllegalStateException().isThrownBy(failing::now).withMessageContaining("failing");
    assertThat(failing.now()).contains(7);
  }

  private static void await(CountDownLatch latch) {
    try {
      assertThat(latch.await(LONG.toSeconds(), TimeUnit.SECONDS)).isTrue();
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }
}
