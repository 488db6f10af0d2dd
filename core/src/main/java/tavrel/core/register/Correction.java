package tavrel.core.register;

import java.time.Instant;
import java.util.UUID;
import tavrel.core.InvalidValue;

/**
 * A visible correction of one field of a register entry. It is never changed; who erred in it
 * writes a further one.
 *
 * @param id made on the device
 * @param field what it puts right
 * @param was what stood there before, as the person saw it
 * @param becomes what holds from now on
 * @param why the reason, as typed
 * @param by who wrote it
 * @param at when
 */
public record Correction(
    UUID id, EntryField field, String was, String becomes, String why, String by, Instant at) {

  private static final int LONGEST_REASON = 500;

  /**
   * @throws InvalidValue if the field cannot hold the new value, nothing changes, or no reason is
   *     given
   */
  public Correction {
    becomes = field.checked(becomes);
    why = InvalidValue.text("why", why, LONGEST_REASON);
    if (becomes.equals(was)) {
      throw new InvalidValue("becomes", "whatStandsThereAlready", "is what stands there already");
    }
  }
}
