package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tavrel.server.http.Problem;

class LoginThrottleTest {

  private static final Instant NOON = Instant.parse("2026-08-18T12:00:00Z");

  private final Clock clock = mock(Clock.class);
  private final LoginThrottle throttle = new LoginThrottle(clock);

  private Instant now = NOON;

  @BeforeEach
  void noon() {
    when(clock.instant()).thenReturn(NOON);
  }

  @Test
  void four_slips_are_free_and_the_fifth_makes_one_wait() {
    tryWrong(4);
    assertThatCode(() -> throttle.begin("wren", "home")).doesNotThrowAnyException();
    assertThatThrownBy(() -> throttle.begin("wren", "home"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("Wait 5 s");
  }

  @Test
  void each_further_failure_doubles_the_wait_up_to_a_quarter_of_an_hour() {
    tryWrong(7);
    assertThatThrownBy(() -> throttle.begin("wren", "home")).hasMessageContaining("Wait 20 s");
    tryWrong(20);
    assertThatThrownBy(() -> throttle.begin("wren", "home")).hasMessageContaining("Wait 900 s");
  }

  @Test
  void the_wait_ends() {
    tryWrong(5);
    now = now.plusSeconds(5);
    when(clock.instant()).thenReturn(now);
    assertThatCode(() -> throttle.begin("wren", "home")).doesNotThrowAnyException();
  }

  @Test
  void of_forty_tries_at_once_no_more_than_five_are_made() throws Exception {
    AtomicInteger made = new AtomicInteger();
    ExecutorService threads = Executors.newFixedThreadPool(40);
    CountDownLatch go = new CountDownLatch(1);
    List<Future<?>> all = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      all.add(
          threads.submit(
              () -> {
                go.await();
                try {
                  throttle.begin("wren", "elsewhere");
                  made.incrementAndGet();
                } catch (Problem waits) {
                  // as it should be
                }
                return null;
              }));
    }
    go.countDown();
    for (Future<?> each : all) {
      each.get(10, TimeUnit.SECONDS);
    }
    threads.shutdownNow();
    assertThat(made.get()).isEqualTo(5);
  }

  @Test
  void an_address_that_tries_many_logins_waits_too_and_a_login_guessed_from_many_places() {
    for (int i = 0; i < 5; i++) {
      throttle.begin("login" + i, "attacker");
      throttle.begin("Ida ", "place" + i);
    }
    assertThatThrownBy(() -> throttle.begin("fresh", "attacker")).isInstanceOf(Problem.class);
    assertThatThrownBy(() -> throttle.begin("ida", "elsewhere")).isInstanceOf(Problem.class);
    assertThatCode(() -> throttle.begin("tam", "home")).doesNotThrowAnyException();
  }

  @Test
  void nobody_is_kept_out_of_a_place_where_he_has_signed_in_by_failures_elsewhere() {
    throttle.begin("ida", "home");
    throttle.succeeded("ida", "home");
    for (int i = 0; i < 30; i++) {
      try {
        throttle.begin("ida", "place" + i);
      } catch (Problem waits) {
        // the stranger's
      }
    }
    assertThatCode(() -> throttle.begin("ida", "home")).doesNotThrowAnyException();
    assertThatThrownBy(() -> throttle.begin("ida", "another")).isInstanceOf(Problem.class);
  }

  @Test
  void a_right_try_clears_the_login_and_counts_not_against_its_address() {
    for (int i = 0; i < 20; i++) {
      throttle.begin("wren", "home");
      throttle.succeeded("wren", "home");
    }
    tryWrong(4);
    throttle.begin("wren", "home");
    throttle.succeeded("wren", "home");
    assertThatCode(() -> throttle.begin("wren", "home")).doesNotThrowAnyException();
  }

  /** Wrong tries, each after its wait. */
  private void tryWrong(int times) {
    for (int i = 0; i < times; i++) {
      now = now.plusSeconds(900);
      when(clock.instant()).thenReturn(now);
      throttle.begin("wren", "home");
    }
  }
}
