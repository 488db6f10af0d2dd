package tavrel.server.http;

import java.util.HashMap;
import java.util.Map;

/**
 * Files that people bring in. Each holds a thread while it comes, however slowly: so nobody has
 * more than two on their way, and all together leave most threads to everybody else.
 */
final class FilesComingIn {

  private static final int OF_ONE_PERSON = 2;
  private static final int OF_ALL = 8;

  private final Map<String, Integer> byPerson = new HashMap<>();
  private int together;

  /** Tells whether one more of this person may come in; if so, it must be ended. */
  synchronized boolean begin(String who) {
    int own = byPerson.getOrDefault(who, 0);
    if (own >= OF_ONE_PERSON || together >= OF_ALL) {
      return false;
    }
    byPerson.put(who, own + 1);
    together++;
    return true;
  }

  /** One of this person is in, or broken off. */
  synchronized void end(String who) {
    byPerson.computeIfPresent(who, (same, own) -> own == 1 ? null : own - 1);
    together--;
  }
}
