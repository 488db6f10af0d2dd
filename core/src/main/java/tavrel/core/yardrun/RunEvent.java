package tavrel.core.yardrun;

import java.time.Instant;
import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * One entry of a run's log, made on the device that saw it happen and never changed.
 *
 * @param id made on the device; the same id is the same event, however often it arrives
 * @param hiveId the hive it happened to
 * @param kind what happened
 * @param at when, UTC
 * @param by who did it
 * @param load which load, from 1, for the events of a burn; otherwise null
 * @param reason why or what, where that must be said
 * @param undoes the event that was a mistake, for {@link EventKind#UNDONE}; otherwise null
 */
public record RunEvent(
    UUID id,
    UUID hiveId,
    EventKind kind,
    Instant at,
    String by,
    @Nullable Integer load,
    @Nullable String reason,
    @Nullable UUID undoes) {

  /** Order of happening; the same however the events arrive. */
  public static final Comparator<RunEvent> BY_TIME =
      Comparator.comparing(RunEvent::at).thenComparing(RunEvent::kind).thenComparing(RunEvent::id);

  /** Longest reason or note, in characters. */
  public static final int LONGEST_REASON = 500;

  /**
   * @throws InvalidValue if a part is missing that this kind of event needs
   */
  public RunEvent {
    reason =
        reason == null || reason.isBlank()
            ? null
            : InvalidValue.text("reason", reason, LONGEST_REASON);
    switch (kind) {
      case LOADED, BURN_STARTED, BURN_ENDED, RELEASED -> {
        if (load == null) {
          throw new InvalidValue("load", "is missing; say which load, from 1");
        }
        InvalidValue.inRange("load", load, 1, 99, "as load number");
      }
      case SKIPPED, ABORTED, NOTE -> {
        if (reason == null) {
          throw new InvalidValue("reason", "is missing; say why in a few words");
        }
      }
      case UNDONE -> {
        if (undoes == null) {
          throw new InvalidValue("undoes", "is missing; name the event that was a mistake");
        }
      }
      default -> {}
    }
  }
}
