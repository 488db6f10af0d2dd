package tavrel.server.run;

import java.time.LocalDate;
import java.util.UUID;

/**
 * What the register knows of a hive.
 *
 * @param hiveId the hive
 * @param lastDay day of its latest treatment
 * @param thisYear treatments in the calendar year asked for
 */
record TreatedBefore(UUID hiveId, LocalDate lastDay, int thisYear) {}
