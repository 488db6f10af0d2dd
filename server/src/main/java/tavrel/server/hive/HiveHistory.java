package tavrel.server.hive;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.life.Evidence;

/** What somebody keeps of hives' days; asked before a day of their life is set. */
public interface HiveHistory {

  /**
   * That a hive was treated or counted.
   *
   * @param hiveId the hive
   * @param day on which
   * @param apiaryId where, or null where only the hive was named
   */
  record Seen(UUID hiveId, LocalDate day, @Nullable UUID apiaryId) {

    Evidence evidence() {
      return new Evidence(day, apiaryId);
    }
  }

  /** The earliest day on which something was done or found at a hive. */
  Optional<LocalDate> firstDay(UUID hiveId);

  /** What was done or found at some hives from a day on. */
  List<Seen> since(Collection<UUID> hiveIds, LocalDate day);
}
