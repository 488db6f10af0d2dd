package tavrel.core.life;

import java.time.LocalDate;
import java.util.UUID;

/**
 * That a hive took something of another's life on.
 *
 * @param hiveId the one that took on
 * @param otherId the other
 * @param day on which
 * @param by what ties them
 */
public record Tie(UUID hiveId, UUID otherId, LocalDate day, TieKind by) {

  /** What ties a hive to another. */
  public enum TieKind {
    /** It was split from the other. */
    SPLIT,
    /** The other was united into it. */
    UNION,
    /** Supers came from the other: only the wait for their honey came along. */
    SUPERS
  }

  /** Whether it was split from the other. */
  boolean split() {
    return by == TieKind.SPLIT;
  }
}
