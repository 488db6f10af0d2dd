package tavrel.server.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.function.Function;

/**
 * What was read from the tables of some parts of the program, kept until one of them is written to.
 * Whoever has written himself and not finished yet reads past it.
 *
 * @param <K> by what it is asked for
 * @param <V> what it is; unchanging
 */
public final class KeptWhileUnchanged<K, V> {

  private static final long MOST = 2_000;
  private static final Duration UNASKED = Duration.ofMinutes(20);

  private record Entry<V>(long number, V value) {}

  private final Changes changes;
  private final Function<K, V> read;
  private final String[] parts;
  private final Cache<K, Entry<V>> known =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(UNASKED).build();

  /**
   * Keeps nothing yet.
   *
   * @param read how it is read
   * @param parts whose tables it is read from, as {@code "hive"}
   */
  public KeptWhileUnchanged(Changes changes, Function<K, V> read, String... parts) {
    this.changes = changes;
    this.read = read;
    this.parts = parts.clone();
  }

  /** What it is now. */
  public V of(K key) {
    if (changes.areUnderWay()) {
      return read.apply(key);
    }
    long number = changes.number(parts);
    Entry<V> entry = known.getIfPresent(key);
    if (entry == null || entry.number != number) {
      entry = new Entry<>(number, read.apply(key));
      known.put(key, entry);
    }
    return entry.value;
  }
}
