package tavrel.server.run;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A day on which a hive was treated.
 *
 * @param hiveId the hive
 * @param day the day
 */
record TreatedDay(UUID hiveId, LocalDate day) {}
