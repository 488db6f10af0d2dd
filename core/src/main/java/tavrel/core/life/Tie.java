package tavrel.core.life;

import java.time.LocalDate;
import java.util.UUID;

/**
 * That a hive took something of another's life on: a split of its mother's, or the receiver of a
 * union of the one that was put into it.
 *
 * @param hiveId the one that took on
 * @param otherId the other
 * @param day on which
 * @param split whether it was split from the other; else the other was united into it
 */
public record Tie(UUID hiveId, UUID otherId, LocalDate day, boolean split) {}
