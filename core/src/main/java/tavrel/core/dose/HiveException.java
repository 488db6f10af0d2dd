package tavrel.core.dose;

import java.util.UUID;
import tavrel.core.InvalidValue;

/**
 * One hive that gets another amount than the round.
 *
 * @param hiveId the hive
 * @param amount what it gets
 * @param reason why, in the keeper's words
 */
public record HiveException(UUID hiveId, Amount amount, String reason) {

  /**
   * @throws InvalidValue if the reason is empty
   */
  public HiveException {
    reason = InvalidValue.text("reason", reason, 200);
  }
}
