package tavrel.server.note;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * A note as it is sent.
 *
 * @param about what it is about
 * @param aboutId which one
 * @param says what somebody wrote
 * @param at when, where it had to wait on a device; null for now
 */
record NewNote(About about, UUID aboutId, String says, @Nullable Instant at) {

  private static final int LONGEST = 2_000;

  /**
   * @throws InvalidValue if nothing was written, or too much
   */
  public NewNote {
    says = InvalidValue.text("says", says, LONGEST);
  }
}
