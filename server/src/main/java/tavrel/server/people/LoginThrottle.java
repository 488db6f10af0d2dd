package tavrel.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tavrel.server.http.Problem;

/**
 * Slows down guessing: after five failures for a login or from an address, each further failure
 * doubles the wait, from 5 s up to 15 min.
 */
@Component
class LoginThrottle {

  private static final int FREE = 5;
  private static final Duration SHORTEST = Duration.ofSeconds(5);
  private static final Duration LONGEST = Duration.ofMinutes(15);

  private record Failures(int count, Instant waitUntil) {}

  private final Cache<String, Failures> failures =
      Caffeine.newBuilder().maximumSize(20_000).expireAfterWrite(Duration.ofHours(1)).build();
  private final Clock clock;

  LoginThrottle(Clock clock) {
    this.clock = clock;
  }

  /**
   * Refuses while either key must wait.
   *
   * @throws Problem 429, saying how long
   */
  void check(String login, String address) {
    for (String key : keys(login, address)) {
      Failures past = failures.getIfPresent(key);
      if (past != null && clock.instant().isBefore(past.waitUntil())) {
        long seconds = Math.max(1, Duration.between(clock.instant(), past.waitUntil()).toSeconds());
        throw Problem.tooOften("Too many wrong tries. Wait " + seconds + " s, then try again.");
      }
    }
  }

  /** Counts a failure. */
  void failed(String login, String address) {
    for (String key : keys(login, address)) {
      failures.asMap().compute(key, (k, past) -> next(past == null ? 1 : past.count() + 1));
    }
  }

  /** Forgets a login's failures; the address keeps its own. */
  void succeeded(String login) {
    failures.invalidate(loginKey(login));
  }

  private Failures next(int count) {
    if (count < FREE) {
      return new Failures(count, Instant.EPOCH);
    }
    long factor = 1L << Math.min(20, count - FREE);
    Duration wait = SHORTEST.multipliedBy(factor);
    return new Failures(count, clock.instant().plus(wait.compareTo(LONGEST) > 0 ? LONGEST : wait));
  }

  private static String[] keys(String login, String address) {
    return new String[] {loginKey(login), "address " + address};
  }

  private static String loginKey(String login) {
    return "login " + login.strip().toLowerCase(Locale.ROOT);
  }
}
