package tavrel.server.hive;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** What somebody keeps of hives' days; asked before the day since which a hive stands is set. */
public interface HiveHistory {

  /** The earliest day on which something was done or found at a hive. */
  Optional<LocalDate> firstDay(UUID hiveId);
}
