package tavrel.core.life;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Days on which a hive stood in one apiary under one name.
 *
 * @param apiaryId where
 * @param name what it was called
 * @param from first day, or null where nobody said since when
 * @param to first day on which it no longer did so, or null
 */
public record Stay(UUID apiaryId, String name, @Nullable LocalDate from, @Nullable LocalDate to) {

  /** Whether a day is one of them. */
  public boolean holds(LocalDate day) {
    return (from == null || !day.isBefore(from)) && (to == null || day.isBefore(to));
  }

  /** Whether it is over before it began, as where a hive was moved twice on one day. */
  public boolean isEmpty() {
    return from != null && to != null && !from.isBefore(to);
  }
}
