package tavrel.core.life;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.UUID;

/**
 * What happened on a day, and who said so.
 *
 * @param id key, made on the device that wrote it
 * @param day on which it happened
 * @param what happened
 * @param by who said so
 * @param at when it was written down
 */
public record LifeEntry(UUID id, LocalDate day, LifeEvent what, String by, Instant at) {

  /** As it happened; on one day, what was written later came later. */
  public static final Comparator<LifeEntry> BY_DAY =
      Comparator.comparing(LifeEntry::day)
          .thenComparing(LifeEntry::at)
          .thenComparing(LifeEntry::id);
}
