package tavrel.server.people;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tavrel.server.http.Problem;

class LoginThrottleTest {

  private static final Instant NOON = Instant.parse("2026-08-18T12:00:00Z");

  private final Clock clock = mock(Clock.class);
  private final LoginThrottle throttle = new LoginThrottle(clock);

  @BeforeEach
  void noon() {
    when(clock.instant()).thenReturn(NOON);
  }

  @Test
  void four_slips_are_free_and_the_fifth_makes_one_wait() {
    fail(4);
    assertThatCode(() -> throttle.check("wren", "home")).doesNotThrowAnyException();
    fail(1);
    assertThatThrownBy(() -> throttle.check("wren", "home"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("Wait 5 s");
  }

  @Test
  void each_further_failure_doubles_the_wait_up_to_a_quarter_of_an_hour() {
    fail(7);
    assertThatThrownBy(() -> throttle.check("wren", "home")).hasMessageContaining("Wait 20 s");
    fail(40);
    assertThatThrownBy(() -> throttle.check("wren", "home")).hasMessageContaining("Wait 900 s");
  }

  @Test
  void the_wait_ends() {
    fail(5);
    when(clock.instant()).thenReturn(NOON.plusSeconds(5));
    assertThatCode(() -> throttle.check("wren", "home")).doesNotThrowAnyException();
  }

  @Test
  void an_address_that_tries_many_logins_waits_too_and_a_login_guessed_from_many_places() {
    for (int i = 0; i < 5; i++) {
      throttle.failed("login" + i, "attacker");
      throttle.failed("Ida ", "place" + i);
    }
    assertThatThrownBy(() -> throttle.check("fresh", "attacker")).isInstanceOf(Problem.class);
    assertThatThrownBy(() -> throttle.check("ida", "elsewhere")).isInstanceOf(Problem.class);
    assertThatCode(() -> throttle.check("tam", "home")).doesNotThrowAnyException();
  }

  private void fail(int times) {
    for (int i = 0; i < times; i++) {
      throttle.failed("wren", "home");
    }
  }
}
