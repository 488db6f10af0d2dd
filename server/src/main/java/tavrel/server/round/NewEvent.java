package tavrel.server.round;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.yardrun.EventKind;
import tavrel.core.yardrun.RunEvent;

/**
 * An event as a device sends it; who did it is known from the session.
 *
 * @param id made on the device
 * @param hiveId the hive
 * @param kind what happened
 * @param at when, by the device's clock set right by the server's
 * @param load which load, from 1, for burns
 * @param reason why, where that must be said
 * @param undoes the event that was a mistake, for an undo
 */
public record NewEvent(
    UUID id,
    UUID hiveId,
    EventKind kind,
    Instant at,
    @Nullable Integer load,
    @Nullable String reason,
    @Nullable UUID undoes) {

  RunEvent by(String name) {
    return new RunEvent(id, hiveId, kind, at, name, load, reason, undoes);
  }
}
