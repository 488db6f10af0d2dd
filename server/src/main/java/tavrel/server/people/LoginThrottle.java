package tavrel.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tavrel.core.Fact;
import tavrel.server.http.Problem;

/**
 * Slows down guessing: after five failures from an address, or for a login, each further one
 * doubles the wait, from 5 s up to 15 min. A try counts before it is made, so that many at once are
 * no way around. Where somebody has signed in before, only that place's own failures count: nobody
 * keeps another out by failing on purpose somewhere else.
 */
@Component
class LoginThrottle {

  private static final int FREE = 5;
  private static final Duration SHORTEST = Duration.ofSeconds(5);
  private static final Duration LONGEST = Duration.ofMinutes(15);

  private record Tries(int count, Instant waitUntil) {}

  private final Cache<String, Tries> tries =
      Caffeine.newBuilder().maximumSize(20_000).expireAfterWrite(Duration.ofHours(1)).build();

  /** Logins with the addresses from which they were used, for a season. */
  private final Cache<String, Boolean> usedHere =
      Caffeine.newBuilder().maximumSize(20_000).expireAfterWrite(Duration.ofDays(120)).build();

  private final Clock clock;

  LoginThrottle(Clock clock) {
    this.clock = clock;
  }

  /**
   * Counts a try that is about to be made.
   *
   * @throws Problem 429 while one must wait, saying how long; that try does not count
   */
  synchronized void begin(String login, String address) {
    List<String> keys = keys(login, address);
    for (String key : keys) {
      Tries past = tries.getIfPresent(key);
      if (past != null && clock.instant().isBefore(past.waitUntil())) {
        long seconds = Math.max(1, Duration.between(clock.instant(), past.waitUntil()).toSeconds());
        throw Problem.tooOften(Fact.of("refused.tooManyTries").count("wait", seconds, "second"));
      }
    }
    for (String key : keys) {
      Tries past = tries.getIfPresent(key);
      tries.put(key, after(past == null ? 1 : past.count() + 1));
    }
  }

  /**
   * The try was right: what was counted for the login is forgotten, and this try of the address.
   */
  synchronized void succeeded(String login, String address) {
    tries.invalidate(login(login));
    tries.invalidate(here(login, address));
    Tries ofAddress = tries.getIfPresent(address(address));
    if (ofAddress != null) {
      tries.put(address(address), new Tries(ofAddress.count() - 1, Instant.EPOCH));
    }
    usedHere.put(here(login, address), true);
  }

  private Tries after(int count) {
    if (count < FREE) {
      return new Tries(count, Instant.EPOCH);
    }
    long factor = 1L << Math.min(20, count - FREE);
    Duration wait = SHORTEST.multipliedBy(factor);
    return new Tries(count, clock.instant().plus(wait.compareTo(LONGEST) > 0 ? LONGEST : wait));
  }

  private List<String> keys(String login, String address) {
    String here = here(login, address);
    List<String> keys = new ArrayList<>(List.of(here, address(address)));
    if (usedHere.getIfPresent(here) == null) {
      keys.add(login(login));
    }
    return keys;
  }

  private static String login(String login) {
    return "login " + login.strip().toLowerCase(Locale.ROOT);
  }

  private static String address(String address) {
    return "address " + address;
  }

  private static String here(String login, String address) {
    return login(login) + " from " + address;
  }
}
