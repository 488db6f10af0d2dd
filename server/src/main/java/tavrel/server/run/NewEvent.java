package tavrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.run.EventKind;
import tavrel.core.run.RunEvent;

/**
 * An event as a device sends it; who did it is known from the session.
 *
 * @param id made on the device
 * @param hiveId the hive, or null for what concerns the crew or a tool
 * @param kind what happened
 * @param at when, by the device's clock set right by the server's
 * @param load which load, from 1, for burns
 * @param reason why, where that must be said
 * @param undoes the event that was a mistake, for an undo
 * @param tool number of the run's tool that did it, or null
 * @param clockOff how far the device's clock is ahead of the server's, s, where {@code at} was set
 *     right by it; or null
 * @param deviceAt when, by the device's bare clock, where it has not learned how far that is off
 */
public record NewEvent(
    UUID id,
    @Nullable UUID hiveId,
    EventKind kind,
    Instant at,
    @Nullable Integer load,
    @Nullable String reason,
    @Nullable UUID undoes,
    @Nullable Integer tool,
    @Nullable Integer clockOff,
    @Nullable Instant deviceAt) {

  /** A clock that is off by less than this is as good as right, s. */
  private static final int AS_GOOD_AS_RIGHT = 2;

  /** An event at a hive, without a word on tools or clocks. */
  public static NewEvent at(
      UUID id,
      UUID hiveId,
      EventKind kind,
      Instant at,
      @Nullable Integer load,
      @Nullable String reason) {
    return new NewEvent(id, hiveId, kind, at, load, reason, null, null, null, null);
  }

  /** That an event at a hive was a mistake. */
  static NewEvent undoing(UUID id, UUID hiveId, Instant at, UUID undoes) {
    return new NewEvent(id, hiveId, EventKind.UNDONE, at, null, null, undoes, null, null, null);
  }

  /**
   * The event as it is kept.
   *
   * @param deviceAhead how far the device's clock is ahead of ours now, or null where that is not
   *     known
   * @param ourLag how far our own clock is behind the true time, s: 0 but in the demo, whose clock
   *     is made up; devices are not to blame for it
   */
  RunEvent by(String name, @Nullable Duration deviceAhead, int ourLag) {
    Instant meant = deviceAt == null || deviceAhead == null ? null : deviceAt.minus(deviceAhead);
    Integer told =
        meant == null || deviceAhead == null
            ? clockOff
            : Integer.valueOf((int) deviceAhead.toSeconds());
    int off = told == null ? 0 : told - ourLag;
    return new RunEvent(
        id,
        hiveId,
        kind,
        meant == null ? at : meant,
        name,
        load,
        reason,
        undoes,
        tool,
        Math.abs(off) < AS_GOOD_AS_RIGHT ? null : off);
  }
}
